package lunko.steps;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.Comparison;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.table.Value;
import lunko.words.Language;

/**
 * What is said of the steps of a stage that takes rows one by one. Rows count from 0; what is said, from 1.
 */
sealed interface RowWhy
        permits FilterWhy, AggregationWhy, ProjectionWhy, DistinctWhy, OrderingWhy, RearrangedWhy, LimitWhy,
        SetOperationWhy, RecursionWhy {

    /** The stage. */
    Stage stage();

    /** What the stage does. */
    StageKind kind();

    /** The words of SQL that ask for the stage: {@code WHERE}. */
    String clause();

    /** In a few words, why a row is removed or where it goes; nothing, where it needs no reason. */
    default Optional<String> reason(int row, Language in) {
        return Optional.empty();
    }

    /** What it does with what. */
    Phrase title(Language in);

    /** What is about to happen. */
    Phrase start(Language in);

    /** What becomes of a row of the inputs; the result has {@code landed} rows after that. */
    Phrase row(int row, int landed, Language in);

    /** What a group of rows becomes. */
    default Phrase group(int group, Language in) {
        throw new IndexOutOfBoundsException(group);
    }

    /** What has come about. */
    Phrase finish(Language in);

    /** Values under their names: {@code name 'Clover', strength 3}. */
    static String values(List<Stage.Heading> headings, List<Value> row, int from) {
        return IntStream.range(from, headings.size())
                .mapToObj(column -> headings.get(column).name() + " " + Comparison.literal(row.get(column)))
                .collect(Collectors.joining(", "));
    }
}
