/** A table of values on the stage, and what can be done to the query at its headings and cells. */
package lunko.desktop.show.table;
