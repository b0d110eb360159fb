package lunko.query;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The kinds of join (ISO/IEC 9075-2, joined table): what a program calls it, how SQL says it, what it keeps, and how
 * many rows it gives. All that is particular to a kind stands here.
 */
public enum JoinKind {
    /** The pairs and nothing else. */
    INNER("inner", "INNER JOIN", true, false, false),
    /** The pairs, and every left row that has no match. */
    LEFT_OUTER("left outer", "LEFT JOIN", true, true, false),
    /** The pairs, and every right row that has no match. */
    RIGHT_OUTER("right outer", "RIGHT JOIN", true, false, true),
    /** The pairs, and every row of either side that has no match. */
    FULL_OUTER("full outer", "FULL JOIN", true, true, true),
    /** Every left row with every right row; there is no condition. */
    CROSS("cross", "CROSS JOIN", false, false, false),
    /** Every left row that has a match, once. */
    LEFT_SEMI("left semi", Side.LEFT, true),
    /** Every right row that has a match, once. */
    RIGHT_SEMI("right semi", Side.RIGHT, true),
    /** Every left row that has no match. */
    LEFT_ANTI("left anti", Side.LEFT, false),
    /** Every right row that has no match. */
    RIGHT_ANTI("right anti", Side.RIGHT, false),
    /** Every row of either side that has no match, and no pair: a full outer join without what an inner one gives. */
    FULL_ANTI("full anti");

    /** Those that put rows together by a condition, as a qualified join does (ISO/IEC 9075-2, joined table). */
    public static final List<JoinKind> QUALIFIED = List.of(INNER, LEFT_OUTER, RIGHT_OUTER, FULL_OUTER);

    private final String id;
    private final Optional<String> words;
    private final boolean compares;
    private final boolean keepsLeft;
    private final boolean bringsPairs;
    private final boolean keepsRight;
    private final Optional<Side> only;
    private final boolean takesMatched;

    /** A kind that puts rows together. */
    JoinKind(String id, String words, boolean compares, boolean keepsLeft, boolean keepsRight) {
        this.id = id;
        this.words = Optional.of(words);
        this.compares = compares;
        this.keepsLeft = keepsLeft;
        this.bringsPairs = true;
        this.keepsRight = keepsRight;
        this.only = Optional.empty();
        this.takesMatched = true;
    }

    /**
     * The kind that keeps the unmatched rows of both sides and brings no pairs; SQL says it with a full join and a
     * condition.
     */
    JoinKind(String id) {
        this.id = id;
        this.words = Optional.empty();
        this.compares = true;
        this.keepsLeft = true;
        this.bringsPairs = false;
        this.keepsRight = true;
        this.only = Optional.empty();
        this.takesMatched = false;
    }

    /** A kind that takes rows of one side, those with a match or those without. */
    JoinKind(String id, Side only, boolean takesMatched) {
        this.id = id;
        this.words = Optional.empty();
        this.compares = true;
        this.keepsLeft = false;
        this.bringsPairs = false;
        this.keepsRight = false;
        this.only = Optional.of(only);
        this.takesMatched = takesMatched;
    }

    /** The kind of this name, in any case, with blanks, hyphens or underscores between its words. */
    public static Optional<JoinKind> named(String name) {
        String wanted = name.strip().replaceAll("[ _-]+", " ");
        return Arrays.stream(values())
                .filter(kind -> kind.id.equalsIgnoreCase(wanted)
                        || kind.id.replace(" outer", "").equalsIgnoreCase(wanted))
                .findFirst();
    }

    /** The kind where a program reads it: {@code left outer}. */
    public String id() {
        return id;
    }

    /** The words between two tables in SQL, where it has any for the kind: {@code LEFT JOIN}. */
    public Optional<String> words() {
        return words;
    }

    /** Whether SQL can say of the kind that all columns of the same name must be equal: {@code NATURAL LEFT JOIN}. */
    public boolean canBeNatural() {
        return words.isPresent() && compares;
    }

    /** Whether rows are compared by a condition; otherwise every row meets every row. */
    public boolean compares() {
        return compares;
    }

    /** Whether unmatched rows of a side come into the result, NULL in the other side's columns. */
    public boolean keeps(Side side) {
        return side.of(keepsLeft, keepsRight);
    }

    /** Whether two rows that match come into the result together. */
    public boolean bringsPairs() {
        return bringsPairs;
    }

    /** Whether unmatched rows of a side are in the result, with the other side's columns or without. */
    public boolean takesAlone(Side side) {
        return keeps(side) || only.filter(side::equals).isPresent() && !takesMatched;
    }

    /** The kind that takes these regions of the Venn diagram and no others, if there is one. */
    public static Optional<JoinKind> taking(boolean leftAlone, boolean pairs, boolean rightAlone) {
        return Arrays.stream(values()).filter(kind -> kind.compares && (kind.only.isEmpty() || !kind.takesMatched)
                && kind.takesAlone(Side.LEFT) == leftAlone && kind.takesAlone(Side.RIGHT) == rightAlone
                && kind.bringsPairs == pairs).findFirst();
    }

    /** The side whose columns alone are in the result, where that is so. */
    public Optional<Side> only() {
        return only;
    }

    /** Whether the columns of a side are in the result. */
    public boolean shows(Side side) {
        return only.map(side::equals).orElse(true);
    }

    /** The sides whose columns are in the result. */
    public List<Side> sides() {
        return Stream.of(Side.values()).filter(this::shows).toList();
    }

    /** Whether one match of a row decides about it, so that nobody needs to look for more. */
    public boolean stopsAtFirst() {
        return only.isPresent();
    }

    /** Whether rows that match come into the result: as pairs, or for having a match. */
    public boolean givesMatched() {
        return bringsPairs() || only().isPresent() && takesMatched();
    }

    /** Whether a row is in the result for having a match, rather than for having none. */
    public boolean takesMatched() {
        return takesMatched;
    }

    /** The side whose rows are gone through one by one, each looking for matches on the other. */
    public Side outer() {
        return only.orElse(Side.LEFT);
    }

    /** The kind that says the same of two tables in each other's place. */
    public JoinKind mirrored() {
        return switch (this) {
            case INNER, FULL_OUTER, CROSS, FULL_ANTI -> this;
            case LEFT_OUTER -> RIGHT_OUTER;
            case RIGHT_OUTER -> LEFT_OUTER;
            case LEFT_SEMI -> RIGHT_SEMI;
            case RIGHT_SEMI -> LEFT_SEMI;
            case LEFT_ANTI -> RIGHT_ANTI;
            case RIGHT_ANTI -> LEFT_ANTI;
        };
    }

    /** How many rows of the result come from a row of the {@link #outer()} side that has so many matches. */
    public int rowsFor(int matches) {
        if (only.isPresent()) return matches > 0 == takesMatched ? 1 : 0;
        if (matches == 0) return keeps(outer()) ? 1 : 0;
        return bringsPairs ? matches : 0;
    }

    /** How many rows the kind gives. */
    public long rows(Tally tally) {
        if (!compares) return tally.leftRows() * tally.rightRows();
        if (only.isPresent()) return taken(only.get(), tally);
        return (bringsPairs ? tally.pairs() : 0) + (keepsLeft ? tally.leftAlone() : 0)
                + (keepsRight ? tally.rightAlone() : 0);
    }

    private long taken(Side side, Tally tally) {
        long alone = side.of(tally.leftAlone(), tally.rightAlone());
        return takesMatched ? side.of(tally.leftRows(), tally.rightRows()) - alone : alone;
    }
}
