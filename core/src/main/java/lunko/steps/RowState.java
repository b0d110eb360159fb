package lunko.steps;

/** What has become of a row that is matched. */
public enum RowState {
    /** Nothing yet: it has met no partner, and may still meet one. */
    OPEN,
    /** It has met a partner. */
    MET,
    /** It may match: NOT IN cannot tell, since there is a NULL. */
    UNKNOWN,
    /** It has no partner and is in the result all the same, or for that very reason. */
    KEPT,
    /** It is not in the result, for want of a partner or because it has one. */
    LEFT_OUT
}
