package lunko.exchange.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.exchange.file.SourceText;
import lunko.exchange.grid.Grid;
import lunko.problem.Checked;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Table;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.Code;
import org.commonmark.node.HtmlInline;
import org.commonmark.node.Node;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** The tables in a page: of HTML, or of Markdown (GitHub Flavored Markdown, tables). */
public final class PageTables {
    private PageTables() {}

    /** The tables of an HTML page. */
    public static Checked<List<Table>> html(SourceText page) {
        Document document = Jsoup.parse(page.text());
        List<List<List<String>>> tables = document.select("table").stream().map(table -> table.select("tr").stream()
                .map(row -> row.select("th, td").stream().map(Element::text).toList()).filter(row -> !row.isEmpty())
                .toList()).toList();
        return tables(page, tables);
    }

    /** The tables of a Markdown page. */
    public static Checked<List<Table>> markdown(SourceText page) {
        Node document = Parser.builder().extensions(List.of(TablesExtension.create())).build().parse(page.text());
        List<List<List<String>>> tables = all(document).filter(TableBlock.class::isInstance).map(table -> all(table)
                .filter(TableRow.class::isInstance)
                .map(row -> children(row)
                        .map(cell -> all(cell).map(PageTables::text).collect(Collectors.joining()).strip()).toList())
                .toList()).toList();
        return tables(page, tables);
    }

    private static Stream<Node> children(Node node) {
        return Stream.iterate(node.getFirstChild(), child -> child != null, Node::getNext);
    }

    private static Stream<Node> all(Node node) {
        return Stream.concat(Stream.of(node), children(node).flatMap(PageTables::all));
    }

    private static String text(Node node) {
        return switch (node) {
            case Text text -> text.getLiteral();
            case Code code -> code.getLiteral();
            case HtmlInline html when html.getLiteral().matches("<br */?>") -> "\n";
            default -> "";
        };
    }

    private static Checked<List<Table>> tables(SourceText page, List<List<List<String>>> found) {
        if (found.isEmpty()) return Checked.invalid(
                Problem.at(Place.in(page.source()), "There is no table in it: copy one that has rows and columns."));
        List<Table> tables = new ArrayList<>();
        for (int i = 0; i < found.size(); i++) {
            String name = found.size() == 1 ? "table" : "table_" + (i + 1);
            String where = page.source() + ", table " + (i + 1);
            int width = found.get(i).stream().mapToInt(List::size).max().orElse(0);
            List<Grid.Line> lines = new ArrayList<>();
            for (List<String> row : found.get(i))
                lines.add(new Grid.Line(Place.line(where, lines.size() + 1), fields(row, width)));
            switch (new Grid(name, Place.in(where), lines).table()) {
                case Checked.Valid<Table>(Table table) -> tables.add(table);
                case Checked.Invalid<Table>(Problem problem) -> {
                    return Checked.invalid(problem);
                }
            }
        }
        return Checked.valid(tables);
    }

    /** The cells of a row; one that is empty or says NULL is NULL. */
    private static List<Optional<String>> fields(List<String> row, int width) {
        return Stream.concat(row.stream(), Stream.generate(() -> "")).limit(width)
                .map(cell -> cell.isEmpty() || cell.equals("NULL") ? Optional.<String>empty() : Optional.of(cell))
                .toList();
    }
}
