/** Results compared: before and after an edit, of one query and of another that says the same. */
package lunko.insight.comparison;
