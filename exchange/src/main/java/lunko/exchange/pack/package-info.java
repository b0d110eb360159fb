/** Tabular data packages in and out. */
package lunko.exchange.pack;
