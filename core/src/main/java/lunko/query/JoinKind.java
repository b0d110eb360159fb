package lunko.query;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lunko.phrase.Words;

/**
 * The kinds of join (ISO/IEC 9075-2, joined table): what each is called, how SQL says it, what it keeps, and how many
 * rows it gives. All that is particular to a kind stands here.
 */
public enum JoinKind {
    /** The pairs and nothing else. */
    INNER("inner", "INNER JOIN", true, false, false),
    /** The pairs, and every left row that has no partner. */
    LEFT_OUTER("left outer", "LEFT JOIN", true, true, false),
    /** The pairs, and every right row that has no partner. */
    RIGHT_OUTER("right outer", "RIGHT JOIN", true, false, true),
    /** The pairs, and every row of either side that has no partner. */
    FULL_OUTER("full outer", "FULL JOIN", true, true, true),
    /** Every left row with every right row; there is no condition. */
    CROSS("cross", "CROSS JOIN", false, false, false),
    /** Every left row that has a partner, once. */
    LEFT_SEMI("left semi", Side.LEFT, true),
    /** Every right row that has a partner, once. */
    RIGHT_SEMI("right semi", Side.RIGHT, true),
    /** Every left row that has no partner. */
    LEFT_ANTI("left anti", Side.LEFT, false),
    /** Every right row that has no partner. */
    RIGHT_ANTI("right anti", Side.RIGHT, false),
    /** Every row of either side that has no partner, and no pair: a full outer join without what an inner one gives. */
    FULL_ANTI("full anti");

    private final String title;
    private final Optional<String> words;
    private final boolean compares;
    private final boolean keepsLeft;
    private final boolean bringsPairs;
    private final boolean keepsRight;
    private final Optional<Side> only;
    private final boolean takesPartnered;

    /** A kind that puts rows together. */
    JoinKind(String title, String words, boolean compares, boolean keepsLeft, boolean keepsRight) {
        this.title = title;
        this.words = Optional.of(words);
        this.compares = compares;
        this.keepsLeft = keepsLeft;
        this.bringsPairs = true;
        this.keepsRight = keepsRight;
        this.only = Optional.empty();
        this.takesPartnered = true;
    }

    /**
     * The kind that keeps the partnerless of both sides and brings no pairs; SQL says it with a full join and a
     * condition.
     */
    JoinKind(String title) {
        this.title = title;
        this.words = Optional.empty();
        this.compares = true;
        this.keepsLeft = true;
        this.bringsPairs = false;
        this.keepsRight = true;
        this.only = Optional.empty();
        this.takesPartnered = false;
    }

    /** A kind that takes rows of one side, those with a partner or those without. */
    JoinKind(String title, Side only, boolean takesPartnered) {
        this.title = title;
        this.words = Optional.empty();
        this.compares = true;
        this.keepsLeft = false;
        this.bringsPairs = false;
        this.keepsRight = false;
        this.only = Optional.of(only);
        this.takesPartnered = takesPartnered;
    }

    /** The kind of this title, in any case, with blanks, hyphens or underscores between its words. */
    public static Optional<JoinKind> titled(String title) {
        String wanted = title.strip().replaceAll("[ _-]+", " ");
        return Arrays.stream(values())
                .filter(kind -> kind.title.equalsIgnoreCase(wanted)
                        || kind.title.replace(" outer", "").equalsIgnoreCase(wanted))
                .findFirst();
    }

    /** The kind in a sentence: {@code left outer}. */
    public String title() {
        return title;
    }

    /** The title with its article: {@code an inner join}. */
    public String withArticle() {
        return ("aeiou".indexOf(title.charAt(0)) >= 0 ? "an " : "a ") + title + " join";
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

    /** Whether partnerless rows of a side come into the result, NULL in the other side's columns. */
    public boolean keeps(Side side) {
        return side.of(keepsLeft, keepsRight);
    }

    /** Whether two rows that are partners come into the result together. */
    public boolean bringsPairs() {
        return bringsPairs;
    }

    /** Whether partnerless rows of a side are in the result, with the other side's columns or without. */
    public boolean takesAlone(Side side) {
        return keeps(side) || only.filter(side::equals).isPresent() && !takesPartnered;
    }

    /** The kind that takes these regions of the Venn diagram and no others, if there is one. */
    public static Optional<JoinKind> taking(boolean leftAlone, boolean pairs, boolean rightAlone) {
        return Arrays.stream(values()).filter(kind -> kind.compares && (kind.only.isEmpty() || !kind.takesPartnered)
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

    /** Whether one partner of a row decides about it, so that nobody needs to look for more. */
    public boolean stopsAtFirst() {
        return only.isPresent();
    }

    /** Whether a row is in the result for having a partner, rather than for having none. */
    public boolean takesPartnered() {
        return takesPartnered;
    }

    /** The side whose rows are gone through one by one, each looking for partners on the other. */
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

    /** How many rows of the result come from a row of the {@link #outer()} side that has so many partners. */
    public int rowsFor(int partners) {
        if (only.isPresent()) return partners > 0 == takesPartnered ? 1 : 0;
        if (partners == 0) return keeps(outer()) ? 1 : 0;
        return bringsPairs ? partners : 0;
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
        return takesPartnered ? side.of(tally.leftRows(), tally.rightRows()) - alone : alone;
    }

    /** How the number of rows comes about: {@code 3 pairs + 2 kept}, {@code 5 × 4}, {@code 2 without a partner}. */
    public String arithmetic(Tally tally) {
        if (!compares) return Words.number(tally.leftRows()) + " × " + Words.number(tally.rightRows());
        if (only.isPresent())
            return Words.number(taken(only.get(), tally)) + (takesPartnered ? " with a partner" : " without a partner");
        List<String> terms = new ArrayList<>();
        if (bringsPairs) terms.add(Words.number(tally.pairs()) + (tally.pairs() == 1 ? " pair" : " pairs"));
        if (keepsLeft) terms.add(Words.number(tally.leftAlone()) + (keepsRight ? "" : " kept"));
        if (keepsRight) terms.add(Words.number(tally.rightAlone()) + (bringsPairs ? " kept" : " without a partner"));
        return String.join(" + ", terms);
    }

    /** The same in figures alone, where there is something to be reckoned: {@code 3 + 2}, {@code 5 × 4}. */
    public String figures(Tally tally) {
        if (!compares) return Words.number(tally.leftRows()) + " × " + Words.number(tally.rightRows());
        if (only.isPresent()) return "of " + Words.number(only.get().of(tally.leftRows(), tally.rightRows()));
        List<String> terms = new ArrayList<>();
        if (bringsPairs) terms.add(Words.number(tally.pairs()));
        if (keepsLeft) terms.add(Words.number(tally.leftAlone()));
        if (keepsRight) terms.add(Words.number(tally.rightAlone()));
        return terms.size() == 1 ? "" : String.join(" + ", terms);
    }
}
