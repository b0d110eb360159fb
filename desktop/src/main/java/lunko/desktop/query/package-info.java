/** The query in words: the text that is typed in, and what can be done with it. */
package lunko.desktop.query;
