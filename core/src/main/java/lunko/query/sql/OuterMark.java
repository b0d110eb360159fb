package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.query.sql.grammar.SqlLexer;
import org.antlr.v4.runtime.Token;

/**
 * The old mark of an outer join beside the first condition of the comma form of two tables: {@code (+)} behind the
 * column of the table whose rows may be missing, or {@code *=} with the star on the side of the table that is kept.
 */
record OuterMark(List<Token> words, Fix fix) {

    /** The join that says the same, if it is plain which. */
    Optional<Fix> asJoin() {
        int where = first(0, SqlLexer.WHERE);
        int from = first(0, SqlLexer.FROM);
        List<Integer> commas = IntStream.range(Math.max(0, from), Math.max(0, where))
                .filter(i -> type(i) == SqlLexer.COMMA).boxed().toList();
        if (from < 0 || where < 0 || commas.size() != 1 || isDeeper(from, where)) return Optional.empty();
        int end = IntStream.range(where, words.size()).filter(i -> type(i) == SqlLexer.AND || type(i) == SqlLexer.OR
                || type(i) == SqlLexer.ORDER || type(i) == SqlLexer.GROUP).findFirst().orElse(words.size());
        if (end < words.size() && type(end) == SqlLexer.OR) return Optional.empty();
        Optional<Fix> plain = plainPlus(where, end, commas.getFirst()).or(() -> starred(where, end, commas.getFirst()));
        return plain.map(mended -> mended.instead(words.get(where), "ON"))
                .map(mended -> end < words.size() && type(end) == SqlLexer.AND ? mended.instead(words.get(end), "WHERE")
                        : mended);
    }

    /** {@code h.keeper_id = k.keeper_id (+)}: the mark stands with the table that may be missing. */
    private Optional<Fix> plainPlus(int where, int end, int comma) {
        List<Integer> marks = IntStream.range(where, words.size() - 2)
                .filter(i -> type(i) == SqlLexer.LEFT_PAREN && type(i + 1) == SqlLexer.PLUS
                        && type(i + 2) == SqlLexer.RIGHT_PAREN)
                .boxed().toList();
        if (marks.size() != 1 || marks.getFirst() > end) return Optional.empty();
        int mark = marks.getFirst();
        return owner(mark - 1, comma).map(second -> joined(comma, second).instead(words.get(mark), "")
                .instead(words.get(mark + 1), "").instead(words.get(mark + 2), ""));
    }

    /** {@code h.keeper_id *= k.keeper_id}: the star stands with the table that is kept. */
    private Optional<Fix> starred(int where, int end, int comma) {
        for (int i = where; i + 1 < end; i++) {
            boolean leftKept = type(i) == SqlLexer.STAR && type(i + 1) == SqlLexer.EQUAL;
            boolean rightKept = type(i) == SqlLexer.EQUAL && type(i + 1) == SqlLexer.STAR;
            if (!leftKept && !rightKept) continue;
            int star = leftKept ? i : i + 1;
            return owner(leftKept ? i - 1 : i + 4, comma)
                    .map(second -> joined(comma, !second).instead(words.get(star), ""));
        }
        return Optional.empty();
    }

    private Fix joined(int comma, boolean secondMayBeMissing) {
        return fix.instead(words.get(comma), secondMayBeMissing ? " LEFT JOIN" : " RIGHT JOIN");
    }

    /**
     * Whether a column that ends there is of the table behind the comma; nothing, if it does not say of which it is.
     */
    private Optional<Boolean> owner(int column, int comma) {
        if (column < 2 || column >= words.size() || type(column - 1) != SqlLexer.DOT) return Optional.empty();
        String table = words.get(column - 2).getText();
        int where = first(0, SqlLexer.WHERE);
        boolean second =
                IntStream.range(comma + 1, where).anyMatch(i -> words.get(i).getText().equalsIgnoreCase(table));
        boolean before = IntStream.range(first(0, SqlLexer.FROM), comma)
                .anyMatch(i -> words.get(i).getText().equalsIgnoreCase(table));
        return second == before ? Optional.empty() : Optional.of(second);
    }

    private boolean isDeeper(int from, int where) {
        return IntStream.range(from, where).anyMatch(i -> type(i) == SqlLexer.LEFT_PAREN || type(i) == SqlLexer.JOIN);
    }

    private int first(int after, int type) {
        return IntStream.range(after, words.size()).filter(i -> type(i) == type).findFirst().orElse(-1);
    }

    private int type(int index) {
        return words.get(index).getType();
    }
}
