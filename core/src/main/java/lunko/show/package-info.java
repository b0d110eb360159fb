/** What is to be seen of a lesson at a moment, as a value: window, picture, page and test have the same. */
package lunko.show;
