/** The result of a join or a query, and how it is looked at. */
package lunko.desktop.show.result;
