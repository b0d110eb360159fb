package lunko.exchange.page;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.exchange.file.SourceText;
import lunko.exchange.grid.Grid;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Limits;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.TableFault;
import lunko.table.FreeName;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.Code;
import org.commonmark.node.Heading;
import org.commonmark.node.HtmlInline;
import org.commonmark.node.Node;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** The tables in a page: of HTML, or of Markdown (GitHub Flavored Markdown, tables). */
public final class PageTables {
    /** The most characters of a page: what stands in it takes thirty times as much while it is read. */
    private static final int MOST_CHARACTERS = 8 << 20;
    private static final int MOST_SIGNS = 10_000;

    private PageTables() {}

    /** A table as it stands in a page; its name is nothing where the page gives it none. */
    private record Found(String name, List<List<String>> rows) {}

    /** The tables of an HTML page; of a table within another, which arranges the page, the inner one alone. */
    public static Checked<List<Grid>> html(SourceText page) {
        if (page.text().length() > MOST_CHARACTERS) return tooLong(page);
        Document document = Jsoup.parse(page.text());
        List<Element> tables = document.select("table");
        Set<Element> arranging = new HashSet<>();
        for (Element table : tables) {
            for (Element outer = table.parent(); outer != null; outer = outer.parent())
                if (outer.normalName().equals("table") && !arranging.add(outer)) break;
        }
        return tables(page, tables.stream().filter(table -> !arranging.contains(table))
                .map(table -> new Found(table.select("caption").text(),
                        table.select("tr").stream().limit(Limits.ROWS + 2L)
                                .map(row -> row.select("th,td").stream().map(Element::text).toList())
                                .filter(row -> !row.isEmpty()).toList()))
                .toList());
    }

    /** The tables of a Markdown page, each called as the heading over it. */
    public static Checked<List<Grid>> markdown(SourceText page) {
        if (page.text().length() > MOST_CHARACTERS) return tooLong(page);
        Optional<Problem> tooMuch = tooManySigns(page);
        if (tooMuch.isPresent()) return Checked.invalid(tooMuch.get());
        Node document = Parser.builder().extensions(List.of(TablesExtension.create())).build().parse(page.text());
        return tables(page, all(document).filter(TableBlock.class::isInstance)
                .map(table -> new Found(table.getPrevious() instanceof Heading heading ? text(heading) : "",
                        all(table).filter(TableRow.class::isInstance)
                                .map(row -> children(row).map(PageTables::text).toList()).toList()))
                .toList());
    }

    private static <T> Checked<T> tooLong(SourceText page) {
        return Checked.invalid(Problem.at(Place.in(page.source()), new FileFault.PageTooLong(MOST_CHARACTERS)));
    }

    /** The library compares every sign of a paragraph, or of a cell, with those before it. */
    private static Optional<Problem> tooManySigns(SourceText page) {
        long signs = 0;
        int number = 0;
        for (String line : (Iterable<String>) page.text().lines()::iterator) {
            number++;
            boolean isAlone = line.isBlank() || line.contains("|");
            signs = (isAlone ? 0 : signs) + line.chars().filter(c -> c == '*' || c == '_' || c == '[').count();
            if (signs > MOST_SIGNS) return Optional.of(Problem.at(Place.line(page.source(), number),
                    new FileFault.TooManySigns(MOST_SIGNS)));
        }
        return Optional.empty();
    }

    private static Stream<Node> children(Node node) {
        return Stream.iterate(node.getFirstChild(), child -> child != null, Node::getNext);
    }

    /** A node and all that is in it, in their order, however deep that goes. */
    private static Stream<Node> all(Node top) {
        return Stream.iterate(top, Objects::nonNull, node -> {
            if (node.getFirstChild() != null) return node.getFirstChild();
            Node at = node;
            while (at != top && at.getNext() == null) at = at.getParent();
            return at == top ? null : at.getNext();
        });
    }

    private static String text(Node node) {
        return all(node).map(part -> switch (part) {
            case Text text -> text.getLiteral();
            case Code code -> code.getLiteral();
            case HtmlInline html when html.getLiteral().matches("<br */?>") -> "\n";
            default -> "";
        }).collect(Collectors.joining()).strip();
    }

    private static Checked<List<Grid>> tables(SourceText page, List<Found> found) {
        if (found.isEmpty()) return Checked.invalid(
                Problem.at(Place.in(page.source()), new FileFault.NoTable()));
        Optional<TableFault> tooMany = Limits.ofTables(found.size());
        if (tooMany.isPresent()) return Checked.invalid(Problem.at(Place.in(page.source()), tooMany.get()));
        Set<String> taken = new HashSet<>();
        List<Grid> grids = new ArrayList<>();
        for (Found table : found) {
            Origin where = new Origin.TableOfPage(page.source(), grids.size() + 1);
            boolean isNamed = !table.name().isEmpty() && Limits.ofName(table.name()).isEmpty();
            String name = FreeName.of(isNamed ? table.name() : found.size() == 1 ? "table"
                    : "table_" + (grids.size() + 1), "_", taken::contains);
            taken.add(name);
            int width = table.rows().stream().mapToInt(List::size).max().orElse(0);
            List<Grid.Line> lines = new ArrayList<>();
            for (List<String> row : table.rows())
                lines.add(new Grid.Line(Place.line(where, lines.size() + 1), fields(row, width)));
            grids.add(new Grid(name, Place.in(where), lines));
        }
        return Checked.valid(grids);
    }

    /** The cells of a row; one that is empty or says NULL is NULL. */
    private static List<Optional<String>> fields(List<String> row, int width) {
        return Stream.concat(row.stream(), Stream.generate(() -> "")).limit(width)
                .map(cell -> cell.isEmpty() || cell.equals("NULL") ? Optional.<String>empty() : Optional.of(cell))
                .toList();
    }
}
