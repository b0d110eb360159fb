package lunko.problem;

/** Some characters of a text: the first of them, and the one behind the last, both as Java counts them, from 0. */
public record Stretch(int start, int end) {

    /** The text that stands there. */
    public String of(String text) {
        return text.substring(start, end);
    }

    /** Whether another one lies in it. */
    public boolean covers(Stretch other) {
        return start <= other.start && other.end <= end;
    }

    /** Whether a character of the text, or the place behind the last one, is in it. */
    public boolean holds(int at) {
        return start <= at && at <= end;
    }
}
