package lunko.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import lunko.engine.Aggregation;
import lunko.engine.Stage;
import lunko.engine.UnaryStage;
import lunko.insight.picture.TableHue;
import lunko.insight.picture.TableHues;
import lunko.lesson.DemoLesson;
import lunko.lesson.SceneEdit;
import lunko.query.Side;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.steps.ResultPart;
import org.junit.jupiter.api.Test;

/** A table has one colour wherever it is named or drawn, and what decides about a row is known. */
class TableHuesTest {

    private static Showing shown(String sql) {
        return Showing.of(SceneEdit.Write.of(sql).applyTo(DemoLesson.lesson()).expect(), JoinAlgorithm.NESTED_LOOP);
    }

    private static Stage result(Showing showing) {
        return ((ResultPart) showing.timeline().orElseThrow().parts().getLast()).result();
    }

    @Test
    void inAChainATableKeepsItsColourFromJoinToJoin() {
        Showing end = shown("SELECT h.hive, k.keeper, r.kg FROM hives h LEFT JOIN keepers k ON h.keeper_id = "
                + "k.keeper_id JOIN harvests r ON r.hive_no = h.hive_no");
        Showing first = end.at(0);
        assertThat(List.of(first.hue(Side.LEFT), first.hue(Side.RIGHT))).containsExactly(TableHue.FIRST,
                TableHue.SECOND);
        assertThat(List.of(end.hue(Side.LEFT), end.hue(Side.RIGHT))).containsExactly(TableHue.JOINED, TableHue.THIRD);
        TableHues hues = end.hues();
        Stage both = end.outcome().orElseThrow().join().left();
        assertThat(hues.of(both, 0)).contains(TableHue.FIRST);
        assertThat(hues.of(both, both.headings().size() - 1)).contains(TableHue.SECOND);
        assertThat(hues.named("keepers")).isEqualTo(hues.named("\"K\"")).contains(TableHue.SECOND);
        assertThat(hues.named("kg")).isEmpty();
        // Through the choice of columns too.
        Stage chosen = result(end);
        assertThat(List.of(hues.of(chosen, 0), hues.of(chosen, 1), hues.of(chosen, 2))).containsExactly(
                Optional.of(TableHue.FIRST), Optional.of(TableHue.SECOND), Optional.of(TableHue.THIRD));
    }

    @Test
    void aTableThatIsTakenTwiceIsTwoAndOneOfAQueryWithinComesLast() {
        TableHues itself = shown("SELECT * FROM hives a JOIN hives b ON a.mother_no = b.hive_no").hues();
        assertThat(itself.named("a")).contains(TableHue.FIRST);
        assertThat(itself.named("b")).contains(TableHue.SECOND);
        TableHues within = shown("SELECT * FROM (SELECT keeper_id FROM keepers) d JOIN hives h ON h.keeper_id = "
                + "d.keeper_id").hues();
        assertThat(List.of(within.named("d"), within.named("h"), within.named("keepers"))).containsExactly(
                Optional.of(TableHue.FIRST), Optional.of(TableHue.SECOND), Optional.of(TableHue.THIRD));
        TableHues beside = shown("SELECT * FROM hives WHERE hive_no > (SELECT MIN(hive_no) FROM harvests)").hues();
        assertThat(beside.named("harvests")).contains(TableHue.SECOND);
        // An alias comes before the name of a table that is called otherwise.
        TableHues crossed = shown("SELECT * FROM hives keepers, keepers hives").hues();
        assertThat(crossed.named("keepers")).contains(TableHue.FIRST);
        assertThat(crossed.named("hives")).contains(TableHue.SECOND);
    }

    @Test
    void theColumnsThatDecideAreThoseComparedGroupedAndSortedBy() {
        Showing showing =
                shown("SELECT k.village, COUNT(*) AS n FROM keepers k JOIN hives h ON h.keeper_id = k.keeper_id "
                        + "WHERE h.hive_no + 1 > 2 AND k.keeper <> 'Bert' "
                        + "GROUP BY k.village HAVING COUNT(*) > 0 ORDER BY n");
        assertThat(result(showing).all().stream().filter(UnaryStage.class::isInstance).map(UnaryStage.class::cast)
                .map(stage -> stage.deciding().stream().sorted().map(i -> stage.input().headings().get(i).name())
                        .toList()))
                .containsExactly(List.of("keeper", "hive_no"), List.of("village"), List.of("COUNT(*)"),
                        List.of("k.village", "COUNT(*)"), List.of("n"));
        Stage groups = result(showing).all().stream().filter(Aggregation.class::isInstance).findFirst().orElseThrow();
        assertThat(showing.hues().of(groups, 0)).contains(TableHue.FIRST);
        assertThat(showing.hues().of(groups, 1)).isEmpty();
        Stage second = result(shown("SELECT hive_no, hive FROM hives ORDER BY 2"));
        assertThat(((UnaryStage) second).deciding()).containsExactly(1);
    }
}
