/** Tables out of web pages and Markdown. */
package lunko.exchange.page;
