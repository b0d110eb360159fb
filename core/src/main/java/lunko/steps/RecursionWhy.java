package lunko.steps;

import java.util.List;
import java.util.Optional;
import lunko.engine.Recursion;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.table.Value;
import lunko.words.Language;

/** What is said of a query that reads itself. */
record RecursionWhy(Recursion stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.COMBINE;
    }

    @Override
    public String clause() {
        return stage.sql();
    }

    @Override
    public Phrase title(Language in) {
        return in.stages().recursionTitle(stage.called());
    }

    @Override
    public Optional<String> reason(int row, Language in) {
        return stage.isRepeated(row) ? Optional.of(in.stages().repeatedReason()) : Optional.empty();
    }

    @Override
    public Phrase start(Language in) {
        return in.stages().recursionStarts(stage.called());
    }

    @Override
    public Phrase row(int row, int landed, Language in) {
        Stage.Origin origin = stage.origin(row);
        List<Value> values = stage.inputs().get(origin.input()).rows().get(origin.row());
        Phrase said = in.stages().rowOfRound(origin.input(), origin.row() + 1L,
                RowWhy.values(stage.headings(), values, 0));
        return stage.isRepeated(row) ? in.stages().combineRepeats(said) : in.stages().recursionTakes(said, landed);
    }

    @Override
    public Phrase finish(Language in) {
        return in.stages().recursionEnds(stage.inputs().size() - 1, stage.rows().size());
    }
}
