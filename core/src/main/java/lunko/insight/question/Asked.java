package lunko.insight.question;

/**
 * A question as it is asked.
 *
 * @param words how somebody has put it; blank where it is said in Lunko's words
 */
public record Asked(Question question, String words) {

    /** In Lunko's words. */
    public static Asked plainly(Question question) {
        return new Asked(question, "");
    }

    /** Another question, put as before. */
    public Asked asking(Question other) {
        return new Asked(other, words);
    }

    /** The same question, put otherwise. */
    public Asked saying(String other) {
        return new Asked(question, other);
    }
}
