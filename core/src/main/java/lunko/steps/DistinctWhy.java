package lunko.steps;

import java.util.Optional;
import lunko.engine.Distinct;
import lunko.phrase.Phrase;

/** What is said of DISTINCT. */
record DistinctWhy(Distinct stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.DROP_DUPLICATES;
    }

    @Override
    public String title() {
        return "Drop the duplicates of " + stage.title();
    }

    @Override
    public Optional<String> reason(int row) {
        int same = stage.same().get(row);
        return stage.first().get(same) == row ? Optional.empty() : Optional.of("like row " + (same + 1));
    }

    @Override
    public void start(Phrase.Writer text) {
        text.code("DISTINCT")
                .plain(" keeps each row once. Rows are alike if all their values are; here NULL is like NULL.");
    }

    @Override
    public void row(Phrase.Writer text, int row, int landed) {
        int same = stage.same().get(row);
        text.code(RowWhy.values(stage.headings(), stage.input().rows().get(row), 0))
                .plain(stage.first().get(same) == row
                        ? " is new and stays, as row " + landed + "."
                        : " is there already, as row " + (same + 1) + ", and is struck out.");
    }

    @Override
    public void finish(Phrase.Writer text) {
        text.code("DISTINCT");
        RowWhy.number(text, stage.input(), stage, "leaves");
    }
}
