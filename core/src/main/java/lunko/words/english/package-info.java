/** English: the words of all that Lunko says, and the only place for its grammar. */
package lunko.words.english;
