/** Comma-separated values (RFC 4180) in UTF-8: an empty field is NULL, and {@code ""} is the empty text. */
package lunko.exchange.csv;
