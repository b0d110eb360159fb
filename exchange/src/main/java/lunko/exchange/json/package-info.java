/** JSON as values, for what is read and written where there is no library for it, as in a browser. */
package lunko.exchange.json;
