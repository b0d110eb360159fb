package lunko.exchange.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import com.fasterxml.jackson.databind.json.JsonMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Random;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import lunko.exchange.Said;
import lunko.exchange.TableFormat;
import lunko.exchange.file.SafeZip;
import lunko.insight.question.Asked;
import lunko.insight.question.Guess;
import lunko.insight.question.Question;
import lunko.lesson.CellEdit;
import lunko.lesson.ColumnEdit;
import lunko.lesson.DemoLesson;
import lunko.lesson.Edit;
import lunko.lesson.Lesson;
import lunko.lesson.LinkEdit;
import lunko.lesson.Scene;
import lunko.lesson.SceneEdit;
import lunko.lesson.SceneStart;
import lunko.lesson.Scenes;
import lunko.lesson.ScenesEdit;
import lunko.lesson.Spot;
import lunko.lesson.TableEdit;
import lunko.lesson.Telling;
import lunko.lesson.View;
import lunko.lesson.WrittenQuery;
import lunko.lesson.course.Course;
import lunko.practice.Attempt;
import lunko.practice.Distractors;
import lunko.practice.Hints;
import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.FileFault.Damaged;
import lunko.problem.FileFault.LessonLinkWrong;
import lunko.problem.FileFault.LessonSceneWrong;
import lunko.problem.FileFault.LessonViewWrong;
import lunko.problem.FileFault.NewerLesson;
import lunko.problem.FileFault.NoJson;
import lunko.problem.FileFault.NoLessonDescriptor;
import lunko.problem.Problem;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.show.Asking;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A lesson that is saved is there again, whatever happens while it is saved, and what is no lesson is explained. */
class LessonFileTest {
    private static final byte[] SIGNS = "0123456789-[]{}\",:tN".getBytes(StandardCharsets.US_ASCII);

    @TempDir
    Path folder;

    @Test
    void aSavedLessonIsOpenedAsItWas() {
        Table odd = Table.of("hive stands", List.of(new Column("no", Type.INTEGER), new Column("note", Type.TEXT)),
                List.of(List.of(Value.NULL, Value.of("")), List.of(Value.of(1), Value.of("=1+1"))));
        Table empty = Table.empty("Hive-Stands", new Column("day", Type.DATE), new Column("kg", Type.DECIMAL));
        for (Lesson lesson : List.of(DemoLesson.lesson(), everything(odd, empty))) {
            Path file = folder.resolve("x.lunko");
            assertThat(LessonFile.write(lesson, file)).isEqualTo(Checked.valid(file));
            assertThat(LessonFile.read(file)).isEqualTo(Checked.valid(lesson));
        }
    }

    /** A lesson in which nothing is as usual. */
    private static Lesson everything(Table odd, Table empty) {
        Lesson lesson = Lesson.of("Ödd", odd, JoinKind.FULL_OUTER, empty, List.of(new KeyPair("no", "kg")));
        for (Edit edit : List.of(new LinkEdit.Match("hive stands", "hive stands", new KeyPair("no", "no")),
                new CellEdit.Type("hive stands", 1, 0, "one,\n"),
                new ColumnEdit.Change("hive stands", 0, odd.columns().getFirst().asKey()),
                new ColumnEdit.Change("hive stands", 1, odd.columns().get(1).nullable(false)),
                new ColumnEdit.Add("Hive-Stands", 0, Column.open("new")),
                new TableEdit.Place("Hive-Stands", new Spot(12.5, 3)),
                new TableEdit.Fold("hive stands", true), new SceneEdit.Note("slowly"),
                new SceneEdit.Write(Optional.of(new WrittenQuery("SELECT 1;\nSELECT 2 -- two", 1))),
                new SceneEdit.OpenLike(SceneStart.PLAIN.at(OptionalLong.of(3))))) {
            lesson = edit.applyTo(lesson).expect();
        }
        return lesson;
    }

    @Test
    void theDemoShipsAsAFileAndFilesOfEarlierVersionsOpen() throws IOException {
        assertThat(LessonFile.read(Path.of("..", "lessons", "hives-and-keepers.lunko")))
                .isEqualTo(Checked.valid(Course.HIVES_AND_KEEPERS.lesson()));
        assertThat(LessonFile.read(Path.of("src", "test", "resources", "lessons", "version-5.lunko")))
                .isEqualTo(Checked.valid(DemoLesson.lesson()));
        for (String file : List.of("version-6.lunko", "version-7.lunko"))
            assertThat(LessonFile.read(Path.of("src", "test", "resources", "lessons", file)).expect().scenes())
                    .isEqualTo(Course.HIVES_AND_KEEPERS.lesson().scenes());
        Path file = folder.resolve("first.lunko");
        LessonFile.write(DemoLesson.lesson(), file).expect();
        replace(file,
                "{\"format\": \"lunko-lesson\", \"version\": 1, \"title\": \"Bees\", \"scenes\": [{\"left\": "
                        + "\"hives\", \"kind\": \"inner\",\"right\": \"keepers\", \"on\": [{\"left\": "
                        + "\"keeper_id\", \"right\": \"keeper_id\"}]}]}");
        Lesson read = LessonFile.read(file).expect();
        assertThat(read.links()).containsExactly(DemoLesson.lesson().links().getFirst());
        assertThat(read.tables()).isEqualTo(DemoLesson.lesson().tables());
        assertThat(read.scene().kind()).isEqualTo(JoinKind.INNER);
    }

    @Test
    void itsTablesAreADataPackageAndTheRestFollowsTheSchema() throws IOException {
        Path file = folder.resolve("demo.lunko");
        List<Scene> asking = Stream.of(Question.Sort.values()).map(sort -> DemoLesson.lesson().scene()
                .asking(Optional.of(new Asked(sort.usual(), "What?")))).toList();
        LessonFile.write(new ScenesEdit.Show("", asking).applyTo(DemoLesson.lesson()).expect(), file).expect();
        Path zip = Files.copy(file, folder.resolve("demo.zip"));
        assertThat(TableFormat.read(zip).expect().tables()).isEqualTo(DemoLesson.lesson().tables());
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("..", "docs", "lesson.schema.json")));
        byte[] json = SafeZip.read(file).expect().files().get("lesson.json");
        assertThat(schema.validate(JsonMapper.builder().build().readTree(json))).isEmpty();
        assertThat(schema
                .validate(JsonMapper.builder().build().readTree("{\"format\": \"lunko-lesson\", \"version\": 0}")))
                .isNotEmpty();
    }

    @Test
    void allScenesAreKeptAndTheOneThatIsShown() throws IOException {
        Lesson demo = DemoLesson.lesson();
        Scene second = Scene.of("keepers", JoinKind.RIGHT_ANTI, "visits")
                .telling(new Telling("Then this", "slowly", "Watch *Linden*.", OptionalInt.of(90)));
        Lesson lesson = new Lesson(demo.title(), demo.tables(), demo.links(), demo.layout(),
                new Scenes(List.of(demo.scene(), second, demo.scene()), 1));
        Path file = folder.resolve("scenes.lunko");
        LessonFile.write(lesson, file).expect();
        assertThat(LessonFile.read(file)).isEqualTo(Checked.valid(lesson));
        // A table under another name is so in every scene.
        Lesson renamed = new TableEdit.Rename("keepers", "people").applyTo(lesson).expect();
        assertThat(renamed.scenes().all()).extracting(Scene::right).containsExactly("people", "visits", "people");
    }

    @Test
    void viewsAreKeptAsTheirQueriesAndOneThatCannotRunIsExplained() throws IOException {
        Lesson lesson = DemoLesson.lesson();
        for (Edit edit : List.of(
                new TableEdit.KeepView(new View("cared", WrittenQuery.of("SELECT hive, keeper_id FROM hives"))),
                new TableEdit.Fold("cared", true), new SceneEdit.LookAt("cared", "keepers"),
                new LinkEdit.Match("cared", "keepers", new KeyPair("keeper_id", "keeper_id"))))
            lesson = edit.applyTo(lesson).expect();
        Path file = folder.resolve("views.lunko");
        LessonFile.write(lesson, file).expect();
        assertThat(LessonFile.read(file)).isEqualTo(Checked.valid(lesson));
        assertThat(TableFormat.read(Files.copy(file, folder.resolve("views.zip"))).expect().tables())
                .isEqualTo(DemoLesson.lesson().tables());
        change(file, "SELECT hive, keeper_id FROM hives", "SELECT hive FROM swarms");
        assertThat(fault(file)).isInstanceOf(LessonViewWrong.class);
    }

    @Test
    void whatIsNoLessonOrANewerOneIsExplained() throws IOException {
        Path file = folder.resolve("demo.lunko");
        LessonFile.write(DemoLesson.lesson(), file).expect();
        change(file, "\"version\" : 8", "\"version\" : 9");
        assertThat(fault(file)).isEqualTo(new NewerLesson(9, 8));
        change(file, "\"version\" : 9", "\"version\" : 8");
        change(file, "\"left outer\"", "\"sideways\"");
        assertThat(fault(file)).isEqualTo(new LessonSceneWrong(1));
        change(file, "\"sideways\"", "\"inner\"");
        change(file, "\"mother_no\"", "\"father_no\"");
        assertThat(fault(file)).isEqualTo(new LessonLinkWrong());
        change(file, "lunko-lesson", "other");
        assertThat(fault(file)).isEqualTo(new NoLessonDescriptor("lesson.json"));
        change(file, "{", "[");
        assertThat(fault(file)).isEqualTo(new NoJson());
        assertThat(fault(Files.writeString(folder.resolve("text.lunko"), "hello"))).isEqualTo(new Damaged());
    }

    @Test
    void aFileThatIsCutOffAnywhereIsALessonOrASentence() throws IOException {
        Path file = folder.resolve("demo.lunko");
        LessonFile.write(DemoLesson.lesson(), file).expect();
        byte[] bytes = Files.readAllBytes(file);
        for (int length = 0; length < bytes.length; length += 7) {
            Files.write(file, Arrays.copyOf(bytes, length));
            assertThat(LessonFile.read(file).either(_ -> ".", Said::inWords)).endsWith(".");
        }
    }

    /** Answers come back as they were; whatever stands there instead, the lesson opens, and can be asked. */
    @Test
    void damagedAnswersCostNobodyTheirLesson() throws IOException {
        Lesson demo = DemoLesson.lesson();
        List<Scene> asking = Stream.of(Question.Sort.values())
                .map(sort -> demo.scene().asking(Optional.of(Asked.plainly(sort == Question.Sort.MATCH_RESULTS
                        ? Distractors.of(Showing.of(demo, JoinAlgorithm.NESTED_LOOP)) : sort.usual()))))
                .toList();
        Lesson lesson = new ScenesEdit.Show("", asking).applyTo(demo).expect();
        Map<Integer, Attempt> attempts = new HashMap<>();
        for (int scene = 1; scene <= asking.size(); scene++)
            attempts.put(scene, new Attempt(Optional.of(scene % 2 == 1 ? new Guess.Number(scene)
                    : new Guess.Matched(List.of(1, 0, 2, 3))), Optional.empty(), true, 0, true, scene % 3 == 0));
        Path file = folder.resolve("answered.lunko");
        LessonFile.write(new KeptLesson(lesson, attempts), file).expect();
        assertThat(LessonFile.open(file).expect()).isEqualTo(new KeptLesson(lesson, attempts));
        Map<String, byte[]> parts = new HashMap<>(SafeZip.read(file).expect().files());
        byte[] whole = parts.get(LessonFile.ANSWERS);
        Random random = new Random(4);
        for (int i = 0; i < 300; i++) {
            byte[] damaged = whole.clone();
            damaged[random.nextInt(damaged.length)] = SIGNS[random.nextInt(SIGNS.length)];
            parts.put(LessonFile.ANSWERS, damaged);
            KeptLesson opened = LessonFile.open(zip("damaged.lunko", parts)).expect();
            assertThat(opened.lesson()).isEqualTo(lesson);
            opened.attempts().forEach((scene, attempt) -> {
                Lesson at = lesson.at(scene);
                Showing shown = Showing.of(at, JoinAlgorithm.NESTED_LOOP);
                Asking open = Asking.of(at).orElseThrow();
                Asking asked = attempt.guess().map(open::guessing).orElse(open);
                assertThat(Hints.of(asked, shown)).isNotNull();
                assertThat(asked.judgement(shown)).isNotNull();
            });
        }
    }

    private Path zip(String name, Map<String, byte[]> parts) throws IOException {
        Path file = folder.resolve(name);
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue());
            }
        }
        return file;
    }

    /** Another process saves over and over and is killed at a moment of chance: the file is always one whole lesson. */
    @Test
    void aProcessKilledWhileSavingLosesNoLesson() throws IOException, InterruptedException {
        Path file = folder.resolve("killed.lunko");
        LessonFile.write(DemoLesson.lesson(), file).expect();
        Random random = new Random(5);
        for (int i = 0; i < 6; i++) {
            Process saving =
                    new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-cp",
                            System.getProperty("java.class.path"), Saving.class.getName(), file.toString())
                            .redirectErrorStream(true).start();
            saving.getInputStream().read();
            Thread.sleep(random.nextInt(120));
            saving.destroyForcibly().waitFor();
            assertThat(LessonFile.read(file)).isEqualTo(Checked.valid(DemoLesson.lesson()));
        }
    }

    /** Saves the demo lesson until it is killed. */
    static final class Saving {
        private Saving() {}

        public static void main(String[] arguments) {
            System.out.println("saving");
            while (true) LessonFile.write(DemoLesson.lesson(), Path.of(arguments[0])).expect();
        }
    }

    private static Fault fault(Path file) {
        return LessonFile.read(file).either(lesson -> fail("no problem: " + lesson), Problem::fault);
    }

    private static void change(Path file, String from, String to) throws IOException {
        try (FileSystem zip = FileSystems.newFileSystem(file)) {
            Path descriptor = zip.getPath("lesson.json");
            Files.writeString(descriptor, Files.readString(descriptor).replace(from, to));
        }
    }

    private static void replace(Path file, String json) throws IOException {
        try (FileSystem zip = FileSystems.newFileSystem(file)) {
            Files.writeString(zip.getPath("lesson.json"), json);
        }
    }
}
