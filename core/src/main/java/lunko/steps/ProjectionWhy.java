package lunko.steps;

import java.util.List;
import lunko.engine.Projection;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.words.Language;

/** What is said of the choice of columns. */
record ProjectionWhy(Projection stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.PROJECT;
    }

    @Override
    public String clause() {
        return "SELECT";
    }

    @Override
    public Phrase title(Language in) {
        return in.stages().selectTitle(columns());
    }

    private List<String> columns() {
        return stage.headings().stream().map(Stage.Heading::name).toList();
    }

    @Override
    public Phrase start(Language in) {
        return in.stages().selectStarts(columns());
    }

    @Override
    public Phrase row(int row, int landed, Language in) {
        return in.stages().selected(in.names().row(stage.name(row)), landed,
                RowWhy.values(stage.headings(), stage.rows().get(row), 0));
    }

    @Override
    public Phrase finish(Language in) {
        return in.stages().selectEnds(stage.rows().size());
    }
}
