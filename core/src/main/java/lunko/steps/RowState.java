package lunko.steps;

/** What has become of a source row so far. */
public enum RowState {
    /** Nothing yet: it has met no partner, and may still meet one. */
    OPEN,
    /** It has met a partner. */
    MET,
    /** It has no partner and is in the result all the same. */
    KEPT,
    /** It has no partner and is not in the result. */
    LEFT_OUT
}
