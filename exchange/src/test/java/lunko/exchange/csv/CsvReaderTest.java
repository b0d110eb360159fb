package lunko.exchange.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import lunko.exchange.Intake;
import lunko.exchange.file.Watch;
import lunko.problem.Checked;
import lunko.problem.FileFault.IsFolder;
import lunko.problem.FileFault.NoFile;
import lunko.problem.FileFault.NotEncoded;
import lunko.problem.Limits;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a CSV file gives: a table, or what is wrong with its place. */
class CsvReaderTest {
    @TempDir
    private Path folder;

    @Test
    void readsTypesAndTellsNullFromTheEmptyText() throws IOException {
        Table table = read(
                "\uFEFFhive_no,hive,kg,day\r\n1,Clover,2.5,2026-05-01\r\n2,\"\",,\r\n\r\n3,\"a \"\"b\"\",\nc\",3,\r\n")
                .expect();
        assertThat(table.name()).isEqualTo("hives");
        assertThat(table.columns()).extracting(Column::type)
                .containsExactly(Type.INTEGER, Type.TEXT, Type.DECIMAL, Type.DATE);
        assertThat(table.rows()).extracting(row -> row.value(1))
                .containsExactly(Value.of("Clover"), Value.of(""), Value.of("a \"b\",\nc"));
        assertThat(table.rows()).extracting(row -> row.value(3).isNull()).containsExactly(false, true, true);
    }

    @Test
    void aBlankLineIsNullWhereThereIsOneColumn() throws IOException {
        assertThat(read("a\n1\n\n2\n").expect().rows()).extracting(Row::values)
                .containsExactly(List.of(Value.of(1)), List.of(Value.NULL), List.of(Value.of(2)));
    }

    @ParameterizedTest(name = "{index}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
            "``                        | 0, 0 | EmptyFile[]",
            "a,b\\n1,2\\n3             | 3, 0 | FieldCount[fields=1, columns=2]",
            "a,b\\n\"x\\ny\",2\\n3,4,5    | 4, 0 | FieldCount[fields=3, columns=2]",
            "a,b\\n1,\"q\"\"u\\n2,3       | 2, 3 | OpenQuote[]",
            "a,b\\n\"x\"y,2\\n          | 2, 0 | TextAfterQuote[]",
            "a,b,A\\n1,2,3             | 1, 0 | ColumnsTwice[one=1, other=3, column=A]",
            "a,,c\\n1,2,3              | 1, 0 | UnnamedColumn[column=2]",
    })
    void tellsWhatIsWrongAndWhere(String text, String place, String fault) throws IOException {
        Problem problem = problem(read(text.replace("\\n", "\n")));
        assertThat(problem.fault()).hasToString(fault);
        assertThat(place(problem)).isEqualTo(place);
    }

    /** The line and the column, 0 for what is not known. */
    private static String place(Problem problem) {
        Place place = problem.place().orElseThrow();
        assertThat(place.source()).asString().endsWith("hives.csv]");
        return place.line().orElse(0) + ", " + place.column().orElse(0);
    }

    @Test
    void tellsWhereTheTextStopsBeingUtf8() throws IOException {
        Problem problem =
                problem(read("a,b\nü,".getBytes(StandardCharsets.UTF_8), new byte[] {(byte) 0xE4, ',', '\n'}));
        assertThat(problem.fault()).isEqualTo(new NotEncoded("UTF-8"));
        assertThat(place(problem)).isEqualTo("2, 3");
    }

    @Test
    void takesTheFirstRowsOfAMillion() throws IOException {
        read("a,b\n" + "1,2\n".repeat(1_000_000));
        CsvReader.Read read = CsvReader.read(folder.resolve("hives.csv"), Watch.NOBODY).expect();
        assertThat(read.isCut()).isTrue();
        assertThat(read.grid().table().expect().rows()).hasSize(Limits.ROWS);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '#', quoteCharacter = '`', value = {
            "no;hive\\n1;Clöver\\n# ; # \" # true # windows-1252", "no\\thive\\n1\\tClover# TAB # \" # true # UTF-8",
            "'no'|'hive'\\n1|'a|b'# | # ' # true # UTF-8", "1,Clover\\n2,Heather# , # \" # false # UTF-8",
            "no,hive\\n1,Clöver# , # \" # true # UTF-16LE"})
    void findsHowAFileIsWritten(String text, String separator, char quote, boolean header, Charset encoding)
            throws IOException {
        String mark = encoding.name().startsWith("UTF-16") ? "\uFEFF" : "";
        Path file = Files.write(folder.resolve("x.csv"),
                (mark + text.replace("\\n", "\n").replace("\\t", "\t")).getBytes(encoding));
        Intake.OfText intake = (Intake.OfText) Intake.of(file, Watch.NOBODY).expect();
        assertThat(intake.dialect()).isEqualTo(new Dialect(separator.equals("TAB") ? '\t' : separator.charAt(0),
                Optional.of(quote), header, encoding));
        Table table = intake.tables().expect().tables().getFirst();
        assertThat(table.columns()).extracting(Column::name)
                .containsExactly(header ? new String[] {"no", "hive"} : new String[] {"column_1", "column_2"});
        assertThat(table.rows().getFirst().value(0)).isEqualTo(Value.of(1));
    }

    @Test
    void tellsThatAFileIsNotThere() {
        assertThat(problem(read(folder.resolve("none.csv"))).fault()).isEqualTo(new NoFile());
        assertThat(problem(read(folder)).fault()).isEqualTo(new IsFolder());
    }

    private static Checked<Table> read(Path file) {
        return CsvReader.read(file, Watch.NOBODY).then(read -> read.grid().table());
    }

    private Checked<Table> read(String text) throws IOException {
        return read(text.getBytes(StandardCharsets.UTF_8));
    }

    private Checked<Table> read(byte[]... parts) throws IOException {
        Path file = folder.resolve("hives.csv");
        try (var out = Files.newOutputStream(file)) {
            for (byte[] part : parts) out.write(part);
        }
        return read(file);
    }

    private static Problem problem(Checked<Table> table) {
        return table.either(read -> fail("read " + read), problem -> problem);
    }
}
