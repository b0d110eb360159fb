package lunko.steps;

import lunko.engine.Equality;
import lunko.engine.Join;
import lunko.engine.Matching;
import lunko.phrase.Phrase;
import lunko.query.Side;

/**
 * How the sentences about a join name its tables, rows and columns.
 *
 * @param matching with the outer rows on the left
 */
record JoinWords(Join join, Matching matching) {

    /** The side whose rows have their turns. */
    Side outer() {
        return join.kind().outer();
    }

    Side inner() {
        return outer().opposite();
    }

    /** How many rows have their turns. */
    long outers() {
        return matching.leftRows();
    }

    long inners() {
        return matching.rightRows();
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
        text.plain(join.kind().rowsFor(matching.partners(row)) > 0 ? "."
                : ", and " + join.kind().withArticle() + " leaves it out.");
    }
}
