package lunko.steps;

import java.util.Optional;
import java.util.stream.Collectors;
import lunko.engine.Comparison;
import lunko.engine.Ordering;
import lunko.phrase.Phrase;
import lunko.words.Language;

/** What is said of ORDER BY. */
record OrderingWhy(Ordering stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.SORT;
    }

    @Override
    public String clause() {
        return "ORDER BY";
    }

    @Override
    public Phrase title(Language in) {
        return in.stages().orderTitle(stage.by().sql());
    }

    @Override
    public Optional<String> reason(int row, Language in) {
        return Optional.of(keys(row));
    }

    @Override
    public Phrase start(Language in) {
        return in.stages().orderStarts(stage.rows().size(), stage.by().sql());
    }

    @Override
    public Phrase row(int row, int landed, Language in) {
        boolean asBefore = landed > 1 && keys(stage.from().get(landed - 2)).equals(keys(row));
        return in.stages().ordered(in.names().row(stage.input().name(row)), landed, keys(row), asBefore);
    }

    private String keys(int row) {
        return stage.keys().get(row).stream().map(Comparison::literal).collect(Collectors.joining(", "));
    }

    @Override
    public Phrase finish(Language in) {
        return in.stages().orderEnds(stage.rows().size());
    }
}
