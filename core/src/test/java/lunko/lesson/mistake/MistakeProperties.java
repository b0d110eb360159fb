package lunko.lesson.mistake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import lunko.Said;
import lunko.lesson.CellEdit;
import lunko.lesson.DemoLesson;
import lunko.lesson.Diagnostic;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.lesson.RowEdit;
import lunko.lesson.Scene;
import lunko.lesson.SceneEdit;
import lunko.lesson.ScenesEdit;
import lunko.problem.Fault;
import lunko.problem.Problem;
import lunko.problem.QueryNote;
import lunko.table.Block;
import lunko.show.Followed;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.table.Table;
import lunko.table.Value;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Each mistake can be set up, is seen on the tables, is warned of, and is mended by what is said to mend it. */
class MistakeProperties {
    private static final Lesson DEMO = DemoLesson.lesson();
    private static final Map<Mistake,
            Class<?>> NOTED = Map.of(Mistake.FAN, QueryNote.CountsRowsTwice.class, Mistake.UNDONE_BY_JOIN,
                    QueryNote.JoinUndoesOuterJoin.class,
                    Mistake.CHASM, QueryNote.CountsRowsTwice.class, Mistake.DISTINCT, QueryNote.HidesRepeatedRows.class,
                    Mistake.WRONG_COLUMN, QueryNote.JoinsByOtherColumns.class, Mistake.EQUALS_NULL,
                    QueryNote.ComparedWithNull.class, Mistake.NOT_IN, QueryNote.NotInWithNull.class,
                    Mistake.UNDONE_BY_WHERE, QueryNote.UndoesOuterJoin.class);

    @Example
    void theDemoShowsEachOfThem() {
        for (Mistake mistake : Mistake.values()) {
            List<Scene> scenes = mistake.in(DEMO, Said.ENGLISH.mistakes()).expect();
            check(mistake, DEMO, scenes);
        }
        Lesson lesson = shown(Mistake.FAN, DEMO).at(1);
        assertThat(rows(lesson)).isEqualTo(List.of(List.of(Value.of(3))));
        assertThat(rows(lesson.at(2))).isEqualTo(List.of(List.of(Value.of(2))));
        assertThat(shown(Mistake.QUERY_FOR_EACH_ROW, DEMO).staged().query().statements()).hasSize(5);
        assertThat(shown(Mistake.WRONG_COLUMN, DEMO).staged().sql()).contains("mother_no");
        assertThat(shown(Mistake.BY_POSITION, DEMO).table("hives").columns().getFirst().name()).isEqualTo("line");
    }

    private static Lesson shown(Mistake mistake, Lesson lesson) {
        return new ScenesEdit.Show("x", mistake.in(lesson, Said.ENGLISH.mistakes()).expect()).applyTo(lesson).expect();
    }

    private static Object rows(Lesson lesson) {
        return lesson.staged().result().<Object>either(stage -> List.copyOf(stage.rows()), Problem::fault);
    }

    /** Whatever the rows are: what is offered goes wrong and can be mended, and nothing else is offered. */
    @Property(tries = 60, edgeCases = EdgeCasesMode.NONE)
    void whatIsSetUpGoesWrong(@ForAll long seed) {
        Random random = new Random(seed);
        Lesson lesson = DEMO;
        for (int i = 0; i < 12; i++) lesson = changed(lesson, random);
        for (Mistake mistake : Mistake.values()) {
            Lesson now = lesson;
            mistake.in(lesson, Said.ENGLISH.mistakes()).handle(scenes -> check(mistake, now, scenes),
                    problem -> assertThat(Said.fault(problem)).startsWith("It needs ").endsWith("."));
        }
    }

    private static void check(Mistake mistake, Lesson lesson, List<Scene> scenes) {
        Lesson wrong = new ScenesEdit.Show("x", scenes).applyTo(lesson).expect();
        Lesson mended = wrong.at(wrong.scenes().at() + 1);
        Set<Mistake> same = EnumSet.of(Mistake.DISTINCT, Mistake.BY_POSITION, Mistake.QUERY_FOR_EACH_ROW);
        assertThat(rows(mended)).as(mended.staged().sql()).isInstanceOf(List.class);
        assertThat(rows(wrong)).as(wrong.staged().sql()).isInstanceOf(List.class);
        if (!same.contains(mistake)) assertThat(rows(wrong)).as(wrong.staged().sql()).isNotEqualTo(rows(mended));
        if (NOTED.containsKey(mistake))
            assertThat(notes(wrong)).as(wrong.staged().sql()).hasAtLeastOneElementOfType(NOTED.get(mistake));
        assertThat(notes(mended)).as(mended.staged().sql()).isEmpty();
        // What is said of a text is said again when it is typed again.
        Showing showing = Showing.of(wrong, JoinAlgorithm.NESTED_LOOP);
        assertThat(Followed.of(new Followed.Typed(wrong.staged().query(), History.of(wrong), showing, false))
                .diagnostics()).isEqualTo(showing.diagnostics());
    }

    private static List<Fault> notes(Lesson lesson) {
        return lesson.staged().evaluation().diagnostics().stream().map(Diagnostic::problem).map(Problem::fault)
                .toList();
    }

    private static Lesson changed(Lesson lesson, Random random) {
        Table table = lesson.tables().get(random.nextInt(lesson.tables().size()));
        if (table.rows().isEmpty()) return lesson;
        int row = random.nextInt(table.rows().size());
        int column = random.nextInt(table.columns().size());
        String typed = random.nextInt(4) == 0 ? "NULL"
                : table.rows().get(random.nextInt(table.rows().size())).value(column).shown();
        return switch (random.nextInt(3)) {
            case 0 -> new RowEdit.Delete(table.name(), row, row).applyTo(lesson).expect();
            case 1 -> new RowEdit.Repeat(table.name(), row, row).applyTo(lesson).expect();
            default -> new CellEdit.Put(table.name(), Block.cell(row, column), typed).applyTo(lesson).expect();
        };
    }

    /** A query is said to join by other columns than those that are linked only where it does. */
    @Example
    void otherColumnsAreNotedAndMendedByTheLink() {
        String joined = "SELECT h.hive FROM hives h JOIN harvests r ON r.hive_no = h.mother_no";
        Diagnostic noted = SceneEdit.Write.of(joined).applyTo(DEMO).expect().staged().evaluation().diagnostics()
                .getFirst();
        assertThat(noted.problem().fault()).isEqualTo(
                new QueryNote.JoinsByOtherColumns("r.hive_no = h.mother_no", "r.hive_no = h.hive_no"));
        assertThat(noted.mended()).containsExactly(joined.replace("h.mother_no", "h.hive_no"));
        Stream.of(joined.replace("h.mother_no", "h.hive_no"), joined + " AND r.hive_no = h.hive_no",
                "SELECT * FROM hives h JOIN grades g ON g.grade = h.hive",
                "SELECT * FROM hives h, visits v WHERE v.hive_no = h.hive_no AND v.keeper_id = h.keeper_id",
                "SELECT * FROM hives c JOIN hives m ON c.keeper_id = m.keeper_id",
                "SELECT * FROM hives h, harvests r WHERE r.hive_no = 1")
                .forEach(sql -> assertThat(notes(SceneEdit.Write.of(sql).applyTo(DEMO).expect())).as(sql).isEmpty());
    }
}
