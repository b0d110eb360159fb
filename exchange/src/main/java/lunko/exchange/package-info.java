/** Tables in and out; one package for each format. */
package lunko.exchange;
