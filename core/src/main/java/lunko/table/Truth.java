package lunko.table;

/** The three truth values of SQL, and how they combine (ISO/IEC 9075-2, boolean value expression). */
public enum Truth {
    /** The predicate holds. */
    TRUE("true"),
    /** The predicate does not hold. */
    FALSE("false"),
    /** It cannot be said, because a NULL is involved. */
    UNKNOWN("unknown");

    private final String id;

    Truth(String id) {
        this.id = id;
    }

    /** The truth value of something that is never unknown. */
    public static Truth of(boolean condition) {
        return condition ? TRUE : FALSE;
    }

    /** The truth value where a program reads it: {@code unknown}. */
    public String id() {
        return id;
    }

    /** Both: false if either is false, unknown if that leaves an unknown. */
    public Truth and(Truth other) {
        if (this == FALSE || other == FALSE) return FALSE;
        return this == TRUE && other == TRUE ? TRUE : UNKNOWN;
    }

    /** Either: true if one of them is true, unknown if that leaves an unknown. */
    public Truth or(Truth other) {
        if (this == TRUE || other == TRUE) return TRUE;
        return this == FALSE && other == FALSE ? FALSE : UNKNOWN;
    }

    /** The opposite; unknown stays unknown. */
    public Truth not() {
        return switch (this) {
            case TRUE -> FALSE;
            case FALSE -> TRUE;
            case UNKNOWN -> UNKNOWN;
        };
    }
}
