package lunko.words.english;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import lunko.Said;
import lunko.engine.Stage;
import lunko.engine.sql.Database;
import lunko.insight.explanation.ImpliedJoin;
import lunko.lesson.DemoLesson;
import lunko.problem.Origin;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.steps.JoinAlgorithm;
import lunko.steps.Timeline;
import org.junit.jupiter.api.Test;

/** What a class reads when a whole query is gone through, stage by stage, in each way of matching. */
class QueryStepSentencesTest {

    @Test
    void everyStageHasAPartInTheOrderOfLogic() {
        Timeline timeline = timeline("""
                SELECT DISTINCT k.village, COUNT(*) AS n FROM hives h FULL JOIN keepers k ON h.keeper_id = k.keeper_id
                WHERE k.keeper_id > (SELECT MIN(keeper_id) FROM keepers) GROUP BY k.village HAVING COUNT(*) < 9
                ORDER BY n DESC, 1 OFFSET 1 ROW FETCH FIRST 2 ROWS ONLY""", JoinAlgorithm.NESTED_LOOP);
        assertThat(titles(timeline)).containsExactly(
                "Match hives with keepers: full outer join, nested loop",
                "Subquery: put keepers into one group",
                "Subquery: select the columns min",
                "Filter hives + keepers by WHERE",
                "Group hives + keepers by k.village",
                "Filter the groups of hives + keepers by HAVING",
                "Select the columns village, n",
                "Remove duplicates from the groups of hives + keepers",
                "Sort by n DESC, village",
                "Limit the number of rows",
                "The result");
        assertThat(whys(timeline)).contains(
                "Sainfoin has no match among the 4 rows of keepers. A full outer join keeps it anyway, as "
                        + "row 5, with NULL in every column of keepers.",
                "A full outer join of hives and keepers gives 7 rows: 3 pairs + 2 + 2 kept.",
                "The only group has 4 rows and becomes row 1: MIN(keeper_id) 11.",
                "12 > 11 is true: Heather + Tam stays, as row 1.",
                "NULL > 11 is neither true nor false but unknown: Linden is removed, because only true rows "
                        + "stay.",
                "Group Ashholt has 1 row and becomes row 2: COUNT(*) 1.",
                "1 < 9 is true: group Low Fold stays, as row 3.",
                "Group Reedmere gives row 1: village 'Reedmere', n 1.",
                "village 'Reedmere', n 1 is new and stays, as row 1.",
                "Group Ashholt is row 1, with 1, 'Ashholt'.",
                "Group Ashholt is one of the first 1 and is skipped.",
                "The result has 2 rows. Its order is that of ORDER BY n DESC, village.");
    }

    /** A named query that reads itself goes round by round, and what is asked of its rows comes once. */
    @Test
    void roundsAreStepsAndANamedQueryIsAskedOnce() {
        Timeline timeline = timeline("""
                WITH RECURSIVE line (no) AS (SELECT hive_no FROM hives WHERE mother_no IS NULL
                UNION SELECT h.hive_no FROM hives h JOIN line l ON h.mother_no = l.no)
                SELECT a.no FROM line a JOIN line b ON a.no = b.no""", JoinAlgorithm.NESTED_LOOP);
        assertThat(titles(timeline)).containsExactly(
                "For line, to begin with: filter hives by WHERE",
                "For line, to begin with: select the columns hive_no",
                "Round 1 of line: match hives with l: inner join, nested loop",
                "Round 1 of line: select the columns hive_no",
                "Round 2 of line: match hives with l: inner join, nested loop",
                "Round 2 of line: select the columns hive_no",
                "Round 3 of line: match hives with l: inner join, nested loop",
                "Round 3 of line: select the columns hive_no",
                "For a: put the rounds of line together",
                "Match a with b: inner join, nested loop",
                "Select the columns no",
                "The result");
        assertThat(IntStream.range(0, timeline.parts().size()).mapToObj(timeline::round).toList())
                .extracting(round -> round.orElse(0)).containsExactly(0, 0, 1, 1, 2, 2, 3, 3, 0, 0, 0, 0);
        assertThat(whys(timeline)).contains(
                "Row 2 of round 1, no 3, goes into the result as row 4.",
                "3 rounds and the first query give 5 rows; the last round brought nothing new.");
    }

    @Test
    void aChainHandsItsRowsOnAndSetOperationsSayWhatBecomesOfEachRow() {
        assertThat(whys(timeline(
                "SELECT a.hive FROM hives a JOIN hives b ON a.keeper_id = b.keeper_id JOIN keepers k ON k.keeper_id "
                        + "= a.keeper_id WHERE a.hive_no < b.hive_no",
                JoinAlgorithm.NESTED_LOOP))).contains(
                        "Each of the 5 rows of hives a is compared with each of the 5 rows of hives b: 25 comparisons.",
                        "11 = 11 is true: Clover + Bramble and Oda match.",
                        "1 < 4 is true: Clover + Bramble + Oda stays, as row 1.");
        assertThat(
                whys(timeline("SELECT keeper_id FROM keepers EXCEPT SELECT keeper_id FROM hives",
                        JoinAlgorithm.NESTED_LOOP)))
                .contains(
                        "EXCEPT takes the rows of the first query that are not in the second, each once. Here NULL "
                                + "equals NULL.",
                        "Row 1 of the first query, keeper_id 11, is in the second query and is removed.",
                        "Row 3 of the first query, keeper_id 13, is not in the second query and goes into the "
                                + "result as row 1.",
                        "Row 5 of the second query, keeper_id 15, is only compared with, and never in the "
                                + "result itself.",
                        "The result has 2 rows. Without ORDER BY a database promises no order. Lunko always takes "
                                + "the order of the rows in their tables.");
    }

    @Test
    void semiAndAntiJoinsAreRecognisedAndStopAtTheFirstMatch() {
        String exists = "SELECT * FROM keepers k WHERE EXISTS (SELECT * FROM hives h WHERE h.keeper_id = k.keeper_id)";
        assertThat(said(exists)).containsExactly("This is a left semi join of keepers and hives.");
        assertThat(whys(timeline(exists, JoinAlgorithm.NESTED_LOOP)))
                .contains("11 = 11 is true: Oda and Clover match. One match is enough.",
                        "Oda has a match, so a left semi join takes it as row 1, with its own columns only.",
                        "A left semi join of keepers and hives gives 2 rows: 2 with a match.")
                .doesNotContain("11 = 12 is false: Oda and Heather do not match.");
        String notIn = "SELECT * FROM keepers WHERE keeper_id NOT IN (SELECT keeper_id FROM hives)";
        assertThat(said(notIn)).containsExactly("This is a left anti join of keepers and hives.");
        assertThat(whys(timeline(notIn, JoinAlgorithm.SORT_MERGE))).contains(
                "The condition has no equality that a sort-merge join could use, so this is a nested loop. Each of "
                        + "the 4 rows of keepers is compared with the rows of hives until one decides. NOT IN takes "
                        + "a row only if it is certainly equal to none: one equal key, or one comparison that is "
                        + "unknown, leaves it out.",
                "Linden's keeper_id is NULL. 13 = NULL is neither true nor false but unknown: Bert and Linden may be "
                        + "equal. So it is not certain that Bert has no match, and NOT IN leaves it out.");
        assertThat(said(
                "SELECT k.* FROM hives h RIGHT JOIN keepers k ON h.keeper_id = k.keeper_id WHERE h.keeper_id IS NULL"))
                .containsExactly("This is a right anti join of hives and keepers.");
        assertThat(
                said("SELECT k.* FROM hives h RIGHT JOIN keepers k ON h.keeper_id = k.keeper_id WHERE h.hive IS NULL"))
                .isEmpty();
    }

    @Test
    void bucketsAndSortedListsCompareLess() {
        String query = "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id";
        assertThat(whys(timeline(query, JoinAlgorithm.HASH))).contains("Oda goes into bucket 11.",
                "Bramble looks into bucket 11: 1 row of keepers is there.",
                "Linden's keeper_id is NULL, so it looks into no bucket and has no match.",
                "A left outer join of hives and keepers gives 5 rows: 3 pairs + 2 kept. It made 3 comparisons; a "
                        + "nested loop makes 20. 2 rows of keepers are left out: no match.");
        assertThat(whys(timeline(query, JoinAlgorithm.SORT_MERGE))).contains(
                "hives by keeper_id: Clover 11, Bramble 11, Heather 12, Sainfoin 15. 1 row with a NULL key is "
                        + "set aside: NULL is equal to nothing.",
                "11 = 12 is false: Bramble and Tam do not match. The key of Bramble is smaller, so "
                        + "hives moves on.");
    }

    private static Stage stages(String query) {
        Script script = new SqlParser(new Origin.Query()).parse(query).expect();
        return Database.of(DemoLesson.lesson().tables()).run(script.statements().getFirst(), script).expect().stages()
                .orElseThrow();
    }

    private static Timeline timeline(String query, JoinAlgorithm algorithm) {
        return Timeline.of(stages(query), algorithm);
    }

    private static List<String> said(String query) {
        return ImpliedJoin.in(stages(query)).stream().map(join -> join.sentence(Said.ENGLISH)).toList();
    }

    private static List<String> titles(Timeline timeline) {
        return IntStream.range(0, timeline.parts().size()).mapToObj(part -> timeline.title(part, Said.ENGLISH).text())
                .toList();
    }

    private static List<String> whys(Timeline timeline) {
        return LongStream.rangeClosed(0, timeline.last())
                .mapToObj(n -> timeline.at(n).shown().why().in(Said.ENGLISH).text()).toList();
    }
}
