/** SQL scripts in and out. */
package lunko.exchange.sql;
