package lunko.query;

import lunko.phrase.Tone;

/** The two sides of a join. */
public enum Side {
    /** The table named before JOIN. */
    LEFT("left", Tone.LEFT),
    /** The table named after JOIN. */
    RIGHT("right", Tone.RIGHT);

    private final String id;
    private final Tone tone;

    Side(String id, Tone tone) {
        this.id = id;
        this.tone = tone;
    }

    /** The side where a program reads it: {@code left}. */
    public String id() {
        return id;
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
