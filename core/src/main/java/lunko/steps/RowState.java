package lunko.steps;

/** What has become of a row that is matched. */
public enum RowState {
    /** Nothing yet: it has met no match, and may still meet one. */
    OPEN,
    /** It has met a match. */
    MET,
    /** It may match: NOT IN cannot tell, since there is a NULL. */
    UNKNOWN,
    /** It has no match and is in the result all the same, or for that very reason. */
    KEPT,
    /** It is not in the result, without a match, or because it has one. */
    LEFT_OUT
}
