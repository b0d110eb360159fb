/** The language that the program speaks. */
package lunko.desktop.words;
