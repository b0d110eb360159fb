package lunko.steps;

import java.util.List;
import java.util.Optional;
import lunko.engine.Comparison;
import lunko.engine.Equality;
import lunko.engine.Join;
import lunko.engine.RowPairs;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.words.Language;
import lunko.words.MatchSentences.RowsOf;

/**
 * How the sentences about a join name its tables, rows and columns.
 *
 * @param decisions with the outer rows on the left
 */
record JoinWords(Join join, RowPairs decisions) {

    /** The side whose rows have their turns. */
    Side outer() {
        return join.kind().outer();
    }

    Side inner() {
        return outer().opposite();
    }

    /** How many rows have their turns. */
    long outers() {
        return decisions.leftRows();
    }

    long inners() {
        return decisions.rightRows();
    }

    Phrase name(Side side, int row, Language in) {
        return Phrase.of(in.names().row(join.on(side).name(row)), side.tone());
    }

    Phrase table(Side side, Language in) {
        return Phrase.of(in.names().rows(join.on(side).title()), side.tone());
    }

    /** All rows of a side. */
    RowsOf rowsOf(Side side, Language in) {
        return new RowsOf(join.on(side).rows().size(), table(side, in));
    }

    String column(Side side, Equality equality) {
        return join.on(side).headings().get(equality.on(side)).name();
    }

    /** The columns that the sides are matched by. */
    List<String> keys(Side side) {
        return join.on().equal().stream().map(equality -> column(side, equality)).toList();
    }

    /** The key of a row. */
    String key(Side side, int row) {
        return String.join(", ", join.on().equal().stream()
                .map(equality -> Comparison.literal(join.row(side, row).get(equality.on(side)))).toList());
    }

    /** The first column of the key that is NULL in a row. */
    Optional<String> missing(Side side, int row) {
        return join.on().equal().stream().filter(equality -> join.row(side, row).get(equality.on(side)).isNull())
                .findFirst().map(equality -> column(side, equality));
    }

    /** The kind, where it leaves out an outer row that has the matches it has. */
    Optional<JoinKind> leavingOut(int outer) {
        return join.kind().rowsFor(decisions.count(outer)) > 0 ? Optional.empty() : Optional.of(join.kind());
    }
}
