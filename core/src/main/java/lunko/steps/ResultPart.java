package lunko.steps;

import java.util.List;
import java.util.Objects;
import java.util.OptionalInt;
import lunko.engine.Limit;
import lunko.engine.Aggregation;
import lunko.engine.Joined;
import lunko.engine.Ordering;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.phrase.Words;

/** The one step at the end of a query: its result, and what is to be said of the order of its rows. */
public record ResultPart(Stage result) implements Part {

    @Override
    public StageKind kind() {
        return StageKind.RESULT;
    }

    @Override
    public String title() {
        return "The result";
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
        return new RowFrame(0, kind(), why(), OptionalInt.empty(), List.of(), result.rows().size());
    }

    private Phrase why() {
        Phrase.Writer text =
                Phrase.write().plain("The result has ").strong(Words.rows(result.rows().size())).plain(".");
        Stage uncut = result instanceof Limit cut ? cut.input() : result;
        if (uncut instanceof Ordering sorted) {
            return text.plain(" Its order is that of ").code("ORDER BY " + sorted.by().sql()).plain(".").done();
        }
        if (uncut.rows().size() < 2) return text.done();
        text.plain(" Without ").code("ORDER BY").plain(" a database promises no order");
        if (result instanceof Limit) text.plain(", and so not even which rows a cut takes");
        List<Stage> all = result.all();
        boolean joins = all.stream().anyMatch(stage -> stage instanceof Joined);
        text.plain(joins
                ? ". Lunko always takes the order of the left rows, then that of the right rows, and puts the kept "
                        + "right rows at the end"
                : ". Lunko always takes the order in which the rows stand in their tables");
        return text.plain(all.stream().anyMatch(stage -> stage instanceof Aggregation)
                ? "; groups come in the order of their first rows." : ".").done();
    }
}
