package lunko.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.io.IOException;
import java.io.OutputStream;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import lunko.lesson.TableSet;
import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.FileFault.CellWithoutNumber;
import lunko.problem.FileFault.NoSheet;
import lunko.problem.FileFault.SheetTooLarge;
import lunko.problem.FileFault.TooManySigns;
import lunko.problem.Problem;
import lunko.problem.RunFault.TooManySteps;
import lunko.problem.RunFault;
import lunko.problem.TableFault.TooManyDigits;
import lunko.problem.TableFault.TooManyTables;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Small files in which much is meant: each is answered within ten seconds of processor time, with what is too much. */
class HostileSizesTest {
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();
    private static final String CELL = "<c r=\"%s\"><v>%s</v></c>";

    @TempDir
    Path folder;

    @Test
    void aSheetWithAFarRowOrColumnIsNotGoneThrough() throws IOException {
        assertThat(fault(sheet("<row r=\"1\"><c r=\"A1\" t=\"inlineStr\"><is><t>a</t></is></c></row>"
                + "<row r=\"2147483647\">" + CELL.formatted("A2147483647", "1") + "</row>")))
                .isEqualTo(new SheetTooLarge());
        assertThat(fault(sheet(IntStream.rangeClosed(1, 20_000).mapToObj(row -> "<row r=\"" + row + "\">"
                + CELL.formatted("A" + row, "1") + CELL.formatted("XFD" + row, "1") + "</row>")
                .collect(Collectors.joining()))))
                .isEqualTo(new SheetTooLarge());
    }

    @Test
    void aCellThatIsNoNumberAndASheetThatIsNotThereAreNamed() throws IOException {
        Problem noNumber =
                problem(sheet("<row><c t=\"inlineStr\"><is><t>kg</t></is></c></row><row><c><v>abc</v></c></row>"));
        assertThat(noNumber.fault()).isEqualTo(new CellWithoutNumber(1, "abc"));
        assertThat(noNumber.place().orElseThrow().line()).hasValue(2);
        Path book = sheet("<row><c><v>1</v></c></row>");
        try (var zip = FileSystems.newFileSystem(book)) {
            Files.delete(zip.getPath("xl/worksheets/sheet1.xml"));
        }
        assertThat(fault(book)).isEqualTo(new NoSheet("mills"));
    }

    @Test
    void repeatedRowsAndCellsAreNotAllMade() throws IOException {
        Path file = folder.resolve("repeated.ods");
        TableFormat.write(TableSet.of(Table.of("t", List.of(new Column("a", Type.INTEGER)),
                List.of(List.of(Value.of(1))))), file, Said.ENGLISH).expect();
        try (var zip = FileSystems.newFileSystem(file)) {
            Path content = zip.getPath("content.xml");
            Files.writeString(content, Files.readString(content)
                    .replace("<table:table-row>", "<table:table-row table:number-rows-repeated=\"10000\">")
                    .replace("<table:table-cell ", "<table:table-cell table:number-columns-repeated=\"10000\" "));
        }
        assertThat(fault(file)).isEqualTo(new SheetTooLarge());
    }

    @Test
    void ofPagesTheTablesAreCounted() throws IOException {
        assertThat(fault(text("many.html", "<table><tr><td>a<tr><td>1</table>".repeat(20_000))))
                .isEqualTo(new TooManyTables(20_000, 200));
        assertThat(fault(text("nested.html", "<table><tr><td>".repeat(5_000)))).isInstanceOf(TooManyTables.class);
        Imported arranged =
                read(text("arranged.html", "<table><tr><td><table><caption>k</caption><tr><td>a<tr><td>1")).expect();
        assertThat(arranged.tables()).extracting(Table::name).containsExactly("k");
        assertThat(arranged.notes()).isEmpty();
        Problem stars = problem(text("stars.md", "| a |\n|---|\n| " + "*a**b_".repeat(50_000) + " |\n"));
        assertThat(stars.fault()).isEqualTo(new TooManySigns(10_000));
        assertThat(stars.place().orElseThrow().line()).hasValue(3);
        String deep = "| a |\n|---|\n| " + "*a".repeat(4_000) + "*".repeat(4_000) + " |\n";
        assertThat(read(text("deep.md", deep)).expect().tables()).extracting(Table::name).containsExactly("table");
    }

    @Test
    void scriptsEndWhereTheyAreTooMuch() throws IOException {
        Problem tables = problem(text("create.sql", IntStream.range(0, 10_000)
                .mapToObj(i -> "CREATE TABLE t" + i + " (a INTEGER);\n").collect(Collectors.joining())));
        assertThat(tables.fault()).isEqualTo(new TooManyTables(201, 200));
        assertThat(tables.place().orElseThrow().line()).hasValue(201);
        assertThat(fault(text("digits.sql",
                "CREATE TABLE t (a DECIMAL(9)); INSERT INTO t VALUES (" + "9".repeat(1_000_000) + ")")))
                .isEqualTo(new TooManyDigits(1_000));
        assertThat(fault(text("doubled.sql", "CREATE TABLE s (t TEXT); INSERT INTO s VALUES ('ab');"
                + "UPDATE s SET t = t || t;".repeat(40)))).isInstanceOf(RunFault.TextTooLong.class);
        String rows = IntStream.range(0, 100).mapToObj(i -> "(" + i + ")").collect(Collectors.joining(", "));
        Problem steps = problem(text("exists.sql", "CREATE TABLE s (t INTEGER); INSERT INTO s VALUES " + rows
                + ";\nSELECT t FROM s WHERE EXISTS (SELECT 1 FROM s a CROSS JOIN s b CROSS JOIN s c WHERE "
                + "a.t + b.t + c.t < s.t - 999)"));
        assertThat(steps.fault()).isEqualTo(new TooManySteps(5_000_000));
        assertThat(steps.place().orElseThrow().line()).hasValue(2);
    }

    @Test
    void ofAPackageThePartsAndLinksAreCounted() throws IOException {
        String resource = "{\"name\":\"t%d\",\"path\":\"d.csv\",\"schema\":{\"fields\":[{\"name\":\"a\","
                + "\"type\":\"integer\"}]%s}}";
        assertThat(fault(zip("parts.zip", Map.of("d.csv", "a\n1\n", "datapackage.json", "{\"resources\":["
                + IntStream.range(0, 5_000).mapToObj(i -> resource.formatted(i, "")).collect(Collectors.joining(","))
                + "]}")))).isEqualTo(new TooManyTables(5_000, 200));
        String key = "{\"fields\":\"a\",\"reference\":{\"resource\":\"\",\"fields\":\"a\"}}";
        Path repeated = zip("links.zip", Map.of("d.csv", "a\n1\n", "datapackage.json", "{\"resources\":["
                + resource.formatted(1, ",\"foreignKeys\":[" + (key + ",").repeat(99_999) + key + "]") + "]}"));
        assertThat(TableFormat.read(repeated).expect().set().links()).hasSize(1);
    }

    @Test
    void theLargestTableIsWrittenAndReadInTime() {
        List<Column> columns = IntStream.range(0, 200).mapToObj(i -> new Column("c" + i, Type.INTEGER)).toList();
        List<Value> row = columns.stream().map(_ -> Value.of(7)).toList();
        TableSet set = TableSet.of(Table.of("wide", columns, IntStream.range(0, 2_000).mapToObj(_ -> row).toList()));
        for (TableFormat format : TableFormat.values()) {
            if (!format.isWritten()) continue;
            Path file = folder.resolve("wide" + format.endings().getFirst());
            long before = THREADS.getCurrentThreadCpuTime();
            assertThat(TableFormat.write(set, file, Said.ENGLISH).expect().losses()).as(format.name()).isEmpty();
            inTime(before, file);
        }
    }

    private static Checked<Imported> read(Path file) {
        long before = THREADS.getCurrentThreadCpuTime();
        Checked<Imported> read = TableFormat.read(file);
        inTime(before, file);
        return read;
    }

    private static Problem problem(Path file) {
        return read(file).either(tables -> fail("no problem: " + tables), problem -> problem);
    }

    private static Fault fault(Path file) {
        return problem(file).fault();
    }

    private static void inTime(long before, Path file) {
        assertThat(Duration.ofNanos(THREADS.getCurrentThreadCpuTime() - before)).as(file.toString())
                .isLessThan(Duration.ofSeconds(10));
    }

    private Path text(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    /** A book with one sheet in which that stands. */
    private Path sheet(String rows) throws IOException {
        Path file = Files.createTempFile(folder, "sheet", ".xlsx");
        try (XSSFWorkbook book = new XSSFWorkbook(); OutputStream out = Files.newOutputStream(file)) {
            book.createSheet("mills");
            book.write(out);
        }
        try (var zip = FileSystems.newFileSystem(file)) {
            Path sheet = zip.getPath("xl/worksheets/sheet1.xml");
            Files.writeString(sheet, Files.readString(sheet).replace("<sheetData/>",
                    "<sheetData>" + rows + "</sheetData>"));
        }
        return file;
    }

    private Path zip(String name, Map<String, String> files) throws IOException {
        Path path = folder.resolve(name);
        try (OutputStream out = Files.newOutputStream(path); ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> file : new LinkedHashMap<>(files).entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return path;
    }
}
