package lunko.steps;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import lunko.TwoTables;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.problem.RunFault;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.show.Showing;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;

/** A hundred million steps: all of them there, none of them stored. */
class LargeTimelineTest {
    private static final int ROWS = 10_000;

    @Test
    void anyStepOfALargeLeftJoinIsWhatItsNumberSays() {
        TwoTables two =
                twoTables(JoinKind.LEFT_OUTER, i -> i % 3 == 0 ? Value.NULL : Value.of(i % 4000), i -> Value.of(2 * i));
        JoinResult outcome = two.outcome();
        MatchTimeline timeline = MatchTimeline.of(outcome, JoinAlgorithm.NESTED_LOOP);
        assertThat(timeline.comparisons()).isEqualTo((long) ROWS * ROWS);
        Random random = new Random(7);
        for (int i = 0; i < 2000; i++) {
            long number = 1 + random.nextLong(timeline.last() - 1);
            MatchFrame frame = timeline.at(number);
            switch (frame.step()) {
                case Step.Compare(int left, int right, var verdict) -> {
                    assertThat(verdict).isEqualTo(outcome.join().verdict(left, right));
                    // The comparisons up to here, the rows that have landed, and the start.
                    assertThat((long) left * ROWS + right + 1 + frame.landed().size()).isEqualTo(number);
                }
                case Step.Pair _,Step.Keep _ ->
                    assertThat(timeline.landing(frame.landed().size() - 1)).isEqualTo(number);
                case Step.Place _,Step.Sort _,Step.Look _,Step.Take _,Step.Start _,Step.Finish _ ->
                    throw new AssertionError(frame.step());
            }
        }
        for (int i = 0; i < 2000; i++) {
            long row = random.nextLong(outcome.size());
            MatchFrame landing = timeline.at(timeline.landing(row));
            assertThat(landing.landed().getLast()).isEqualTo(outcome.row(row));
            assertThat(landing.step()).isEqualTo(switch (outcome.row(row)) {
                case ResultRow.Met(int left, int right) -> new Step.Pair(left, right);
                case ResultRow.Kept(Side side, int n) -> new Step.Keep(side, n);
                case ResultRow.Taken(Side side, int n) -> new Step.Take(side, n);
            });
        }
    }

    @Test
    void oneKeyForAllRowsGivesAHundredMillionPairs() {
        JoinResult outcome = twoTables(JoinKind.FULL_OUTER, _ -> Value.of(1), _ -> Value.of(1)).outcome();
        MatchTimeline timeline = MatchTimeline.of(outcome, JoinAlgorithm.NESTED_LOOP);
        assertThat(outcome.size()).isEqualTo((long) ROWS * ROWS);
        assertThat(outcome.row(ROWS * 77L + 5)).isEqualTo(new ResultRow.Met(77, 5));
        assertThat(timeline.at(timeline.last() - 1).step()).isEqualTo(new Step.Pair(ROWS - 1, ROWS - 1));
        assertThat(timeline.at(timeline.last() - 2).left()).doesNotContain(RowState.OPEN);
    }

    /** Pairs by another condition than a key each take their room: so many are refused, in a sentence. */
    @Test
    void aRangeThatGivesMillionsOfPairsIsRefused() {
        Lesson lesson = SceneEdit.Write.of("SELECT * FROM hives h JOIN keepers k ON h.id < k.id")
                .applyTo(twoTables(JoinKind.INNER, Value::of, Value::of).lesson()).expect();
        assertThat(Showing.of(lesson, JoinAlgorithm.NESTED_LOOP).obstacle().orElseThrow().fault())
                .isEqualTo(new RunFault.TooManyRows(2_000_000));
    }

    private static TwoTables twoTables(JoinKind kind, IntFunction<Value> leftKey,
            IntFunction<Value> rightKey) {
        Table left = table("hives", leftKey);
        Table right = table("keepers", rightKey);
        return new TwoTables(left, kind, right, List.of(new KeyPair("id", "id")));
    }

    private static Table table(String name, IntFunction<Value> key) {
        List<Row> rows = IntStream.range(0, ROWS).mapToObj(i -> new Row(i, List.of(key.apply(i)))).toList();
        return new Table(name, List.of(new Column("id", Type.INTEGER)), rows, ROWS);
    }
}
