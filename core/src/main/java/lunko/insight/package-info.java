/**
 * What can be said about tables and results. Everything here reads the matching; nothing computes a join of its own.
 */
package lunko.insight;
