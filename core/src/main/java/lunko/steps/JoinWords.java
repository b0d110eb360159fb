package lunko.steps;

import lunko.engine.Equality;
import lunko.engine.Join;
import lunko.engine.RowPairs;
import lunko.phrase.Phrase;
import lunko.query.Side;

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

    Phrase.Writer name(Phrase.Writer text, Side side, int row) {
        return text.in(side.tone(), join.on(side).name(row));
    }

    Phrase.Writer table(Phrase.Writer text, Side side) {
        return text.in(side.tone(), join.on(side).title());
    }

    String column(Side side, Equality equality) {
        return join.on(side).headings().get(equality.on(side)).name();
    }

    /** Ends a sentence that says that an outer row has no partner. */
    void leftOut(Phrase.Writer text, int row) {
        text.plain(join.kind().rowsFor(decisions.count(row)) > 0 ? "."
                : ", and " + join.kind().withArticle() + " leaves it out.");
    }
}
