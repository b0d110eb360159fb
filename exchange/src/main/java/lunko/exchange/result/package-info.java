/** The result of a query as text: for a terminal, for a page, for other programs. */
package lunko.exchange.result;
