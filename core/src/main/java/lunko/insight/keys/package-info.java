/** What can be said of the columns that two tables are to be joined by, before they are. */
package lunko.insight.keys;
