/**
 * Pictures of a join: the regions of its Venn diagrams, its pair grid, the counts of all kinds, and what belongs to a
 * row.
 */
package lunko.insight.picture;
