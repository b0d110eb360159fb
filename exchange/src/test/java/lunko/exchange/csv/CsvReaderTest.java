package lunko.exchange.csv;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import lunko.exchange.Intake;
import lunko.exchange.Said;
import lunko.exchange.file.Watch;
import lunko.problem.Checked;
import lunko.problem.Limits;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a CSV file gives: a table, or one sentence with its place. */
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
            "``                  | hives.csv: The file is empty",
            "a,b\\n1,2\\n3       | hives.csv:3: This line has 1 field, but the first line names 2 columns: write "
                    + "nothing",
            "a,b\\n\"x\\ny\",2\\n3,4,5 | hives.csv:4: This line has 3 fields, but the first line names 2 columns: "
                    + "put a field",
            "a,b\\n1,\"q\"\"u\\n2,3 | hives.csv:2:3: The quote that opens here has no end",
            "a,b\\n\"x\"y,2\\n    | hives.csv:2: A closing quote is followed by more text",
            "a,b,A\\n1,2,3       | hives.csv:1: Columns 1 and 3 are both called A",
            "a,,c\\n1,2,3        | hives.csv:1: Column 2 has no name",
    })
    void saysWhatIsWrongAndWhere(String text, String sentence) throws IOException {
        assertThat(problem(read(text.replace("\\n", "\n")))).startsWith(folder + "/" + sentence);
    }

    @Test
    void saysWhereTheTextStopsBeingUtf8() throws IOException {
        assertThat(problem(read("a,b\nü,".getBytes(StandardCharsets.UTF_8), new byte[] {(byte) 0xE4, ',', '\n'})))
                .startsWith(folder + "/hives.csv:2:3: This character is not UTF-8");
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
    void saysThatAFileIsNotThere() {
        assertThat(problem(read(folder.resolve("none.csv")))).contains("none.csv: There is no such file");
        assertThat(problem(read(folder))).contains("This is a folder");
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

    private static String problem(Checked<Table> table) {
        return table.either(read -> "read " + read, Said::inColons);
    }
}
