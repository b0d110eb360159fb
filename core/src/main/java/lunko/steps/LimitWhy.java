package lunko.steps;

import static lunko.phrase.Words.capital;
import static lunko.phrase.Words.rows;

import java.util.Optional;
import lunko.engine.Limit;
import lunko.phrase.Phrase;

/** What is said of OFFSET and FETCH FIRST. */
record LimitWhy(Limit stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.CUT;
    }

    @Override
    public String title() {
        return "Cut out a stretch of rows";
    }

    @Override
    public Optional<String> reason(int row) {
        if (row < stage.skipped()) return Optional.of("one of the first " + stage.skipped());
        return row - stage.skipped() < stage.rows().size() ? Optional.empty()
                : Optional.of("after the " + stage.most() + " wanted");
    }

    @Override
    public void start(Phrase.Writer text) {
        text.plain("Of the " + rows(stage.input().rows().size()));
        if (stage.skipped() > 0) text.plain(", the first " + stage.skipped() + " are skipped");
        if (stage.most() < Long.MAX_VALUE)
            text.plain(stage.skipped() > 0 ? ", and" : ",").plain(" at most " + stage.most() + " are taken");
        text.plain(".");
    }

    @Override
    public void row(Phrase.Writer text, int row, int landed) {
        text.plain(capital(stage.input().name(row)));
        if (row < stage.skipped()) text.plain(" is one of the first " + stage.skipped() + " and is skipped.");
        else if (row - stage.skipped() < stage.rows().size()) text.plain(" stays, as row " + landed + ".");
        else text.plain(" comes too late: there are " + stage.most() + " already.");
    }

    @Override
    public void finish(Phrase.Writer text) {
        text.plain("The cut");
        RowWhy.number(text, stage.input(), stage, "leaves");
    }
}
