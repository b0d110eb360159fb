package lunko.query;

import lunko.phrase.Tone;

/** The two sides of a join. */
public enum Side {
    /** The table named before JOIN. */
    LEFT("left", Tone.LEFT),
    /** The table named after JOIN. */
    RIGHT("right", Tone.RIGHT);

    private final String title;
    private final Tone tone;

    Side(String title, Tone tone) {
        this.title = title;
        this.tone = tone;
    }

    /** The side in a sentence: {@code left}. */
    public String title() {
        return title;
    }

    /** The tone in which things of this side are spoken of. */
    public Tone tone() {
        return tone;
    }

    /** The other side. */
    public Side opposite() {
        return this == LEFT ? RIGHT : LEFT;
    }

    /** Of two things that belong to the left and to the right, the one of this side. */
    public <T> T of(T left, T right) {
        return this == LEFT ? left : right;
    }
}
