package lunko.steps;

import static lunko.phrase.Words.capital;
import static lunko.phrase.Words.rows;

import java.util.stream.Collectors;
import lunko.engine.Projection;
import lunko.engine.Stage;
import lunko.phrase.Phrase;

/** What is said of the choice of columns. */
record ProjectionWhy(Projection stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.CHOOSE;
    }

    @Override
    public String title() {
        return "Choose the columns " + columns();
    }

    private String columns() {
        return stage.headings().stream().map(Stage.Heading::name).collect(Collectors.joining(", "));
    }

    @Override
    public void start(Phrase.Writer text) {
        text.code("SELECT").plain(" makes of each row one with the columns " + columns() + ".");
    }

    @Override
    public void row(Phrase.Writer text, int row, int landed) {
        text.plain(capital(stage.name(row)) + " gives row " + landed + ": ")
                .code(RowWhy.values(stage.headings(), stage.rows().get(row), 0)).plain(".");
    }

    @Override
    public void finish(Phrase.Writer text) {
        text.plain("That makes ").strong(rows(stage.rows().size()))
                .plain(", as many as before: choosing columns neither adds nor drops rows.");
    }
}
