/** How a result is looked at: which columns, in which order, sorted by what. */
package lunko.insight.listing;
