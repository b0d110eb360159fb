package lunko.handout;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import java.io.IOException;
import java.io.InputStream;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import lunko.handout.file.PngFile;
import lunko.handout.figure.Motif;
import lunko.handout.paint.Palette;
import lunko.handout.text.LessonMarkdown;
import lunko.handout.text.LessonNotebook;
import lunko.handout.text.LessonScript;
import lunko.lesson.Lesson;
import lunko.query.change.SqlDialect;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import org.junit.jupiter.api.Test;

/** Lessons as texts that others show and run. */
class TextTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    private static List<Lesson> lessons() {
        Lesson demo = Scenes.demo();
        return IntStream.range(0, demo.scenes().size()).mapToObj(demo::at).toList();
    }

    private static List<Showing> showings() {
        return lessons().stream().map(lesson -> Showing.of(lesson, JoinAlgorithm.NESTED_LOOP)).toList();
    }

    private static JsonNode notebook() throws IOException {
        return JSON.readTree(LessonNotebook.of(showings(), scene -> PngFile.of(
                Motif.SCENE.of(Scenes.subject(lessons().get(scene))).orElseThrow(), Palette.LIGHT, 1), Scenes.ENGLISH));
    }

    @Test
    void aNotebookKeepsToItsSchema() throws IOException {
        try (InputStream schema = TextTest.class.getResourceAsStream("nbformat.v4.5.schema.json")) {
            assertThat(JsonSchemaFactory.getInstance(VersionFlag.V4).getSchema(schema).validate(notebook())).isEmpty();
        }
    }

    @Test
    void theCellsOfANotebookGiveWhatLunkoGives() throws IOException, SQLException {
        List<String> sql = new ArrayList<>();
        notebook().get("cells").forEach(cell -> {
            StringBuilder source = new StringBuilder();
            cell.get("source").forEach(line -> source.append(line.asText()));
            if (source.toString().startsWith("%%sql\n")) sql.add(source.substring(6));
        });
        assertThat(run(sql)).isEqualTo(expected());
    }

    @Test
    void aScriptGivesWhatItSays() throws SQLException {
        String script = LessonScript.of(lessons(), SqlDialect.SQLITE, Scenes.ENGLISH);
        assertThat(run(List.of(script))).isEqualTo(expected());
        assertThat(script).contains("-- 3. Keep every hive", "-- 5 rows", "-- hive_no");
    }

    @Test
    void aQueryThatCannotRunIsExplainedWhereItWouldStand() {
        String script = LessonScript.of(List.of(Scenes.demo("SELECT hiev FROM hives")), SqlDialect.STANDARD,
                Scenes.ENGLISH);
        assertThat(script).contains("-- There is no column hiev.").doesNotContain("SELECT hiev");
    }

    /** How many rows each query gives that stands in some texts, one after the other. */
    private static List<Integer> run(List<String> texts) throws SQLException {
        List<Integer> rows = new ArrayList<>();
        try (Connection database = DriverManager.getConnection("jdbc:sqlite::memory:");
                Statement statement = database.createStatement()) {
            for (String text : texts) {
                for (String part : text.split("(?m);\\s*$")) {
                    if (part.lines().allMatch(line -> line.isBlank() || line.startsWith("--"))) continue;
                    if (!statement.execute(part)) continue;
                    try (ResultSet result = statement.getResultSet()) {
                        int count = 0;
                        while (result.next()) count++;
                        rows.add(count);
                    }
                }
            }
        }
        return rows;
    }

    private static List<Integer> expected() {
        return showings().stream().map(showing -> (int) showing.rows().orElseThrow()).toList();
    }

    @Test
    void markdownNamesItsPicturesAndEscapesWhatPeopleWrite() {
        String text = LessonMarkdown.of(showings(), scene -> "scene-" + scene + ".png", Scenes.ENGLISH);
        assertThat(text).startsWith("# Hives and keepers\n").contains("## 3. Keep every hive",
                "![Keep every hive](scene-2.png)", "```sql\nSELECT",
                "> Which hives come into the result without a keeper?");
        // What the speaker wants to be reminded of is for the speaker.
        lessons().stream().map(lesson -> lesson.scene().telling().note()).filter(note -> note.length() > 20)
                .forEach(note -> assertThat(text).doesNotContain(note));
    }
}
