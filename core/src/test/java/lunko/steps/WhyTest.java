package lunko.steps;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.LongStream;
import lunko.TwoTables;
import lunko.lesson.DemoLesson;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.show.Showing;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;

/** The sentences a class reads. */
class WhyTest {

    @Test
    void namesRowsAndValuesAtEveryTurnOfALeftJoin() {
        assertThat(whys(JoinKind.LEFT_OUTER)).contains(
                "Each of the 5 rows of hives is compared with each of the 4 rows of keepers: 20 comparisons.",
                "11 = 11 is true: Clover and Oda are partners.",
                "11 = 12 is false: Clover and Tam are not partners.",
                "Linden has no keeper_id. NULL = 12 is neither true nor false but unknown: Linden and Tam are not "
                        + "partners.",
                "Linden has no partner among the 4 rows of keepers. A left outer join keeps it all the same, as row "
                        + "3, with NULL in every column of keepers.",
                "Bramble and Oda come into the result as row 4. Oda is there already, with Clover: a row has as "
                        + "many lines in the result as partners.",
                "15 = 14 is false: Sainfoin and Yara are not partners. That was the last of keepers, so Sainfoin "
                        + "has no partner. No row of hives is left for Yara, and a left outer join leaves it out.",
                "A left outer join of hives and keepers gives 5 rows: 3 pairs + 2 kept. Left out for want of a "
                        + "partner: 2 rows of keepers.");
    }

    @Test
    void saysThatACrossJoinComparesNothing() {
        assertThat(whys(JoinKind.CROSS)).contains(
                "A cross join compares nothing: each of the 5 rows of hives meets each of the 4 rows of keepers.",
                "Nothing is compared: Heather and Oda come into the result as row 5.",
                "A cross join of hives and keepers gives 20 rows: 5 × 4.");
    }

    @Test
    void findsThePartThatDecidesACompositeKey() {
        assertThat(sentence(List.of(Value.of(1), Value.of("ash ")), List.of(Value.of(1), Value.of("ash"))))
                .isEqualTo(
                        "1 = 1 AND 'ash ' = 'ash' is false, because 'ash ' = 'ash' is (they differ in blanks alone, "
                                + "and blanks count): ash and ash are not partners.");
        assertThat(sentence(List.of(Value.of(1), Value.NULL), List.of(Value.of(1), Value.NULL)))
                .isEqualTo(
                        "Neither sites row 1 nor plots row 1 has a key. 1 = 1 AND NULL = NULL is neither true nor "
                                + "false but unknown: sites row 1 and plots row 1 are not partners.");
        assertThat(sentence(List.of(Value.of(2), Value.NULL), List.of(Value.of(1), Value.NULL)))
                .startsWith("2 = 1 AND NULL = NULL is false, because 2 = 1 is:");
    }

    private static String sentence(List<Value> left, List<Value> right) {
        List<Column> columns = List.of(new Column("no", Type.INTEGER), new Column("wood", Type.TEXT));
        Table sites = Table.of("sites", columns, List.of(left));
        Table plots = Table.of("plots", columns, List.of(right));
        TwoTables two = new TwoTables(sites, JoinKind.FULL_OUTER, plots,
                List.of(new KeyPair("no", "no"), new KeyPair("wood", "wood")));
        String whole = MatchTimeline.of(two.outcome(), JoinAlgorithm.ROWS).at(1).why().text();
        int tail = whole.indexOf(" That was the last");
        return tail < 0 ? whole : whole.substring(0, tail);
    }

    private static List<String> whys(JoinKind kind) {
        Timeline timeline = Showing.of(DemoLesson.lesson().of(kind), JoinAlgorithm.ROWS).timeline().orElseThrow();
        return LongStream.rangeClosed(0, timeline.last()).mapToObj(n -> timeline.at(n).shown().why().text()).toList();
    }
}
