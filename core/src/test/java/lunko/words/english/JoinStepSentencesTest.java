package lunko.words.english;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.LongStream;
import lunko.Said;
import lunko.TwoTables;
import lunko.lesson.DemoLesson;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.steps.MatchTimeline;
import lunko.steps.Timeline;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;

/** What a class reads at the steps of a join. */
class JoinStepSentencesTest {

    @Test
    void namesRowsAndValuesAtEveryTurnOfALeftJoin() {
        assertThat(whys(JoinKind.LEFT_OUTER)).contains(
                "Each of the 5 rows of hives is compared with each of the 4 rows of keepers: 20 comparisons.",
                "11 = 11 is true: Clover and Oda match.",
                "11 = 12 is false: Clover and Tam do not match.",
                "Linden's keeper_id is NULL. NULL = 12 is neither true nor false but unknown: Linden and Tam do not "
                        + "match.",
                "Linden has no match among the 4 rows of keepers. A left outer join keeps it anyway, as row "
                        + "3, with NULL in every column of keepers.",
                "Bramble and Oda go into the result as row 4. Oda is already there, with Clover: a row appears "
                        + "once for each of its matches.",
                "15 = 14 is false: Sainfoin and Yara do not match. That was the last row of keepers, so Sainfoin "
                        + "has no match. No row of hives is left to match Yara, and a left outer join leaves it out.",
                "A left outer join of hives and keepers gives 5 rows: 3 pairs + 2 kept. 2 rows of keepers are "
                        + "left out: no match.");
    }

    @Test
    void saysThatACrossJoinComparesNothing() {
        assertThat(whys(JoinKind.CROSS)).contains(
                "A cross join compares nothing: each of the 5 rows of hives is paired with each of the 4 rows "
                        + "of keepers.",
                "Nothing is compared: Heather and Oda go into the result as row 5.",
                "A cross join of hives and keepers gives 20 rows: 5 × 4.");
    }

    @Test
    void findsThePartThatDecidesACompositeKey() {
        assertThat(sentence(List.of(Value.of(1), Value.of("ash ")), List.of(Value.of(1), Value.of("ash"))))
                .isEqualTo(
                        "1 = 1 AND 'ash ' = 'ash' is false, because 'ash ' = 'ash' is (they differ only in "
                                + "blanks, and blanks count): ash and ash do not match.");
        assertThat(sentence(List.of(Value.of(1), Value.NULL), List.of(Value.of(1), Value.NULL)))
                .isEqualTo(
                        "The keys of sites row 1 and plots row 1 are both NULL. 1 = 1 AND NULL = NULL is neither "
                                + "true nor "
                                + "false but unknown: sites row 1 and plots row 1 do not match.");
        assertThat(sentence(List.of(Value.of(2), Value.NULL), List.of(Value.of(1), Value.NULL)))
                .startsWith("2 = 1 AND NULL = NULL is false, because 2 = 1 is:");
    }

    private static String sentence(List<Value> left, List<Value> right) {
        List<Column> columns = List.of(new Column("no", Type.INTEGER), new Column("wood", Type.TEXT));
        Table sites = Table.of("sites", columns, List.of(left));
        Table plots = Table.of("plots", columns, List.of(right));
        TwoTables two = new TwoTables(sites, JoinKind.FULL_OUTER, plots,
                List.of(new KeyPair("no", "no"), new KeyPair("wood", "wood")));
        String whole = MatchTimeline.of(two.outcome(), JoinAlgorithm.NESTED_LOOP).at(1).why().in(Said.ENGLISH).text();
        int tail = whole.indexOf(" That was the last");
        return tail < 0 ? whole : whole.substring(0, tail);
    }

    private static List<String> whys(JoinKind kind) {
        Timeline timeline =
                Showing.of(DemoLesson.lesson().of(kind), JoinAlgorithm.NESTED_LOOP).timeline().orElseThrow();
        return LongStream.rangeClosed(0, timeline.last())
                .mapToObj(n -> timeline.at(n).shown().why().in(Said.ENGLISH).text()).toList();
    }
}
