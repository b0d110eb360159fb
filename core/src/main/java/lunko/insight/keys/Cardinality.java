package lunko.insight.keys;

import lunko.words.KeySentences;

/** How many rows of one table may match how many of another, read off their rows. */
public record Cardinality(boolean manyLeft, boolean manyRight) {

    /** The same of the two tables in each other's place. */
    public Cardinality turned() {
        return new Cardinality(manyRight, manyLeft);
    }

    /** It in a word: {@code many-to-one}. */
    public String said(KeySentences in) {
        if (manyLeft) return manyRight ? in.manyToMany() : in.manyToOne();
        return manyRight ? in.oneToMany() : in.oneToOne();
    }
}
