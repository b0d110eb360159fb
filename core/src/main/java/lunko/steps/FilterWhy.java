package lunko.steps;

import static lunko.phrase.Words.rows;

import java.util.Optional;
import lunko.engine.Filter;
import lunko.phrase.Phrase;
import lunko.table.Truth;

/** What is said of a filter. */
record FilterWhy(Filter stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.FILTER;
    }

    @Override
    public String title() {
        return "Filter " + stage.input().title() + " by " + stage.clause();
    }

    @Override
    public Optional<String> reason(int row) {
        return Optional.of(stage.with(row) + " is " + stage.verdicts().get(row).title());
    }

    @Override
    public void start(Phrase.Writer text) {
        text.code(stage.clause()).plain(" asks of each of the " + rows(stage.verdicts().size()) + " of " + stage.title()
                + " whether its condition is true, and strikes out the others.");
    }

    @Override
    public void row(Phrase.Writer text, int row, int landed) {
        Truth verdict = stage.verdicts().get(row);
        text.code(stage.with(row)).plain(verdict == Truth.UNKNOWN ? " is neither true nor false but " : " is ")
                .strong(verdict.title()).plain(": " + stage.input().name(row)).plain(switch (verdict) {
                    case TRUE -> " stays, as row " + landed + ".";
                    case FALSE -> " is struck out.";
                    case UNKNOWN -> " is struck out, for only what is true stays.";
                });
    }

    @Override
    public void finish(Phrase.Writer text) {
        text.code(stage.clause());
        RowWhy.number(text, stage.input(), stage, "leaves");
        stage.says().ifPresent(kind -> text
                .plain(" What the outer join kept for want of a partner is all that is left: together they are ")
                .strong(kind.withArticle()).plain("."));
    }
}
