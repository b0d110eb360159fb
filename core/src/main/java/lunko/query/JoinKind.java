package lunko.query;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The kinds of join (ISO/IEC 9075-2, joined table): what each is called, how SQL says it, what it keeps, and
 * how many rows it gives. All that is particular to a kind stands here.
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
    CROSS("cross", "CROSS JOIN", false, false, false);

    private final String title;
    private final String sql;
    private final boolean compares;
    private final boolean keepsLeft;
    private final boolean keepsRight;

    JoinKind(String title, String sql, boolean compares, boolean keepsLeft, boolean keepsRight) {
        this.title = title;
        this.sql = sql;
        this.compares = compares;
        this.keepsLeft = keepsLeft;
        this.keepsRight = keepsRight;
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

    /** The words between the two tables in SQL: {@code LEFT JOIN}. */
    public String sql() {
        return sql;
    }

    /** Whether rows are compared by a condition; otherwise every row meets every row. */
    public boolean compares() {
        return compares;
    }

    /** Whether partnerless rows of a side come into the result, NULL in the other side's columns. */
    public boolean keeps(Side side) {
        return side.of(keepsLeft, keepsRight);
    }

    /** How many rows the kind gives. */
    public long rows(Tally tally) {
        if (!compares) return tally.leftRows() * tally.rightRows();
        return tally.pairs() + (keepsLeft ? tally.leftAlone() : 0) + (keepsRight ? tally.rightAlone() : 0);
    }

    /** How the number of rows comes about: {@code 3 pairs + 2 kept}, {@code 5 × 4}. */
    public String arithmetic(Tally tally) {
        if (!compares) return tally.leftRows() + " × " + tally.rightRows();
        List<String> terms = new ArrayList<>();
        terms.add(tally.pairs() + (tally.pairs() == 1 ? " pair" : " pairs"));
        if (keepsLeft) terms.add(tally.leftAlone() + (keepsRight ? "" : " kept"));
        if (keepsRight) terms.add(tally.rightAlone() + " kept");
        return String.join(" + ", terms);
    }
}
