/** The lesson as a document: what is done to it, and its way from and to files. */
package lunko.desktop.lesson;
