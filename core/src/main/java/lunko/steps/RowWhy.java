package lunko.steps;

import static lunko.phrase.Words.rows;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.Comparison;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.table.Value;

/**
 * The sentences that explain the steps of a stage that takes rows one by one. Rows count from 0; what is said, from 1.
 */
sealed interface RowWhy
        permits FilterWhy, AggregationWhy, ProjectionWhy, DistinctWhy, OrderingWhy, LimitWhy, SetOperationWhy {

    /** The stage. */
    Stage stage();

    /** What the stage does. */
    StageKind kind();

    /** In a few words, why a row is struck out or where it goes; nothing, where it needs no reason. */
    default Optional<String> reason(int row) {
        return Optional.empty();
    }

    /** What it does with what. */
    String title();

    /** Says what is about to happen. */
    void start(Phrase.Writer text);

    /** Says what becomes of a row of the inputs; the result has {@code landed} rows after that. */
    void row(Phrase.Writer text, int row, int landed);

    /** Says what a group of rows becomes. */
    default void group(Phrase.Writer text, int group) {
        throw new IndexOutOfBoundsException(group);
    }

    /** Says what has come about. */
    void finish(Phrase.Writer text);

    /** Values under their names: {@code name 'Clover', strength 3}. */
    static String values(List<Stage.Heading> headings, List<Value> row, int from) {
        return IntStream.range(from, headings.size())
                .mapToObj(column -> headings.get(column).name() + " " + Comparison.literal(row.get(column)))
                .collect(Collectors.joining(", "));
    }

    /** Says how many rows of how many there are then. */
    static void number(Phrase.Writer text, Stage from, Stage to, String how) {
        text.plain(" ").plain(how).plain(" ").strong(rows(to.rows().size())).plain(" of ")
                .plain(String.valueOf(from.rows().size())).plain(".");
    }
}
