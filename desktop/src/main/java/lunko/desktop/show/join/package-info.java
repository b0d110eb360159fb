/** The join at hand: the two tables, the lanes between them, and the kinds to choose from. */
package lunko.desktop.show.join;
