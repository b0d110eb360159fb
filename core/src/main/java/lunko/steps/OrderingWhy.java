package lunko.steps;

import static lunko.phrase.Words.capital;
import static lunko.phrase.Words.rows;

import java.util.Optional;
import java.util.stream.Collectors;
import lunko.engine.Comparison;
import lunko.engine.Ordering;
import lunko.phrase.Phrase;

/** What is said of ORDER BY. */
record OrderingWhy(Ordering stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.SORT;
    }

    @Override
    public String title() {
        return "Sort by " + stage.by().sql();
    }

    @Override
    public Optional<String> reason(int row) {
        return Optional.of(keys(row));
    }

    @Override
    public void start(Phrase.Writer text) {
        text.code("ORDER BY").plain(" puts the " + rows(stage.rows().size()) + " in order by ").code(stage.by().sql())
                .plain(".");
    }

    @Override
    public void row(Phrase.Writer text, int row, int landed) {
        text.plain(capital(stage.input().name(row)) + " is row " + landed + ", with ").code(keys(row));
        boolean asBefore = landed > 1 && keys(stage.from().get(landed - 2)).equals(keys(row));
        text.plain(asBefore ? " like the row before: which of the two comes first, ORDER BY does not say." : ".");
    }

    private String keys(int row) {
        return stage.keys().get(row).stream().map(Comparison::literal).collect(Collectors.joining(", "));
    }

    @Override
    public void finish(Phrase.Writer text) {
        text.plain("The " + rows(stage.rows().size()) + " are in order.");
    }
}
