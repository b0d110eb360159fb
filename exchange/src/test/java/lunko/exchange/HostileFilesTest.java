package lunko.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.fail;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.IOException;
import java.io.OutputStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import lunko.exchange.file.Watch;
import lunko.exchange.file.WholeFile;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.TableSet;
import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.FileFault.CellTextTooLong;
import lunko.problem.FileFault.FieldDoesNotFit;
import lunko.problem.FileFault.FolderNotWritable;
import lunko.problem.FileFault.ForeignPath;
import lunko.problem.FileFault.IsFolder;
import lunko.problem.FileFault.MissingResource;
import lunko.problem.FileFault.NoDescriptor;
import lunko.problem.FileFault.NoFile;
import lunko.problem.FileFault.NoFolder;
import lunko.problem.FileFault.NoJson;
import lunko.problem.FileFault.NoOrdinaryFile;
import lunko.problem.FileFault.NoResources;
import lunko.problem.FileFault.NoTableMade;
import lunko.problem.FileFault.PointsOutside;
import lunko.problem.FileFault.TooLarge;
import lunko.problem.FileFault.TooManyFiles;
import lunko.problem.FileFault.WriteFailed;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.QueryFault;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Files that are damaged or mean harm give one sentence with the file's name, and nothing else happens. */
class HostileFilesTest {
    private static final Table HIVES =
            Table.of("hives", List.of(new Column("no", Type.INTEGER), new Column("hive", Type.TEXT)),
                    List.of(List.of(Value.of(1), Value.of("Clover")), List.of(Value.of(2), Value.of("Heather"))));

    private static final String DESCRIPTOR = "datapackage.json";

    @TempDir
    Path folder;

    @ParameterizedTest
    @EnumSource(TableFormat.class)
    void aFileCutOffAnywhereGivesATableOrASentence(TableFormat format) throws IOException {
        Path whole = folder.resolve("whole" + format.endings().getFirst());
        if (format.isWritten()) TableFormat.write(TableSet.of(HIVES), whole, Said.ENGLISH).expect();
        else Files.writeString(whole, "<table><tr><th>no<th>hive<tr><td>1<td>Clover</table>");
        byte[] bytes = Files.readAllBytes(whole);
        Path cut = folder.resolve("cut" + format.endings().getFirst());
        for (int length = 0; length < bytes.length; length += 1 + bytes.length / 60) {
            Files.write(cut, Arrays.copyOf(bytes, length));
            says(cut);
            byte[] flipped = bytes.clone();
            flipped[length] ^= 0x55;
            Files.write(cut, flipped);
            says(cut);
        }
    }

    /** Reads a file: whatever comes of it, no exception does. */
    private static void says(Path file) {
        TableFormat.read(file).handle(tables -> assertThat(tables.tables()).isNotEmpty(),
                problem -> assertThat(Said.inWords(problem)).startsWith(file.toString()).matches("(?s).*[.?]"));
    }

    @ParameterizedTest
    @ValueSource(strings = {".xlsx", ".ods", ".zip"})
    void aZipThatPointsOutsideOrHoldsFarTooMuchIsNotOpened(String ending) throws IOException {
        for (String name : List.of("../../hives.csv", "c:hives.csv", "/etc/hives.csv"))
            assertThat(fault(zip("leads" + ending, Map.of(name, "no\n1\n")))).isEqualTo(new PointsOutside(name));
        Path many = folder.resolve("many" + ending);
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(many))) {
            for (int i = 0; i < 12_000; i++) {
                out.putNextEntry(new ZipEntry("f" + i));
                out.closeEntry();
            }
        }
        assertThat(fault(many)).isEqualTo(new TooManyFiles(10_000));
    }

    @Test
    void aZipThatGrowsWithoutEndIsNotReadToIt() throws IOException {
        Path bomb = folder.resolve("bomb.ods");
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(bomb))) {
            out.putNextEntry(new ZipEntry("big"));
            byte[] zeros = new byte[1 << 20];
            for (int i = 0; i < 300; i++) out.write(zeros);
            out.closeEntry();
        }
        assertThat(fault(bomb)).isEqualTo(new TooLarge(256));
    }

    @Test
    void externalEntitiesAreNotFollowed() throws IOException {
        Path secret = Files.writeString(folder.resolve("secret.txt"), "SECRET");
        String entity = "<?xml version=\"1.0\"?><!DOCTYPE x [<!ENTITY e SYSTEM \"" + secret.toUri() + "\">]>";
        String ods = entity
                + "<office:document-content xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\""
                + " xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\" "
                + "xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\">"
                + "<office:body><office:spreadsheet><table:table "
                + "table:name=\"h\"><table:table-row><table:table-cell office:value-type=\"string\">"
                + "<text:p>&e;</text:p></table:table-cell></table:table-row></table:table>"
                + "</office:spreadsheet></office:body></office:document-content>";
        Path file = zip("entity.ods",
                Map.of("mimetype", "application/vnd.oasis.opendocument.spreadsheet", "content.xml", ods,
                        "META-INF/manifest.xml",
                        "<manifest:manifest xmlns:manifest=\"urn:oasis:names:tc:opendocument:xmlns:manifest:1.0\"/>"));
        assertThat(TableFormat.read(file).either(Object::toString, Said::inWords)).doesNotContain("SECRET");
        Path book = folder.resolve("book.xlsx");
        TableFormat.write(TableSet.of(HIVES), book, Said.ENGLISH).expect();
        try (var zip = java.nio.file.FileSystems.newFileSystem(book)) {
            Path strings = zip.getPath("xl/sharedStrings.xml");
            String text = Files.readString(strings);
            Files.writeString(strings, entity + text.substring(text.indexOf("?>") + 2).replace("Clover", "&e;"));
        }
        assertThat(TableFormat.read(book).either(Object::toString, Said::inWords)).doesNotContain("SECRET");
    }

    @Test
    void aPackageOfTheWrongShapeIsExplained() throws IOException {
        assertThat(fault(zip("a.zip", Map.of("x.csv", "a\n1\n")))).isEqualTo(new NoDescriptor(DESCRIPTOR));
        Problem noJson = problem(zip("b.zip", Map.of(DESCRIPTOR, "{\n  \"resources\": [,]}")));
        assertThat(noJson.fault()).isEqualTo(new NoJson());
        assertThat(noJson.place().orElseThrow().line()).hasValue(2);
        assertThat(fault(zip("c.zip", Map.of(DESCRIPTOR, "[1, 2]")))).isEqualTo(new NoResources(DESCRIPTOR));
        assertThat(fault(zip("d.zip", Map.of(DESCRIPTOR, "{\"resources\": [{\"path\": \"../x.csv\"}]}"))))
                .isEqualTo(new ForeignPath(DESCRIPTOR, "../x.csv"));
        assertThat(fault(zip("e.zip", Map.of(DESCRIPTOR, "{\"resources\": [{\"path\": \"x.csv\"}]}"))))
                .isEqualTo(new MissingResource(DESCRIPTOR, "x.csv"));
        Problem misfit = problem(zip("f.zip", Map.of(DESCRIPTOR,
                "{\"resources\": [{\"path\": \"x.csv\", \"schema\": {\"fields\": [{\"name\": \"a\", \"type\": "
                        + "\"integer\"}]}}]}",
                "x.csv", "a\n1\ntwo\n")));
        assertThat(misfit.fault()).isEqualTo(new FieldDoesNotFit("two", "a", Type.INTEGER));
        assertThat(misfit.place().orElseThrow().line()).hasValue(3);
    }

    @Test
    void aScriptWithAnErrorSaysWhere() throws IOException {
        Path script = Files.writeString(folder.resolve("lesson.sql"),
                "CREATE TABLE hives (no INTEGER);\n".repeat(1) + "\n".repeat(38) + "INSERT INTO hvies VALUES (1);\n");
        Problem noTable = problem(script);
        assertThat(noTable.fault()).isEqualTo(new QueryFault.NotThere(QueryFault.Thing.TABLE, "hvies",
                Optional.empty(), List.of("hives"), Optional.of("hives")));
        assertThat(noTable.place().orElseThrow()).extracting(Place::line, Place::column)
                .containsExactly(OptionalInt.of(40), OptionalInt.of(13));
        assertThat(fault(Files.writeString(folder.resolve("q.sql"), "SELECT 1;"))).isEqualTo(new NoTableMade());
    }

    /** Two thousand megabytes, of which the file system stores only the first rows. */
    @Test
    void aCsvOfTwoGigabytesIsReadUpToTheLimitAndThatIsSaid() throws IOException {
        Path huge = folder.resolve("huge.csv");
        Files.writeString(huge, "no,hive\n" + "1,Clover\n".repeat(20_000));
        try (RandomAccessFile file = new RandomAccessFile(huge.toFile(), "rw")) {
            file.setLength(2L << 30);
        }
        Imported brought = TableFormat.read(huge).expect();
        assertThat(brought.tables().getFirst().rows()).hasSize(10_000);
        assertThat(brought.notes()).containsExactly(new Imported.Note.Cut("huge.csv", 10_000, 10_000));
        assertThat(TableFormat.read(huge, (done, _) -> done < 1 << 20)).isEqualTo(Watch.stopped());
    }

    @Test
    void aFullDiskAndAFolderThatIsNotToBeWrittenLeaveWhatWasThere() throws IOException {
        Path file = Files.writeString(folder.resolve("kept.lunko"), "before");
        Checked<Path> full = new WholeFile(file).write(draft -> {
            Files.writeString(draft, "half");
            throw new IOException("No space left on device");
        });
        assertThat(fault(full)).isEqualTo(new WriteFailed("No space left on device"));
        assertThat(file).hasContent("before");
        try (var left = Files.list(folder)) {
            assertThat(left).containsExactly(file);
        }
        assertThat(fault(new WholeFile(folder.resolve("none/x.lunko")).write(Checked::valid)))
                .isEqualTo(new NoFolder());
        // Not even root may make files there.
        Path forbidden = Path.of("/proc/lunko-test.lunko");
        assumeThat(Files.isDirectory(forbidden.getParent())).isTrue();
        assertThat(fault(new WholeFile(forbidden).write(Checked::valid))).isEqualTo(new FolderNotWritable());
    }

    @ParameterizedTest
    @EnumSource(value = TableFormat.class, mode = EnumSource.Mode.EXCLUDE, names = "HTML")
    void aDiskThatFillsUpEndsWritingWithItsOwnWords(TableFormat format) {
        List<List<Value>> rows = IntStream.range(0, 5_000)
                .mapToObj(row -> List.of(Value.of(row), Value.of("Clover " + Integer.toString(row * 31, 36)))).toList();
        TableSet set = TableSet.of(Table.of("hives", HIVES.columns(), rows));
        assertThatThrownBy(() -> format.writeTo(set, new OutputStream() {
            private int written;

            @Override
            public void write(int one) throws IOException {
                if (written++ > 20_000) throw new IOException("No space left on device");
            }
        }, Said.ENGLISH)).isInstanceOf(IOException.class).hasMessage("No space left on device");
    }

    @Test
    void whoStopsTheOpeningOfWhatWasWrittenHasStoppedAllOfIt() throws IOException {
        Path file = Files.writeString(folder.resolve("kept.xlsx"), "before");
        assertThat(TableFormat.write(TableSet.of(HIVES), file, Said.ENGLISH, (_, _) -> false))
                .isEqualTo(Watch.stopped());
        assertThat(file).hasContent("before");
    }

    @Test
    void aFolderAndAFileThatMayNotBeReadAreCalledThat() throws IOException {
        for (String ending : List.of(".csv", ".xlsx", ".ods", ".zip", ".sql", ".md", ".html")) {
            Path made = Files.createDirectory(folder.resolve("made" + ending));
            assertThat(problem(made)).isEqualTo(Problem.at(Place.inFile(made.toString()), new IsFolder()));
            assertThat(fault(folder.resolve("none" + ending))).isEqualTo(new NoFile());
        }
        Path lesson = Files.createDirectory(folder.resolve("made.lunko"));
        assertThat(LessonFile.read(lesson))
                .isEqualTo(Checked.invalid(Problem.at(Place.inFile(lesson.toString()), new IsFolder())));
    }

    @Test
    void savingLeavesWhatIsAroundTheFileAsItWas() throws IOException {
        Path file = Files.writeString(folder.resolve("target.lunko"), "before");
        Set<PosixFilePermission> shared = PosixFilePermissions.fromString("rw-rw-r--");
        Files.setPosixFilePermissions(file, shared);
        Path link = Files.createSymbolicLink(folder.resolve("link.lunko"), file);
        Path left = Files.createFile(folder.resolve(".lunko-999999999-1.draft"));
        LessonFile.write(DemoLesson.lesson(), link).expect();
        assertThat(link).isSymbolicLink();
        assertThat(LessonFile.read(file)).isEqualTo(Checked.valid(DemoLesson.lesson()));
        assertThat(Files.getPosixFilePermissions(file)).isEqualTo(shared);
        assertThat(left).doesNotExist();
        assertThat(fault(LessonFile.write(DemoLesson.lesson(), Path.of("/dev/null")))).isEqualTo(new NoOrdinaryFile());
    }

    @Test
    void aPackageReachesNoFileButItsOwn() throws IOException {
        Path secret = Files.writeString(folder.resolve("secret.csv"), "a\n1\n");
        Path own = Files.createDirectories(folder.resolve("package"));
        Files.createSymbolicLink(own.resolve("link.csv"), secret);
        Path descriptor = own.resolve(DESCRIPTOR);
        for (String path : List.of("link.csv", "a\\u0000b.csv", "a\\ud800b.csv")) {
            Files.writeString(descriptor, "{\"resources\":[{\"name\":\"t\",\"path\":\"" + path + "\"}]}");
            assertThat(fault(descriptor)).isInstanceOf(MissingResource.class);
        }
    }

    @Test
    void whatIsDeepOrCalledAlikeIsOneSentence() throws IOException {
        String deep = "[".repeat(5_000) + "]".repeat(5_000);
        assertThat(fault(zip("deep.zip", Map.of(DESCRIPTOR, "{\"resources\":" + deep + "}"))))
                .isEqualTo(new NoJson());
        Path lesson = zip("deep.lunko", Map.of("lesson.json",
                "{\"format\":\"lunko-lesson\",\"version\":5,\"tables\":" + deep + "}"));
        assertThat(fault(LessonFile.read(lesson))).isEqualTo(new NoJson());
        String alike =
                "{\"resources\":[{\"name\":\"SAME\",\"path\":\"a.csv\"},{\"name\":\"same\",\"path\":\"a.csv\"}]}";
        Path same = zip("same.zip", Map.of(DESCRIPTOR, alike, "a.csv", "k\n1\n"));
        assertThat(TableFormat.read(same).map(brought -> Lesson.of(brought.set())).expect().tables())
                .extracting(Table::name).containsExactly("SAME", "same_2");
        Table tooLong = Table.of("t", List.of(new Column("text", Type.TEXT), new Column("n", Type.DECIMAL)),
                List.of(List.of(Value.of("x".repeat(40_000)), Type.DECIMAL.read("9".repeat(400)).orElseThrow())));
        assertThat(fault(TableFormat.write(TableSet.of(tooLong), folder.resolve("long.xlsx"), Said.ENGLISH)))
                .isEqualTo(new CellTextTooLong(1, "t", 32_767));
    }

    @Test
    void aSpreadsheetHoldsLargeNumbersAndOldDays() {
        Table table = Table.of("t", List.of(new Column("n", Type.DECIMAL), new Column("day", Type.DATE)),
                List.of(List.of(Type.DECIMAL.read("9".repeat(400) + ".5").orElseThrow(),
                        Type.DATE.read("1899-12-31").orElseThrow()),
                        List.of(Type.DECIMAL.read("1.5").orElseThrow(), Type.DATE.read("1900-01-01").orElseThrow())));
        Path file = folder.resolve("t.xlsx");
        TableFormat.write(TableSet.of(table), file, Said.ENGLISH).expect();
        Table back = TableFormat.read(file).expect().set().tables().getFirst();
        assertThat(back.columns()).isEqualTo(table.columns());
        assertThat(back.rows()).isEqualTo(table.rows());
    }

    private static Problem problem(Path file) {
        return TableFormat.read(file).either(tables -> fail("no problem: " + tables), problem -> problem);
    }

    private static Fault fault(Path file) {
        return problem(file).fault();
    }

    private static Fault fault(Checked<?> checked) {
        return checked.either(value -> fail("no problem: " + value), Problem::fault);
    }

    private Path zip(String name, Map<String, String> files) throws IOException {
        Path path = folder.resolve(name);
        try (OutputStream out = Files.newOutputStream(path); ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return path;
    }
}
