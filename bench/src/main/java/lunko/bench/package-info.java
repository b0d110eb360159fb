/** How fast, as ratios to databases on the same data in the same run. */
package lunko.bench;
