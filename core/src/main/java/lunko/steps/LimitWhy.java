package lunko.steps;

import java.util.Optional;
import java.util.OptionalLong;
import lunko.engine.Limit;
import lunko.phrase.Phrase;
import lunko.words.Language;

/** What is said of OFFSET and FETCH FIRST. */
record LimitWhy(Limit stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.LIMIT;
    }

    @Override
    public String clause() {
        return "LIMIT";
    }

    @Override
    public Phrase title(Language in) {
        return in.stages().limitTitle();
    }

    @Override
    public Optional<String> reason(int row, Language in) {
        if (row < stage.skipped()) return Optional.of(in.stages().skippedReason(stage.skipped()));
        return isWithin(row) ? Optional.empty() : Optional.of(in.stages().beyondReason(stage.most()));
    }

    private boolean isWithin(int row) {
        return row - stage.skipped() < stage.rows().size();
    }

    @Override
    public Phrase start(Language in) {
        return in.stages().limitStarts(stage.input().rows().size(), stage.skipped(),
                stage.most() < Long.MAX_VALUE ? OptionalLong.of(stage.most()) : OptionalLong.empty());
    }

    @Override
    public Phrase row(int row, int landed, Language in) {
        String name = in.names().row(stage.input().name(row));
        if (row < stage.skipped()) return in.stages().skipped(name, stage.skipped());
        return isWithin(row) ? in.stages().withinLimit(name, landed) : in.stages().beyondLimit(name, stage.most());
    }

    @Override
    public Phrase finish(Language in) {
        return in.stages().leaves(clause(), stage.rows().size(), stage.input().rows().size());
    }
}
