package lunko.query;

/** A left and a right column, by name, whose values must be equal for two rows to match. */
public record KeyPair(String left, String right) {

    /** The column on a side. */
    public String on(Side side) {
        return side.of(left, right);
    }
}
