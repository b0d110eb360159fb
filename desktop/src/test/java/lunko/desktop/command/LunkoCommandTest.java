package lunko.desktop.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.DemoLesson;
import lunko.lesson.course.Course;
import lunko.problem.Checked;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

/** The command line: pictures, the demo without a display, and what wrong input gets. */
class LunkoCommandTest {
    @TempDir
    private Path folder;
    private final StringWriter err = new StringWriter();
    private final StringWriter out = new StringWriter();

    @BeforeAll
    static void startToolkit() {
        Toolkit.startOffscreen();
    }

    @Test
    void aPictureHasTheSizeAskedForAndIsTheSameEveryTime() throws IOException {
        Path first = folder.resolve("first.png");
        Path second = folder.resolve("second.png");
        assertThat(run("picture", "--kind", "full", "--step", "12", "--size", "1500x900", "-o", first.toString()))
                .isZero();
        assertThat(run("picture", "--kind", "full", "--step", "12", "--size", "1500x900", "-o", second.toString()))
                .isZero();
        BufferedImage picture = ImageIO.read(first.toFile());
        assertThat(picture.getWidth()).isEqualTo(1500);
        assertThat(picture.getHeight()).isEqualTo(900);
        assertThat(second).hasSameBinaryContentAs(first);
    }

    @Test
    void twoFilesAreMatchedByTheColumnsNamed() throws IOException {
        String left = file("stands.csv", "no,wood\n1,ash\n2,\n");
        String right = file("woods.csv", "name,price\nash,2.5\n");
        String out = folder.resolve("out.png").toString();
        assertThat(run("picture", "--on", "wood=name", "-o", out, left, right)).isZero();
        assertThat(run("picture", "--on", "no=name", "-o", out, left, right)).isOne();
        assertThat(err.toString())
                .isEqualTo(
                        "stands.no is integer and woods.name is text, and SQL does not compare the two: match "
                                + "columns of one type, or CAST one of them.\n");
    }

    /** What the help shows can be typed: each example is understood, word for word. */
    @Test
    void theExamplesOfTheHelpAreUnderstood() {
        assertThat(run("--help")).isZero();
        List<String> examples =
                out.toString().lines().filter(line -> line.startsWith("  lunko ")).map(String::strip).toList();
        assertThat(examples).hasSizeGreaterThan(5).allSatisfy(example -> LunkoCommand.commandLine()
                .parseArgs(Pattern.compile("\"([^\"]*)\"|\\S+").matcher(example.substring("lunko ".length())).results()
                        .map(word -> word.group(1) == null ? word.group() : word.group(1)).toArray(String[]::new)));
    }

    /** Every scene is run on its own tables, and any of them is pictured. */
    @Test
    void theScenesOfALessonAreRunAndPictured() throws IOException {
        String lesson = folder.resolve("course.lunko").toString();
        LessonFile.write(Course.HIVES_AND_KEEPERS.lesson(), Path.of(lesson)).expect();
        assertThat(run("run", lesson)).isZero();
        assertThat(out.toString()).contains("1. Two tables and a key\n", "20. As many rows, whatever the kind\n");
        assertThat(out.toString().split("4. After Tam has left")[1].lines().skip(1).limit(8))
                .noneMatch(line -> line.contains("Tam")).contains("5 rows");
        Path picture = folder.resolve("scene.png");
        assertThat(run("picture", "--scene", "5", "--mode", "scenes", "-o", picture.toString(), lesson)).isZero();
        assertThat(picture).isNotEmptyFile();
        assertThat(run("picture", "--scene", "21", "-o", picture.toString(), lesson)).isOne();
        assertThat(err.toString()).contains("There is no scene 21: the scenes of this lesson go from 1 to 20.");
    }

    @Test
    void aProblemIsOneSentenceWithItsPlaceAndExitCodeOne() throws IOException {
        String bad = file("bad.csv", "a,b\n1,2\n3\n");
        assertThat(run(bad, bad)).isOne();
        assertThat(err.toString()).startsWith(bad + ":3: This line has 1 field").hasLineCount(1);
        assertThat(run("picture", "--kind", "left", "--step", "99", "-o", folder.resolve("x.png").toString())).isOne();
        assertThat(err.toString())
                .contains("There is no step 99: the steps of a left outer join on these tables go from 0 to 26.");
        assertThat(run("picture", "-o", folder.resolve("none/x.png").toString())).isOne();
        assertThat(err.toString()).contains("There is no such folder");
    }

    @Test
    void wrongUsageHasExitCodeTwo() {
        assertThat(run("picture", "--kind", "sideways", "-o", "x.png")).isEqualTo(2);
        assertThat(err.toString())
                .contains("there is no kind “sideways”; the kinds are inner, left outer, right outer");
        assertThat(run("picture")).isEqualTo(2);
        assertThat(run("a.csv", "b.csv", "c.csv")).isEqualTo(2);
        assertThat(err.toString()).contains("name one or two files, not 3");
    }

    @Test
    void withoutADisplayTheWholeDemoIsToldAndPictured() {
        StringWriter out = new StringWriter();
        assertThat(new Tour(DemoLesson.lesson(), folder.resolve("demo"), new PrintWriter(out)).show())
                .isEqualTo(Checked.valid(folder.resolve("demo")));
        assertThat(out.toString()).contains("SELECT * FROM hives h FULL JOIN keepers k ON h.keeper_id = k.keeper_id",
                "  12  Linden's keeper_id is NULL. NULL = 12 is neither true nor false but unknown",
                "  21  A cross join of hives and keepers gives 20 rows: 5 × 4.",
                "The pictures are in " + folder.resolve("demo"));
        assertThat(folder.resolve("demo")).isDirectoryContaining("glob:**full-outer.png")
                .isDirectoryContaining("glob:**cross-half-way.png");
    }

    @Test
    void aScriptIsRunToItsFirstProblemOrPastIt() throws IOException {
        String script = file("lesson.sql", """
                CREATE TABLE hives (hive_no INTEGER, hive TEXT);
                INSERT INTO hives VALUES (1, 'Clover'), (2, NULL);
                SELECT hiev FROM hives;

                SELECT hive FROM hives;
                """);
        assertThat(run("run", script)).isOne();
        assertThat(out.toString()).isEmpty();
        assertThat(err.toString())
                .isEqualTo(
                        script + ":3:8: There is no column hiev. Did you mean hive?\n  try: SELECT hive FROM hives\n");
        assertThat(run("run", "--keep-going", "--format", "json", script)).isOne();
        assertThat(out.toString()).isEqualTo("""
                {"problem":{"line":3,"column":8,"message":"There is no column hiev. Did you mean hive?"}}
                {"line":5,"columns":[{"name":"hive","type":"text"}],"rows":[["Clover"],[null]]}
                """);
        assertThat(run("run", folder.resolve("none.sql").toString())).isOne();
    }

    @Test
    void aQueryIsRunOverCsvFiles() throws IOException {
        String hives = file("h.csv", "hive_no,hive\n1,Clover\n2,\n");
        assertThat(run("query", "--format", "csv", "--table", "hives=" + hives,
                "SELECT hive, hive_no + 1 AS next FROM hives"))
                .isZero();
        assertThat(out.toString()).isEqualTo("hive,next\r\nClover,2\r\n,3\r\n");
        assertThat(run("query", "--format", "list", "SELECT 1")).isEqualTo(2);
    }

    @Test
    void tablesGoFromFormatToFormatAndCanBeAskedInEach() throws IOException {
        String script = file("bees.sql",
                "CREATE TABLE hives (no INTEGER); INSERT INTO hives VALUES (1), (2); CREATE TABLE days (day "
                        + "DATE);INSERT INTO days VALUES (DATE '2026-05-01');");
        String book = folder.resolve("bees.xlsx").toString();
        assertThat(run("convert", script, book)).isZero();
        assertThat(run("query", "--format", "csv", "--table", "h=" + book + "#hives", "--table", "d=" + book + "#DAYS",
                "SELECT * FROM h, d")).isZero();
        assertThat(out.toString()).isEqualTo("no,day\r\n1,2026-05-01\r\n2,2026-05-01\r\n");
        assertThat(run("query", "--table", "h=" + book, "SELECT 1")).isOne();
        assertThat(err.toString()).contains(
                "There are 2 tables in it, hives, days: write # and the name of one after the file, as in "
                        + "bees.xlsx#hives.");
        assertThat(run("convert", book, folder.resolve("x.csv").toString())).isOne();
        assertThat(err.toString()).contains("A CSV file holds one table, and there are 2");
        String lesson = folder.resolve("bees.lunko").toString();
        assertThat(run("convert", book, file("more.csv", "no\n3\n"), lesson)).isZero();
        assertThat(run("picture", "--mode", "tables", "-o", folder.resolve("bees.png").toString(), lesson)).isZero();
        out.getBuffer().setLength(0);
        assertThat(run("query", "--format", "csv", "--table", "m=" + lesson + "#more", "SELECT * FROM m")).isZero();
        assertThat(out.toString()).isEqualTo("no\r\n3\r\n");
        assertThat(run("convert", book)).isEqualTo(2);
    }

    @Test
    void aLessonIsHandedOutWithoutADisplay() throws IOException {
        String out = folder.resolve("sheets").toString();
        assertThat(run("handout", "--as", "worksheet", "--scenes", "2,4-5", "--variants", "2", "--missing", "kind,on",
                "-o", out)).isZero();
        try (Stream<Path> files = Files.list(Path.of(out))) {
            assertThat(files.map(file -> file.getFileName().toString()).sorted()).containsExactly("worksheet-A.pdf",
                    "worksheet-B.pdf");
        }
        assertThat(run("handout", "--as", "png", "--scenes", "1", "-o", out + "/worksheet-A.pdf")).isOne();
        assertThat(err.toString()).contains("worksheet-A.pdf: There is such a file already");
        assertThat(run("handout", "--as", "png", "--scenes", "21", "-o", out)).isOne();
        assertThat(err.toString()).contains("There is no scene 21");
        assertThat(run("handout", "--as", "png", "--scenes", "two", "-o", out)).isOne();
        assertThat(err.toString()).contains("“two” names no scenes");
        assertThat(run("handout", "--as", "parchment", "-o", out)).isEqualTo(2);
        assertThat(run("handout", "--as", "svg", "--of", "venn", "-o", out + "/venn.svg",
                file("t.csv", "hive,keeper_id\n" + Character.toString(0x10FFFD) + ",11\n"))).isZero();
        assertThat(err.toString()).contains("No typeface here has U+10FFFD: their numbers stand in their place.");
    }

    @Test
    void stepsAreNumberedWhysOrData() throws IOException {
        String script = file("steps.sql", """
                CREATE TABLE hives (hive_no INTEGER, hive TEXT);
                INSERT INTO hives VALUES (1, 'Clover'), (2, NULL), (2, 'Linden');
                SELECT hive FROM hives h WHERE EXISTS (
                    SELECT 1 FROM hives o WHERE o.hive_no = h.hive_no AND o.hive <> h.hive) ORDER BY 1;
                """);
        assertThat(run("run", "--steps", script)).isZero();
        assertThat(out.toString()).startsWith("""
                This is a left semi join of hives and hives o.

                Match hives with hives o: left semi join, nested loop

                   0  Each of the 3 rows of hives is compared with the rows of hives o until one decides. \
                One match is enough for a left semi join.
                   1  1 = 1 AND 'Clover' <> 'Clover' is false: Clover and Clover do not match.
                """).contains("""

                The result

                """);
        out.getBuffer().setLength(0);
        assertThat(run("query", "--steps", "--way", "hash", "--format", "json", "--table",
                "hives=" + file("h.csv", "no\n1\n2\n"),
                "SELECT * FROM hives a JOIN hives b ON a.no = b.no")).isZero();
        assertThat(out.toString()).hasLineCount(1).contains(
                "\"rows\":[[1,1],[2,2]],\"joins\":[],\"steps\":[{\"number\":0,\"stage\":\"match\"",
                "\"comparisons\":2,\"why\":\"hives row 2 and hives row 2 go into the result as row 2.\"}");
        assertThat(run("run", "--way", "sideways", script)).isEqualTo(2);
    }

    @Test
    void tooManyStepsAreNotPrinted() throws IOException {
        String rows = "no\n" + "1\n".repeat(150);
        assertThat(run("query", "--steps", "--format", "csv", "--table", "t=" + file("t.csv", rows),
                "SELECT COUNT(*) AS n FROM t a JOIN t b ON a.no = b.no")).isZero();
        assertThat(out.toString())
                .startsWith("There are 67,509 steps, more than the 10,000 that are written down: 22,500 comparisons")
                .endsWith("n\r\n22500\r\n");
    }

    private int run(String... arguments) {
        CommandLine command =
                LunkoCommand.commandLine().setErr(new PrintWriter(err, true)).setOut(new PrintWriter(out, true));
        return command.execute(arguments);
    }

    private String file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text).toString();
    }
}
