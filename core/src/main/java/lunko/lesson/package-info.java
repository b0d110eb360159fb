/** The document: tables and the query that shows them, the edits that change it, and their undo. */
package lunko.lesson;
