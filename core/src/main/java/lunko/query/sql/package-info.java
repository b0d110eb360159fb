/**
 * The language of a lesson: SQL statements as data, read from text and written back to text. The words are those of
 * ISO/IEC 9075-2.
 */
package lunko.query.sql;
