package lunko.steps;

import java.util.List;
import java.util.Objects;
import java.util.OptionalInt;
import lunko.engine.Aggregation;
import lunko.engine.Joined;
import lunko.engine.Limit;
import lunko.engine.Ordering;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.words.Language;

/** The one step at the end of a query: its result, and what is to be said of the order of its rows. */
public record ResultPart(Stage result) implements Part {

    @Override
    public StageKind kind() {
        return StageKind.RESULT;
    }

    @Override
    public Phrase title(Language in) {
        return in.stages().resultTitle();
    }

    @Override
    public long rows() {
        return result.rows().size();
    }

    @Override
    public long last() {
        return 0;
    }

    @Override
    public RowFrame at(long number) {
        Objects.checkIndex(number, 1L);
        return new RowFrame(0, kind(), this::why, OptionalInt.empty(), List.of(), result.rows().size());
    }

    private Phrase why(Language in) {
        Phrase has = in.stages().resultHas(result.rows().size());
        Stage uncut = result instanceof Limit cut ? cut.input() : result;
        if (uncut instanceof Ordering sorted)
            return Phrase.joined(has, in.stages().orderedBy(sorted.by().sql()));
        if (uncut.rows().size() < 2) return has;
        List<Stage> all = result.all();
        return Phrase.joined(has, in.stages().unordered(result instanceof Limit,
                all.stream().anyMatch(stage -> stage instanceof Joined),
                all.stream().anyMatch(stage -> stage instanceof Aggregation)));
    }
}
