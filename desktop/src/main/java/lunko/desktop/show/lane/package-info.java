/** What is drawn in the gap between two grids. */
package lunko.desktop.show.lane;
