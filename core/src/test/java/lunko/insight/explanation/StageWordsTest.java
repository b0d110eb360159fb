package lunko.insight.explanation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lunko.lesson.DemoLesson;
import lunko.lesson.Edit;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.WrittenQuery;
import lunko.problem.Stretch;
import lunko.query.JoinKind;
import lunko.show.Showing;
import lunko.steps.Frame;
import lunko.steps.JoinAlgorithm;
import lunko.steps.Part;
import lunko.steps.Timeline;
import org.junit.jupiter.api.Test;

/** The words of a query that are at work. */
class StageWordsTest {

    @Test
    void eachStageHasItsClause() {
        Lesson lesson = written(
                "SELECT DISTINCT h.hive, COUNT(*) AS n FROM hives h LEFT JOIN keepers k ON h.keeper_id = "
                        + "k.keeper_id AND k.village <> 'x', meadows m WHERE h.hive_no > 0 AND EXISTS (SELECT * "
                        + "FROM harvests r WHERE r.hive_no = h.hive_no) GROUP BY h.hive HAVING COUNT(*) > 1 ORDER "
                        + "BY n OFFSET 1 ROWS FETCH FIRST 2 ROWS ONLY");
        Timeline timeline = Showing.of(lesson, JoinAlgorithm.NESTED_LOOP).timeline().orElseThrow();
        StageWords words = words(lesson, timeline);
        assertThat(
                timeline.parts().stream()
                        .map(part -> words.of(part).stream().map(at -> at.of(lesson.staged().sql())).toList()))
                .containsExactly(
                        List.of("LEFT JOIN", "ON h.keeper_id = k.keeper_id AND k.village <> 'x'"), List.of(","),
                        List.of("WHERE h.hive_no > 0 AND EXISTS (SELECT * FROM harvests r WHERE r.hive_no = "
                                + "h.hive_no)"),
                        List.of("EXISTS (SELECT * FROM harvests r WHERE r.hive_no = h.hive_no)",
                                "r.hive_no = h.hive_no"),
                        List.of("GROUP BY h.hive"), List.of("HAVING COUNT(*) > 1"),
                        List.of("SELECT DISTINCT h.hive, COUNT(*) AS n"), List.of("SELECT DISTINCT"),
                        List.of("ORDER BY n"), List.of("OFFSET 1 ROWS", "FETCH FIRST 2 ROWS ONLY"), List.of());
    }

    @Test
    void theConditionIsLitThatIsNotTrue() {
        Lesson lesson = written(
                "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id AND h.hive = k.village");
        // 11 = 11 is true, and Clover = Ashholt is not; then 11 = 12 is not. At the end of its turn the row is kept.
        assertThat(lit(lesson, 1)).containsExactly("h.hive = k.village");
        assertThat(lit(lesson, 2)).containsExactly("h.keeper_id = k.keeper_id");
        assertThat(lit(lesson, 5)).containsExactly("LEFT JOIN");
    }

    @Test
    void aPlainJoinOfAnyKindHasWords() {
        for (JoinKind kind : JoinKind.values()) {
            Lesson lesson = new SceneEdit.ChooseKind(kind).applyTo(DemoLesson.lesson()).expect();
            assertThat(lit(lesson, 1)).as(lesson.staged().sql()).isNotEmpty();
            assertThat(lit(lesson, Showing.of(lesson, JoinAlgorithm.NESTED_LOOP).timeline().orElseThrow().last()))
                    .isEmpty();
        }
    }

    @Test
    void whatTakesThePairsFromAFullJoinBelongsToIt() {
        Lesson lesson = new SceneEdit.ChooseKind(JoinKind.FULL_ANTI).applyTo(DemoLesson.lesson()).expect();
        Timeline timeline = Showing.of(lesson, JoinAlgorithm.NESTED_LOOP).timeline().orElseThrow();
        assertThat(words(lesson, timeline).of(timeline.parts().getFirst()).stream()
                .map(at -> at.of(lesson.staged().sql()))).containsExactly("FULL JOIN",
                        "WHERE h.keeper_id IS NULL OR k.keeper_id IS NULL", "ON h.keeper_id = k.keeper_id");
    }

    private static Lesson written(String sql) {
        Edit write = SceneEdit.Write.of(sql);
        return write.applyTo(DemoLesson.lesson()).expect();
    }

    private static StageWords words(Lesson lesson, Timeline timeline) {
        WrittenQuery.Read read = lesson.staged().query().read().expect();
        return StageWords.of(read.script(), read.query(), timeline);
    }

    private static List<String> lit(Lesson lesson, long step) {
        Timeline timeline = Showing.of(lesson, JoinAlgorithm.NESTED_LOOP).timeline().orElseThrow();
        Frame frame = timeline.at(step);
        Part part = timeline.parts().get(frame.part());
        List<Stretch> lit = words(lesson, timeline).at(part, frame.shown());
        return lit.stream().map(at -> at.of(lesson.staged().sql())).toList();
    }
}
