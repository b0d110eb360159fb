/**
 * What can be done to a query as a whole, and other queries that say the same: queries as data in, queries as data out.
 */
package lunko.query.change;
