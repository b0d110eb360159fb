package lunko.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import lunko.engine.sql.QueryMaker;
import lunko.exchange.file.JsonText;
import lunko.exchange.json.Json;
import lunko.exchange.json.JsonWriter;
import lunko.insight.question.Question;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.lesson.ScenesEdit;
import lunko.lesson.TableSet;
import lunko.lesson.course.Course;
import lunko.page.desk.Desk;
import lunko.practice.Difficulty;
import lunko.practice.TaskMaker;
import lunko.query.sql.SqlWriter;
import lunko.steps.JoinAlgorithm;
import lunko.words.english.English;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/**
 * A browser answers as a JVM does: random queries over the whole language and texts spoilt by a letter, whatever is
 * shown of them, and the lessons that come along. {@code -Dlunko.queries=} says how many.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class EngineTest {
    private static final int QUERIES = Integer.getInteger("lunko.queries", 2_000) / 10;
    private static final int QUERIES_PER_TABLES = 20;

    private Browser browser;

    @BeforeAll
    void start(@TempDir Path folder) throws IOException {
        browser = Browser.start(800, 600);
        Path page = folder.resolve("engine.html");
        String engine = engine().replace("</script", "<\\/script");
        Files.writeString(page, "<!DOCTYPE html><meta charset=utf-8><script>" + engine
                + "</script><script>document.documentElement.dataset.ready = ''</script>");
        browser.open(page);
    }

    @AfterAll
    void stop() {
        if (browser != null) browser.close();
    }

    private static String engine() throws IOException {
        try (InputStream script = EngineTest.class.getResourceAsStream("/lunko/page/engine.js")) {
            return new String(script.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void aBrowserShowsOfRandomQueriesWhatAJvmDoes() {
        Random random = new Random(3);
        for (int i = 0; i < QUERIES / QUERIES_PER_TABLES; i++) {
            QueryMaker maker = new QueryMaker(random.nextLong());
            Lesson lesson = Lesson.of(new TableSet(maker.tables(), List.of()));
            List<Json> wishes = new ArrayList<>(List.of(opening(lesson)));
            for (int query = 0; query < QUERIES_PER_TABLES; query++) {
                String sql = new SqlWriter().query(maker.query());
                wishes.add(writing(query % 4 == 3 ? spoilt(sql, random) : sql));
                JoinAlgorithm way = JoinAlgorithm.values()[random.nextInt(3)];
                wishes.add(Json.EMPTY.with("do", "way").with("way", way.toString()));
                for (String picture : List.of("venn", "pairs", "kinds", "stages"))
                    wishes.add(Json.EMPTY.with("do", "look").with("picture", picture));
                for (int step = 0; step < 4; step++)
                    wishes.add(Json.EMPTY.with("do", "step").with("number", random.nextInt(40)));
                wishes.add(Json.EMPTY.with("do", "point").with("left", random.nextInt(3)));
            }
            compare(wishes);
        }
    }

    @Test
    void aBrowserChecksAnswersAndMakesFilesAsAJvmDoes() {
        for (Lesson lesson : Stream.concat(Stream.of(Course.values()).map(Course::lesson), Stream.of(tasks()))
                .toList()) {
            List<Json> wishes = new ArrayList<>(List.of(opening(lesson)));
            for (int scene = 0; scene < lesson.scenes().size(); scene++) {
                wishes.add(Json.EMPTY.with("do", "scene").with("number", scene));
                wishes.add(Json.EMPTY.with("do", "hint"));
                wishes.add(Json.EMPTY.with("do", "tick").with("left", 2));
                wishes.add(Json.EMPTY.with("do", "tick").with("left", 1).with("right", 1));
                wishes.add(Json.EMPTY.with("do", "answerKind").with("kind", "inner"));
                wishes.add(Json.EMPTY.with("do", "match").with("query", 1).with("result", 1));
                wishes.add(Json.EMPTY.with("do", "answer").with("text", "5"));
                wishes.add(Json.EMPTY.with("do", "answer").with("text", "SELECT * FROM hives"));
                for (int hint = 0; hint < 3; hint++) wishes.add(Json.EMPTY.with("do", "hint"));
                wishes.add(Json.EMPTY.with("do", "check"));
                wishes.add(Json.EMPTY.with("do", "type").with("table", "hives").with("row", 2).with("column", 2)
                        .with("typed", "13"));
                wishes.add(Json.EMPTY.with("do", "addRow").with("table", "keepers"));
                wishes.add(Json.EMPTY.with("do", "undo"));
                wishes.add(Json.EMPTY.with("do", "uncover"));
            }
            wishes.add(Json.EMPTY.with("do", "files"));
            compare(wishes);
        }
    }

    @Test
    void whatABrowserTakesForWhiteSpaceIsWhatJavaDoes() {
        Lesson lesson = Course.HIVES_AND_KEEPERS.lesson();
        compare(List.of(opening(lesson), writing("SELECT *\n\tFROM\u00A0hives"), writing(" \n\t "),
                writing("SELECT '\u00A0' || hive || '\uFEFF' FROM hives\r\n"),
                Json.EMPTY.with("do", "type").with("table", "hives").with("row", 0).with("column", 1).with("typed",
                        "\u00A0Clover\u2003")));
    }

    @Test
    void anEmptyTextIsJoinedAsJavaDoes() {
        Lesson lesson = DemoLesson.lesson();
        compare(List.of(opening(lesson),
                writing("SELECT '' AS x, k.village FROM keepers k GROUP BY x, k.village ORDER BY k.village"),
                Json.EMPTY.with("do", "step").with("number", 2), Json.EMPTY.with("do", "step").with("number", 6)));
    }

    /** Tasks of all sorts. */
    private static Lesson tasks() {
        Lesson lesson = DemoLesson.lesson();
        List<Scene> tasks = new TaskMaker(EnumSet.complementOf(EnumSet.of(Question.Sort.IN_WORDS)), Difficulty.HARD, 12,
                5).of(lesson, English.language(), _ -> true).expect();
        return new ScenesEdit.Show("", tasks).applyTo(lesson).expect();
    }

    private static Json opening(Lesson lesson) {
        return Json.EMPTY.with("do", "open").with("given", Desk.files(lesson));
    }

    private static Json writing(String sql) {
        return Json.EMPTY.with("do", "write").with("sql", sql);
    }

    private static String spoilt(String sql, Random random) {
        int at = random.nextInt(sql.length());
        return random.nextBoolean() ? sql.substring(0, at) + sql.substring(at + 1)
                : sql.substring(0, at) + sql.charAt(random.nextInt(sql.length())) + sql.substring(at);
    }

    /** Asks both the same, one after the other. */
    private void compare(List<Json> wishes) {
        Desk desk = new Desk(English.language(), JsonText::tree);
        List<String> asked = wishes.stream().map(JsonWriter::compact).toList();
        Object answers = browser.run("return arguments[0].map(wish => ask(wish))", asked);
        for (int i = 0; i < wishes.size(); i++)
            assertThat(((List<?>) answers).get(i)).as(asked.get(i))
                    .isEqualTo(JsonWriter.compact(desk.answer(wishes.get(i))));
    }
}
