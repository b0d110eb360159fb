package lunko.steps;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import java.util.stream.LongStream;
import lunko.lesson.DemoLesson;
import lunko.lesson.WrittenQuery;
import org.junit.jupiter.api.Test;

/** How the steps of a whole query are counted. */
class QueryStepsTest {

    @Test
    void aLimitSaysWhichRowsAreOutAndStepsAreCountedThroughAllParts() {
        Timeline cut = timeline("SELECT hive FROM hives ORDER BY hive_no OFFSET 1 ROW FETCH FIRST 2 ROWS ONLY",
                JoinAlgorithm.NESTED_LOOP);
        RowTimeline limit = (RowTimeline) cut.parts().get(cut.parts().size() - 2);
        assertThat(IntStream.range(0, 5).filter(limit::strikesOut)).containsExactly(0, 3, 4);
        assertThat(LongStream.of(0, 1, 2, 3, 4).map(limit::nextLanding)).containsExactly(2L, 2L, 3L, 6L, 6L);
        assertThat(limit.at(3).landed()).isEqualTo(2);
        Timeline chain = timeline(
                "SELECT h.hive FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id JOIN harvests r ON "
                        + "r.hive_no = h.hive_no",
                JoinAlgorithm.NESTED_LOOP);
        assertThat(chain.comparisons()).isEqualTo(5 * 4 + 3 * 9);
        assertThat(chain.at(chain.end(0)).comparisons()).isEqualTo(20);
        assertThat(chain.at(chain.start(1) + 1).comparisons()).isEqualTo(21);
        assertThat(chain.at(chain.last()).comparisons()).isEqualTo(47);
        assertThat(chain.nextEnd(chain.end(0))).isEqualTo(chain.end(1));
    }

    private static Timeline timeline(String query, JoinAlgorithm algorithm) {
        return Timeline.of(WrittenQuery.of(query).on(DemoLesson.lesson().tables()).expect(), algorithm);
    }
}
