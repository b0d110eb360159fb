package lunko.steps;

import java.util.List;
import java.util.Optional;
import lunko.engine.SetOperation;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.table.Value;
import lunko.words.Language;

/** What is said of UNION, INTERSECT and EXCEPT. */
record SetOperationWhy(SetOperation stage) implements RowWhy {

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
        return in.stages().combineTitle(clause());
    }

    @Override
    public Optional<String> reason(int row, Language in) {
        return switch (stage.dispositions().get(row)) {
            case TAKEN -> Optional.empty();
            case REPEATED -> Optional.of(in.stages().repeatedReason());
            case NOT_THERE -> Optional.of(in.stages().missingReason());
            case THERE -> Optional.of(in.stages().foundReason());
            case ASKED -> Optional.of(in.stages().comparedReason());
        };
    }

    @Override
    public Phrase start(Language in) {
        return in.stages().combineStarts(clause(), stage.operator(), stage.countsRepeats());
    }

    @Override
    public Phrase row(int row, int landed, Language in) {
        Stage.Origin origin = stage.origin(row);
        List<Value> values = stage.inputs().get(origin.input()).rows().get(origin.row());
        Phrase said = in.stages().rowOfQuery(origin.input() == 0, origin.row() + 1L,
                RowWhy.values(stage.headings(), values, 0));
        return switch (stage.dispositions().get(row)) {
            case TAKEN -> in.stages().combineTakes(said, stage.operator(), landed);
            case REPEATED -> in.stages().combineRepeats(said);
            case NOT_THERE -> in.stages().combineMisses(said, stage.countsRepeats());
            case THERE -> in.stages().combineFinds(said, stage.countsRepeats());
            case ASKED -> in.stages().combineOnlyCompares(said);
        };
    }

    @Override
    public Phrase finish(Language in) {
        return in.stages().combineEnds(clause(), stage.inputs().getFirst().rows().size(),
                stage.inputs().getLast().rows().size(), stage.rows().size());
    }
}
