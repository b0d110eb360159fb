package lunko.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.TableSet;
import lunko.problem.Checked;
import lunko.problem.Limits;
import lunko.problem.Problem;
import lunko.table.Table;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Files spoilt at random, thousands for each reader: each gives tables within the limits, or one sentence. */
class SpoiltFilesTest {
    private static final int FILES = Integer.getInteger("lunko.files", 2_000);
    private static final long MOST_NANOS = Duration.ofSeconds(10).toNanos();
    /** What hurts readers now and then. */
    private static final List<String> SIGNS = List.of("", "\"", "'", "<", ">", "&", "&#0;", "&#xFFFE;", "\0", "\uFEFF",
            "\uD83C\uDF6F", "|", ";", ",", "\t", "\r", "\n\n", "-1", "0", "2147483647", "9223372036854775808", "1e309",
            "9".repeat(1_200), "(".repeat(80), "]]>", "<!DOCTYPE x [<!ENTITY a \"b\">]>&a;", "null", "[", "{", "..",
            "/etc/passwd", "true", "XFD1048576", " ".repeat(300), "a".repeat(300), "--", "/*", "NULL");

    @TempDir
    private static Path folder;

    /** What is read, a file of which it is, and what it gives. */
    enum Reader {
        CSV(".csv"), TSV(".tsv"), XLSX(".xlsx"), ODS(".ods"), SQL(".sql"), DATA_PACKAGE(".zip"), MARKDOWN(".md"), HTML(
                ".html") {
            @Override
            void write(Path file) throws IOException {
                Files.writeString(file, "<p>Hives</p><table><caption>hives</caption><thead><tr><th>no<th>hive</thead>"
                        + "<tr><td>1<td>Clover &amp; <b>ash</b></tr><tr><td colspan=2>NULL</tr></table>"
                        + "<table><tr><td><table><tr><td>k</table></table>");
            }
        },
        /** One that another program could have written: shared texts, formulas, days, a calendar of its own. */
        FOREIGN_XLSX(".xlsx") {
            @Override
            void write(Path file) throws IOException {
                try (XSSFWorkbook book = new XSSFWorkbook(); OutputStream out = Files.newOutputStream(file)) {
                    XSSFSheet sheet = book.createSheet("mills");
                    sheet.createRow(2).createCell(1).setCellValue("mill");
                    sheet.getRow(2).createCell(2).setCellValue("wheels");
                    sheet.createRow(3).createCell(1).setCellValue("Grist");
                    sheet.getRow(3).createCell(2).setCellFormula("1+1");
                    book.write(out);
                }
            }
        },
        LESSON(LessonFile.ENDING) {
            @Override
            void write(Path file) {
                LessonFile.write(DemoLesson.lesson(), file).expect();
            }

            @Override
            Checked<List<Table>> read(Path file) {
                return LessonFile.read(file).map(Lesson::tables);
            }
        };

        private final String ending;

        Reader(String ending) {
            this.ending = ending;
        }

        void write(Path file) throws IOException {
            Lesson demo = DemoLesson.lesson();
            boolean holdsOne = this == CSV || this == TSV;
            TableFormat.write(holdsOne ? TableSet.of(demo.tables().getFirst()) : demo.set(), file, Said.ENGLISH)
                    .expect();
        }

        Checked<List<Table>> read(Path file) {
            return TableFormat.read(file).map(Imported::tables);
        }
    }

    /** What a library writes to the terminal beside the sentence. */
    private static final ByteArrayOutputStream SAID = new ByteArrayOutputStream();
    private static final PrintStream TERMINAL = System.err;

    @BeforeAll
    static void listen() {
        System.setErr(new PrintStream(SAID, true, StandardCharsets.UTF_8));
    }

    @AfterAll
    static void listenNoMore() {
        System.setErr(TERMINAL);
    }

    @ParameterizedTest
    @EnumSource(Reader.class)
    void everyFileGivesTablesOrASentence(Reader reader) throws IOException {
        Path whole = folder.resolve("whole" + reader.ending);
        reader.write(whole);
        byte[] bytes = Files.readAllBytes(whole);
        Path spoilt = folder.resolve("spoilt" + reader.ending);
        for (int number = 0; number < FILES; number++) {
            Files.write(spoilt, spoilt(bytes, new Random(number)));
            long before = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
            Checked<List<Table>> read;
            try {
                read = reader.read(spoilt);
            } catch (RuntimeException | Error failure) {
                throw new AssertionError("file " + number, failure);
            }
            assertThat(ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() - before).as("file " + number)
                    .isLessThan(MOST_NANOS);
            assertThat(read.either(SpoiltFilesTest::beyond, problem -> said(problem, spoilt))).as("file " + number)
                    .isEmpty();
            assertThat(SAID.toString(StandardCharsets.UTF_8)).as("file " + number).isEmpty();
        }
    }

    private static String beyond(List<Table> tables) {
        return tables.stream().flatMap(table -> Limits.fault(table, Optional.empty()).stream()).findFirst()
                .map(Object::toString)
                .orElse(tables.size() > Limits.TABLES ? "too many tables" : "");
    }

    private static String said(Problem problem, Path file) {
        String words = Said.inWords(problem);
        return words.startsWith(file.toString()) && words.matches("(?s).*[.?]") && !words.contains("null)") ? ""
                : words;
    }

    /** A file with a few faults: of an archive, in one of its parts or in the archive itself. */
    private static byte[] spoilt(byte[] bytes, Random random) throws IOException {
        Map<String, byte[]> parts = parts(bytes);
        if (parts.isEmpty() || random.nextInt(4) == 0) return faulty(bytes, random);
        String one = new ArrayList<>(parts.keySet()).get(random.nextInt(parts.size()));
        if (random.nextInt(20) == 0) parts.remove(one);
        else parts.put(one, faulty(parts.get(one), random));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue());
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    private static Map<String, byte[]> parts(byte[] bytes) throws IOException {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        if (bytes[0] != 'P') return parts;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry())
                parts.put(entry.getName(), zip.readAllBytes());
        }
        return parts;
    }

    private static byte[] faulty(byte[] bytes, Random random) {
        byte[] faulty = bytes;
        for (int i = random.nextInt(3); i >= 0; i--) faulty = fault(faulty, random);
        return faulty;
    }

    private static byte[] fault(byte[] bytes, Random random) {
        int from = random.nextInt(bytes.length + 1);
        int to = Math.min(bytes.length, from + random.nextInt(1 + random.nextInt(40)));
        return switch (random.nextInt(6)) {
            case 0 -> Arrays.copyOf(bytes, from);
            case 1 -> with(bytes, from, to, new byte[] {(byte) random.nextInt(256)});
            case 2 -> with(bytes, from, from, Arrays.copyOfRange(bytes, from, to));
            case 3 -> with(bytes, from, to, new byte[0]);
            case 4 -> with(bytes, from, from, sign(random));
            default -> word(bytes, from, random);
        };
    }

    /** Puts something in the place of a number or word. */
    private static byte[] word(byte[] bytes, int at, Random random) {
        int from = at;
        while (from > 0 && Character.isLetterOrDigit(bytes[from - 1])) from--;
        int to = at;
        while (to < bytes.length && Character.isLetterOrDigit(bytes[to])) to++;
        return with(bytes, from, to, sign(random));
    }

    private static byte[] sign(Random random) {
        return SIGNS.get(random.nextInt(SIGNS.size())).getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] with(byte[] bytes, int from, int to, byte[] instead) {
        byte[] all = Arrays.copyOf(bytes, bytes.length - (to - from) + instead.length);
        System.arraycopy(instead, 0, all, from, instead.length);
        System.arraycopy(bytes, to, all, from + instead.length, bytes.length - to);
        return all;
    }
}
