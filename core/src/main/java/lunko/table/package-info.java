/** Tables as values: what a cell can hold, what a column is, and how typed text becomes a value. */
package lunko.table;
