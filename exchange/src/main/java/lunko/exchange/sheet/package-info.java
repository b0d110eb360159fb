/** Spreadsheets in and out. */
package lunko.exchange.sheet;
