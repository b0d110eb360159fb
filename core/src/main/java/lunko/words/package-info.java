/**
 * All that Lunko says: an interface for each subject, with a method for each sentence, and
 * {@link lunko.words.Language}, which has them all. What calls them knows what is to be said; how it is said is a
 * language's affair alone.
 */
package lunko.words;
