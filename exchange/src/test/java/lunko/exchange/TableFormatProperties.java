package lunko.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lunko.exchange.file.Watch;
import lunko.lesson.CellEdit;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.TableSet;
import lunko.problem.Checked;
import lunko.problem.FileFault.NoRange;
import lunko.problem.Problem;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.TypeSize;
import lunko.table.Value;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.Combinators;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.From;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.lifecycle.BeforeContainer;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/** Tables that are written and read again are the same, and the script makes them on real databases. */
class TableFormatProperties {
    private static final List<Column> COLUMNS =
            List.of(new Column("no", Type.INTEGER), new Column("Kilo gram", Type.DECIMAL),
                    new Column("note", Type.TEXT), new Column("order", Type.BOOLEAN), new Column("day", Type.DATE));
    /** Keeps every column from looking like one of another type. */
    private static final List<Value> TELLING = List.of(Value.of(-3), value(Type.DECIMAL, "2.50"), Value.of("ash tree"),
            value(Type.BOOLEAN, "true"), value(Type.DATE, "2026-05-01"));

    private static Path folder;

    @BeforeContainer
    static void makeFolder() throws IOException {
        folder = Files.createTempDirectory("lunko");
        folder.toFile().deleteOnExit();
    }

    private static Value value(Type type, String text) {
        return type.read(text).orElseThrow();
    }

    @Provide
    Arbitrary<Table> tables() {
        // No format but CSV keeps blanks at the ends of texts, or the empty text, from all programs that read it.
        Arbitrary<Value> texts = Arbitraries.strings().withChars("ab'\",;|=+-@*_<&\\ö ").ofMinLength(1).ofMaxLength(6)
                .map(text -> Value.of("x" + text + "x"))
                .edgeCases(edge -> edge.add(Value.of("=1+1"), Value.of("-x"), Value.of("@x"), Value.of("'=x")));
        return Combinators
                .combine(Arbitraries.longs().map(Value::of),
                        Arbitraries.of("0.1", "-7.25", "1000.5").map(text -> value(Type.DECIMAL, text)),
                        texts, Arbitraries.of("true", "false").map(text -> value(Type.BOOLEAN, text)),
                        Arbitraries.of("1999-12-31", "2024-02-29").map(text -> value(Type.DATE, text)))
                .as((a, b, c, d, e) -> List.of(a, b, c, d, e)).list().ofMaxSize(5)
                .flatMap(rows -> Arbitraries.integers().between(0, 31).map(nulls -> {
                    List<List<Value>> all = new ArrayList<>(rows);
                    all.add(TELLING);
                    List<Value> withNulls = new ArrayList<>(TELLING);
                    for (int i = 0; i < 5; i++) if ((nulls >> i & 1) == 1 && nulls != 31) withNulls.set(i, Value.NULL);
                    all.add(withNulls);
                    return Table.of("hive stands", COLUMNS, all);
                }));
    }

    @Property(tries = 60)
    void whatIsWrittenIsReadBackInEveryFormat(@ForAll("tables") Table table) {
        for (TableFormat format : TableFormat.values()) {
            if (!format.isWritten()) continue;
            Path file = folder.resolve("hive stands" + format.endings().getFirst());
            assertThat(TableFormat.write(TableSet.of(table), file, Said.ENGLISH)).isInstanceOf(Checked.Valid.class);
            Table back = TableFormat.read(file).expect().tables().getFirst();
            assertThat(back.columns()).as(format.name()).isEqualTo(table.columns());
            assertThat(back.rows()).as(format.name()).extracting(Row::values)
                    .usingElementComparator((a, b) -> shown(a).equals(shown(b)) ? 0 : 1)
                    .containsExactlyElementsOf(table.rows().stream().map(Row::values).toList());
            file.toFile().delete();
        }
    }

    @Property(tries = 60)
    void aBlockThatIsCopiedIsPastedAsItWas(@ForAll List<@Size(3) List<@From("fields") String>> block) {
        Assume.that(!block.isEmpty());
        assertThat(TableText.block(Optional.empty(), TableText.tabbed(block))).isEqualTo(block);
        assertThat(TableText.block(Optional.of(TableText.page(block)), "")).hasSameSizeAs(block);
    }

    @Provide
    Arbitrary<String> fields() {
        return Arbitraries.strings().withChars("ab'\",;|= <&ö\t\n").ofMaxLength(5);
    }

    @Property(tries = 60)
    void whatIsCopiedIsPastedAsItWas(@ForAll("tables") Table table) {
        assertThat(TableText.read(Optional.empty(), TableText.tabbed(table)).expect().tables().getFirst().rows())
                .isEqualTo(table.rows());
        Table pasted =
                TableText.read(Optional.of("<html>" + TableText.html(table) + "</html>"), "").expect().tables()
                        .getFirst();
        assertThat(pasted.columns()).isEqualTo(table.columns());
        assertThat(pasted.rows()).hasSameSizeAs(table.rows());
    }

    /** A spreadsheet keeps no zeros behind the last digit. */
    private static String shown(List<Value> row) {
        return row.stream().map(value -> value instanceof Value.DecimalValue(var number)
                ? number.stripTrailingZeros().toPlainString() : value.sql()).toList().toString();
    }

    @Example
    void theScriptRunsUnchangedOnPostgresAndSqlite() throws IOException, SQLException {
        Table table = Table.of("order", COLUMNS, List.of(TELLING,
                List.of(Value.of(Long.MAX_VALUE), Value.NULL, Value.of("O'da"), Value.NULL, Value.NULL)));
        // The hive of nobody's keeper gone, all links but one can be said as foreign keys.
        Lesson demo = new CellEdit.Type("hives", 4, 2, "14").applyTo(DemoLesson.lesson()).expect();
        List<Table> tables = new ArrayList<>(demo.tables());
        tables.add(table);
        Path file = folder.resolve("script.sql");
        TableFormat.write(new TableSet(tables, demo.links()), file, Said.ENGLISH).expect();
        String script = Files.readString(file);
        try (EmbeddedPostgres server = EmbeddedPostgres.start();
                Connection postgres = server.getPostgresDatabase().getConnection();
                Connection sqlite = DriverManager.getConnection("jdbc:sqlite::memory:")) {
            for (Connection database : List.of(postgres, sqlite)) {
                try (Statement statement = database.createStatement()) {
                    if (database == sqlite) statement.execute("PRAGMA foreign_keys = ON");
                    for (String one : script.split(";\n")) if (!one.isBlank()) statement.execute(one);
                    ResultSet rows = statement.executeQuery("SELECT no, note, day FROM \"order\" ORDER BY no");
                    rows.next();
                    assertThat(List.of(rows.getLong(1), rows.getString(2), rows.getString(3))).containsExactly(-3L,
                            "ash tree", "2026-05-01");
                    rows.next();
                    assertThat(List.of(rows.getLong(1), rows.getString(2))).containsExactly(Long.MAX_VALUE, "O'da");
                    assertThat(rows.getString(3)).isNull();
                    for (String refused : List.of("INSERT INTO hives VALUES (6, 'x', 99, NULL)",
                            "INSERT INTO hives VALUES (5, 'x', 11, NULL)",
                            "INSERT INTO hives VALUES (6, 'x', 11, 77)")) {
                        assertThatThrownBy(() -> statement.execute(refused)).isInstanceOf(SQLException.class);
                    }
                }
            }
        }
        Imported back = TableFormat.read(file).expect();
        assertThat(back.set().links()).containsExactlyInAnyOrder(demo.link("hives", "keepers").orElseThrow(),
                demo.link("hives", "hives").orElseThrow(),
                demo.link("visits", "keepers").orElseThrow());
        assertThat(back.tables()).filteredOn(read -> read.name().equals("hives")).containsExactly(demo.staged().left());
    }

    @Example
    void aScriptOrPackageSaysNoKeyThatItsRowsBreak() throws IOException {
        Lesson demo = DemoLesson.lesson();
        Table twice =
                demo.staged().left().plus(demo.staged().left().rows().getFirst().values()).with(2, 2,
                        Entry.misfit("nobody; at all"));
        TableSet set = new TableSet(List.of(twice, demo.staged().right()),
                List.of(demo.link("hives", "keepers").orElseThrow()));
        Path script = folder.resolve("broken.sql");
        TableFormat.write(set, script, Said.ENGLISH).expect();
        assertThat(Files.readString(script))
                .contains("refers to keepers", "-- some rows of hives have no key of their own",
                        "where nobody, at all was typed")
                .doesNotContain("FOREIGN KEY").contains("PRIMARY KEY (\"keeper_id\")");
        assertThat(TableFormat.read(script).expect().tables().getFirst().rows()).hasSize(6);
        Path pack = folder.resolve("broken.zip");
        TableFormat.write(set, pack, Said.ENGLISH).expect();
        assertThat(TableFormat.read(pack).expect().tables()).extracting(Table::key).containsExactly(List.of(),
                List.of(0));
    }

    /** A script keeps how large values may be; of a file that cannot, it is said. */
    @Example
    void whatAScriptDeclaresIsKept() throws IOException {
        Path script = folder.resolve("sizes.sql");
        Files.writeString(script, "CREATE TABLE honey (code VARCHAR(3), kg DECIMAL(6, 2), no SMALLINT, note "
                + "VARCHAR(255)); INSERT INTO honey VALUES ('ash', 2.345, 7, 'dark');");
        Table honey = TableFormat.read(script).expect().tables().getFirst();
        assertThat(honey.columns()).extracting(Column::size).containsExactly(new TypeSize.Characters(3),
                new TypeSize.Digits(6, 2), new TypeSize.Bits(16), new TypeSize.Any());
        Path again = folder.resolve("again.sql");
        TableFormat.write(TableSet.of(honey), again, Said.ENGLISH).expect();
        assertThat(TableFormat.read(again).expect().tables()).containsExactly(honey);
        assertThat(TableFormat.write(TableSet.of(honey), folder.resolve("honey.csv"), Said.ENGLISH).expect().losses())
                .extracting(Loss::kind).contains(Loss.Kind.TYPES);
    }

    @Example
    void ofASpreadsheetTheSheetTheCellsAndTheHeaderAreChosen() throws IOException {
        for (String ending : List.of(".xlsx", ".ods")) {
            Path book = folder.resolve("book" + ending);
            TableFormat.write(DemoLesson.lesson().set(), book, Said.ENGLISH).expect();
            Intake.OfSheets all = (Intake.OfSheets) Intake.of(book, Watch.NOBODY).expect();
            assertThat(all.tables().expect().tables()).extracting(Table::name).startsWith("hives", "keepers")
                    .hasSize(6);
            Table part =
                    new Intake.OfSheets(book, all.sheets(), Set.of(0, 2, 3, 4, 5), "b2:C3", false).tables().expect()
                            .tables().getFirst();
            assertThat(part.columns()).extracting(Column::name).containsExactly("column_1", "column_2");
            assertThat(part.rows()).extracting(Row::values).containsExactly(
                    List.of(Value.of("Oda"), Value.of("Ashholt")), List.of(Value.of("Tam"), Value.of("Reedmere")));
            assertThat(new Intake.OfSheets(book, all.sheets(), Set.of(0, 2, 3, 4, 5), "here", true).tables()
                    .either(Object::toString, Problem::fault)).isEqualTo(new NoRange("here"));
        }
    }

    @Example
    void ofASpreadsheetWithAnUntidySheetTheOthersAreTaken() throws IOException {
        Path book = folder.resolve("untidy.xlsx");
        try (XSSFWorkbook made = new XSSFWorkbook()) {
            XSSFSheet untidy = made.createSheet("sketch");
            untidy.createRow(0).createCell(0).setCellValue("weir");
            untidy.createRow(1).createCell(1).setCellValue("beside it");
            XSSFSheet tidy = made.createSheet("mills");
            tidy.createRow(0).createCell(0).setCellValue("mill");
            tidy.createRow(1).createCell(0).setCellValue("Grist");
            try (OutputStream out = Files.newOutputStream(book)) {
                made.write(out);
            }
        }
        Imported brought = Intake.of(book, Watch.NOBODY).expect().tables().expect();
        assertThat(brought.tables()).extracting(Table::name).containsExactly("mills");
        assertThat(brought.notes()).singleElement().isInstanceOf(Imported.Note.LeftOut.class);
    }
}
