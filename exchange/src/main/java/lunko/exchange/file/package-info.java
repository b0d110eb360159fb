/** Files as such: text and ZIPs read with care, and files written whole or not at all. */
package lunko.exchange.file;
