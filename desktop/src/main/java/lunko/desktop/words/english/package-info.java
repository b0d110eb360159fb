/** English: the words of the program itself. */
package lunko.desktop.words.english;
