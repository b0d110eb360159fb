/** A query as data, and as SQL text. */
package lunko.query;
