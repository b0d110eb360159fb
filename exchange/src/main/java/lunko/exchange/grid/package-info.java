/** Tables that have no types yet, as files and pages hold them. */
package lunko.exchange.grid;
