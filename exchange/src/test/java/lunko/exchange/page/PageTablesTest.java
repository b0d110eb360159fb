package lunko.exchange.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.io.IOException;
import java.util.List;
import lunko.exchange.file.SourceText;
import lunko.exchange.grid.Grid;
import lunko.problem.Checked;
import lunko.problem.FileFault.ColumnsTwice;
import lunko.problem.FileFault.NoTable;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;

/** Tables as they stand in pages that people have written. */
class PageTablesTest {

    @Test
    void aWebPageGivesEveryTableWithItsTextsAlone() {
        List<Table> tables = PageTables.html(new SourceText(Origin.file("page.html"), """
                <h1>Bees</h1><table class=x><thead><tr><th>hive<th><b>kg</b> &amp; day</thead>
                <tr><td>Clover <script>alert(1)</script></td><td>2.5</td></tr><tr><td>NULL</td></tr></table>
                <table><tr><td>k</td></tr><tr><td>1</td></tr></table>""")).expect().stream()
                .map(grid -> grid.table().expect()).toList();
        assertThat(tables).extracting(Table::name).containsExactly("table_1", "table_2");
        assertThat(tables.getFirst().columns()).extracting(column -> column.name() + " " + column.type().id())
                .containsExactly("hive text", "kg & day decimal");
        assertThat(shown(tables.getFirst())).containsExactly(List.of("Clover", "2.5"), List.of("NULL", "NULL"));
    }

    @Test
    void aMarkdownTableHasItsSignsTakenAway() {
        Table table = PageTables.markdown(new SourceText(Origin.file("page.md"), """
                Some words.

                | hive | `note` |
                |------|-------:|
                | **Clover** | a \\| b |
                | _Heather_ |  |
                """)).expect().getFirst().table().expect();
        assertThat(table.columns()).extracting(column -> column.name()).containsExactly("hive", "note");
        assertThat(shown(table)).containsExactly(List.of("Clover", "a | b"), List.of("Heather", "NULL"));
    }

    @Test
    void whatIsWrittenAsMarkdownHasNoSignsOfIts() throws IOException {
        String strange = "a|b *c* <i>d</i> _e_ f_g [h](i) `j` \\";
        Table table = Table.of("## " + strange, List.of(new Column(strange, Type.TEXT)),
                List.of(List.of(Value.of(strange + "\n2")), List.of(Value.of("&amp;"))));
        StringBuilder page = new StringBuilder();
        MarkdownText.write(List.of(table), page);
        Table back =
                PageTables.markdown(new SourceText(Origin.file("page.md"), page.toString())).expect().getFirst().table()
                        .expect();
        assertThat(back.columns()).isEqualTo(table.columns());
        assertThat(shown(back)).isEqualTo(shown(table));
    }

    @Test
    void aPageWithoutATableIsExplained() {
        assertThat(problem(PageTables.html(new SourceText(Origin.file("p.html"), "<p>none</p>"))))
                .isEqualTo(Problem.at(Place.inFile("p.html"), new NoTable()));
        Problem twice =
                problem(PageTables.markdown(new SourceText(Origin.file("p.md"), "| a | a |\n|---|---|\n| 1 | 2 |")));
        assertThat(twice.fault()).isEqualTo(new ColumnsTwice(1, 2, "a"));
        assertThat(twice.place().orElseThrow().line()).hasValue(1);
    }

    private static List<List<String>> shown(Table table) {
        return table.rows().stream().map(row -> row.values().stream().map(Value::shown).toList()).toList();
    }

    private static Problem problem(Checked<List<Grid>> checked) {
        return checked.then(grids -> grids.getFirst().table()).either(read -> fail("read " + read), problem -> problem);
    }
}
