/** Tables as grids on the screen: cells, headings, the block that is selected, and what the keyboard does with it. */
package lunko.desktop.grid;
