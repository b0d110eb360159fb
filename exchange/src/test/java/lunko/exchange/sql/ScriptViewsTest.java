package lunko.exchange.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lunko.exchange.file.Watch;
import lunko.lesson.CellEdit;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.lesson.TableEdit;
import lunko.table.Table;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Views that a script makes, in a lesson that takes its tables over. */
class ScriptViewsTest {
    private static final String SCRIPT = """
            CREATE TABLE hives (hive_no INTEGER PRIMARY KEY, hive VARCHAR(20));
            CREATE TABLE harvests (hive_no INTEGER REFERENCES hives, kg DECIMAL(4, 1));
            INSERT INTO hives VALUES (1, 'Clover'), (2, 'Heather');
            INSERT INTO harvests VALUES (1, 4.5), (1, 6.0);
            CREATE VIEW sums (hive, all_kg) AS
              SELECT h.hive, SUM(r.kg) FROM hives h JOIN harvests r ON r.hive_no = h.hive_no GROUP BY h.hive;
            CREATE VIEW heavy AS SELECT hive FROM sums WHERE all_kg > 5;
            """;

    @TempDir
    private Path folder;

    private ScriptReader.Read read(String script) throws IOException {
        return ScriptReader.read(Files.writeString(folder.resolve("script.sql"), script), Watch.NOBODY).expect();
    }

    private static List<List<String>> rows(Table table) {
        return table.rows().stream().map(row -> row.values().stream().map(value -> value.shown()).toList()).toList();
    }

    @Test
    void theyFollowTheTablesThatTheyRead() throws IOException {
        Lesson lesson = Lesson.of(read(SCRIPT).set());
        assertThat(rows(lesson.table("sums"))).containsExactly(List.of("Clover", "10.5"));
        assertThat(rows(lesson.table("heavy"))).containsExactly(List.of("Clover"));
        Table harvests = lesson.table("harvests");
        Lesson edited = new CellEdit.Type("harvests", harvests.rows().getFirst().id(), 1, "0.5").applyTo(lesson)
                .expect();
        assertThat(rows(edited.table("sums"))).containsExactly(List.of("Clover", "6.5"));
    }

    @Test
    void theyKeepTheirTablesWhateverTheseAreCalledInTheLesson() throws IOException {
        ScriptReader.Read imported = read(SCRIPT);
        History once = History.of(Lesson.of(imported.set()));
        Lesson twice = once.after(new TableEdit.BringIn(imported.set())).expect().lesson();
        assertThat(twice.tables()).extracting(Table::name).containsExactlyInAnyOrder("hives", "harvests", "hives_2",
                "harvests_2", "sums", "heavy", "sums_2", "heavy_2");
        Table other = twice.table("harvests_2");
        Lesson edited = new CellEdit.Type("harvests_2", other.rows().getFirst().id(), 1, "0.5").applyTo(twice).expect();
        assertThat(rows(edited.table("sums"))).containsExactly(List.of("Clover", "10.5"));
        assertThat(rows(edited.table("sums_2"))).containsExactly(List.of("Clover", "6.5"));
        assertThat(rows(edited.table("heavy_2"))).containsExactly(List.of("Clover"));
    }

    @Test
    void oneThatCannotBeEvaluatedIsLeftOutWithANote() throws IOException {
        ScriptReader.Read imported = read(SCRIPT + "CREATE VIEW odd AS SELECT 1 / (kg - kg) AS x FROM harvests;");
        assertThat(imported.set().views()).hasSize(2);
        assertThat(imported.leftOut()).hasSize(1);
    }
}
