/** Sentences and queries as text whose parts know what they speak of, for any renderer to set. */
package lunko.phrase;
