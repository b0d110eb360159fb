package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import lunko.lesson.CellEdit;
import lunko.lesson.DemoLesson;
import lunko.lesson.Evaluation;
import lunko.lesson.Lesson;
import lunko.lesson.WrittenQuery;
import lunko.problem.QueryNote;
import lunko.table.Block;
import lunko.table.RowName;
import lunko.table.Value;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Figures of rows that joins have repeated are found where there are such, and nowhere else. */
class RepeatedRowsProperties {
    private static final Lesson DEMO = DemoLesson.lesson();

    private static List<QueryNote> notes(String sql, Lesson lesson) {
        Evaluation evaluation = Evaluation.of(WrittenQuery.of(sql), lesson.tables());
        evaluation.shown().expect();
        return evaluation.diagnostics().stream().map(diagnostic -> diagnostic.problem().fault())
                .filter(fault -> fault instanceof QueryNote.CountsRowsTwice
                        || fault instanceof QueryNote.HidesRepeatedRows)
                .map(QueryNote.class::cast).toList();
    }

    @Example
    void theRowThatIsThereMostOftenIsNamedAndHowMuchTooLargeTheFigureIs() {
        List<QueryNote> found = notes("SELECT h.hive, SUM(r.kg) FROM hives h JOIN harvests r ON r.hive_no = h.hive_no "
                + "JOIN visits v ON v.hive_no = h.hive_no GROUP BY h.hive", DEMO);
        assertThat(found).singleElement().isInstanceOfSatisfying(QueryNote.CountsRowsTwice.class, note -> {
            assertThat(note.times()).isEqualTo(3);
            assertThat(note.group()).isEqualTo(new RowName.Group(List.of(Value.of("Clover"))));
            assertThat(note.is().shown()).isEqualTo("39.0");
            assertThat(note.once().shown()).isEqualTo("13.0");
        });
        assertThat(notes("SELECT DISTINCT k.keeper FROM keepers k JOIN hives h ON h.keeper_id = k.keeper_id", DEMO))
                .singleElement().isInstanceOfSatisfying(QueryNote.HidesRepeatedRows.class,
                        note -> assertThat(note.times()).isEqualTo(2));
    }

    /** A figure is noted if and only if it changes when each row of its table counts once. */
    @Property(tries = 150, edgeCases = EdgeCasesMode.NONE)
    void whatIsNotedIsTooLargeAndWhatIsNotIsRight(@ForAll long seed) {
        Random random = new Random(seed);
        Lesson lesson = DEMO;
        for (int i = 0; i < 5; i++) lesson = changed(lesson, random);
        String function = List.of("SUM", "COUNT", "AVG").get(random.nextInt(3));
        boolean first = random.nextBoolean();
        String joins = " FROM hives h" + (random.nextBoolean() ? "" : " LEFT") + " JOIN harvests r"
                + " ON r.hive_no = h.hive_no"
                + (first ? "" : " LEFT JOIN visits v ON v.hive_no = h.hive_no");
        String sql = "SELECT " + function + "(r.kg)" + joins;
        // Each harvest once, as a query can say it: its own rows are told apart by where they stand.
        String once = "SELECT " + function + "(kg) FROM harvests r WHERE EXISTS (SELECT * FROM hives h "
                + "WHERE h.hive_no = r.hive_no)";
        boolean same = value(sql, lesson).equals(value(once, lesson));
        assertThat(notes(sql, lesson).isEmpty()).as(sql + lesson.tables()).isEqualTo(same);
    }

    private static Value value(String sql, Lesson lesson) {
        return WrittenQuery.of(sql).on(lesson.tables()).expect().rows().getFirst().getFirst();
    }

    private static Lesson changed(Lesson lesson, Random random) {
        String table = List.of("harvests", "visits").get(random.nextInt(2));
        int rows = lesson.table(table).rows().size();
        String hive = String.valueOf(1 + random.nextInt(6));
        int column = table.equals("harvests") ? 0 : 1;
        return new CellEdit.Put(table, Block.cell(random.nextInt(rows), column), hive)
                .applyTo(lesson).expect();
    }

    @Example
    void whatIsNotRepeatedIsNotNoted() {
        for (String sql : List.of(
                "SELECT h.hive, SUM(r.kg) FROM hives h JOIN harvests r ON r.hive_no = h.hive_no GROUP BY h.hive",
                "SELECT COUNT(*) FROM keepers k JOIN hives h ON h.keeper_id = k.keeper_id",
                "SELECT COUNT(DISTINCT k.keeper_id) FROM keepers k JOIN hives h ON h.keeper_id = k.keeper_id",
                "SELECT MAX(k.keeper) FROM keepers k JOIN hives h ON h.keeper_id = k.keeper_id",
                "SELECT SUM(q.kg) FROM (SELECT hive_no, SUM(kg) AS kg FROM harvests GROUP BY hive_no) q "
                        + "JOIN hives h ON h.hive_no = q.hive_no",
                "SELECT DISTINCT village FROM keepers", "SELECT DISTINCT h.hive FROM hives h"))
            assertThat(notes(sql, DEMO)).as(sql).isEmpty();
    }
}
