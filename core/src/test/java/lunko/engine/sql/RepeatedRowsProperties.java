package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import lunko.lesson.CellEdit;
import lunko.lesson.DemoLesson;
import lunko.lesson.Diagnostic;
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

    /** What is offered to mend a figure gives what each row once gives, in every group. */
    @Property(tries = 150, edgeCases = EdgeCasesMode.NONE)
    void whatIsOfferedMendsTheFigure(@ForAll long seed) {
        Random random = new Random(seed);
        Lesson lesson = DEMO;
        for (int i = 0; i < 5; i++) lesson = changed(lesson, random);
        List<String> figures = List.of("COUNT(h.hive_no)", "SUM(h.mother_no)", "COUNT(h.keeper_id)", "AVG(h.hive_no)");
        String figure = figures.get(random.nextInt(figures.size()));
        String sql = "SELECT " + figure + (random.nextBoolean() ? " FROM hives h JOIN visits v" : " FROM visits v JOIN "
                + "hives h") + " ON v.hive_no = h.hive_no"
                + List.of("", " WHERE h.mother_no IS NULL OR h.hive_no > 1").get(random.nextInt(2));
        for (Diagnostic diagnostic : Evaluation.of(WrittenQuery.of(sql), lesson.tables()).diagnostics()) {
            if (!(diagnostic.problem().fault() instanceof QueryNote.CountsRowsTwice note)) continue;
            assertThat(diagnostic.mended()).as(sql).isNotEmpty();
            for (String mended : diagnostic.mended()) {
                assertThat(value(mended, lesson)).as(mended).isEqualTo(note.once());
                assertThat(notes(mended, lesson)).as(mended).isEmpty();
            }
        }
        String used = "SELECT COUNT(h.hive_no), MIN(v.day) FROM hives h JOIN visits v ON v.hive_no = h.hive_no";
        assertThat(Evaluation.of(WrittenQuery.of(used), DEMO.tables()).diagnostics().getFirst().mended())
                .containsExactly(used.replace("COUNT(", "COUNT(DISTINCT "));
    }

    /** A later join that loses what an outer join has kept is noted, and mended by being a left join too. */
    @Example
    void aLaterJoinThatUndoesAnOuterOneIsNoted() {
        String sql = "SELECT * FROM hives h LEFT JOIN keepers k ON k.keeper_id = h.keeper_id "
                + "JOIN visits v ON v.keeper_id = k.keeper_id";
        Diagnostic noted = Evaluation.of(WrittenQuery.of(sql), DEMO.tables()).diagnostics().getFirst();
        assertThat(noted.problem().fault()).isEqualTo(new QueryNote.JoinUndoesOuterJoin("k.keeper_id"));
        assertThat(WrittenQuery.of(noted.mended().getFirst()).on(DEMO.tables()).expect().rows()).hasSize(10);
        for (String right : List.of(noted.mended().getFirst(), sql.replace("v.keeper_id = k", "v.keeper_id = h"),
                sql.replace("v.keeper_id = k.keeper_id", "v.keeper_id = k.keeper_id OR k.keeper_id IS NULL")))
            assertThat(Evaluation.of(WrittenQuery.of(right), DEMO.tables()).diagnostics()).as(right).isEmpty();
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
