package lunko.exchange.result;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import lunko.engine.sql.ResultTable;
import lunko.exchange.Said;
import lunko.problem.FileFault;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;

/** A result in each of its formats: NULL and the empty text can be told apart in those that machines read. */
class ResultFormatTest {
    private final ResultTable result = new ResultTable(
            List.of(new ResultTable.Column("hive|no", Optional.of(Type.INTEGER)),
                    new ResultTable.Column("hive", Optional.of(Type.TEXT)),
                    new ResultTable.Column("kg", Optional.of(Type.DECIMAL)),
                    new ResultTable.Column("none", Optional.empty())),
            List.of(List.of(Value.of(1), Value.of("Clover, \"old\"\nhive"), Type.DECIMAL.read("2.50").orElseThrow(),
                    Value.NULL),
                    List.of(Value.of(12), Value.of(""), Value.NULL, Value.NULL)));

    @Test
    void inColumnsNumbersStandToTheRight() {
        ResultTable small = new ResultTable(result.columns().subList(0, 2),
                List.of(List.of(Value.of(1), Value.of("Clover")), List.of(Value.of(12), Value.NULL)));
        assertThat(ResultFormat.TABLE.write(small, Optional.empty(), 1, Said.ENGLISH)).isEqualTo("""
                hive|no  hive
                ───────  ──────
                      1  Clover
                     12  NULL
                2 rows

                """);
    }

    @Test
    void aMarkdownTableStaysATable() {
        assertThat(ResultFormat.MARKDOWN.write(result, Optional.empty(), 1, Said.ENGLISH).lines()).containsExactly(
                "| hive\\|no | hive                  |   kg | none |",
                "| -------: | --------------------- | ---: | ---- |",
                "|        1 | Clover, \"old\"<br>hive | 2.50 | NULL |",
                "|       12 |                       | NULL | NULL |",
                "");
    }

    @Test
    void csvTellsNullFromTheEmptyText() {
        assertThat(ResultFormat.CSV.write(result, Optional.empty(), 1, Said.ENGLISH)).isEqualTo(
                "hive|no,hive,kg,none\r\n1,\"Clover, \"\"old\"\"\nhive\",2.50,\r\n12,\"\",,\r\n");
    }

    @Test
    void jsonIsOneLineForEachResultAndEachProblem() {
        assertThat(ResultFormat.JSON.write(result, Optional.empty(), 7, Said.ENGLISH))
                .isEqualTo("{\"line\":7,\"columns\":[{\"name\":\"hive|no\",\"type\":\"integer\"},"
                        + "{\"name\":\"hive\",\"type\":\"text\"},{\"name\":\"kg\",\"type\":\"decimal\"},"
                        + "{\"name\":\"none\",\"type\":null}],"
                        + "\"rows\":[[1,\"Clover, \\\"old\\\"\\nhive\",2.50,null],[12,\"\",null,null]]}\n");
        assertThat(ResultFormat.JSON
                .write(Problem.at(Place.character(Origin.file("x.sql"), 3, 9), new FileFault.IsFolder()), Said.ENGLISH))
                .isEqualTo(
                        "{\"problem\":{\"line\":3,\"column\":9,\"message\":\"This is a folder: name a file in "
                                + "it.\"}}\n");
    }
}
