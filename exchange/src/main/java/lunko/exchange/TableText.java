package lunko.exchange;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import lunko.exchange.csv.CsvReader;
import lunko.exchange.csv.CsvText;
import lunko.exchange.file.SourceText;
import lunko.exchange.grid.Grid;
import lunko.exchange.page.PageTables;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Origin;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Value;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Entities;

/** Tables as text that is copied from one program and pasted into another. */
public final class TableText {
    private static final Origin SOURCE = new Origin.Clipboard();

    private TableText() {}

    /**
     * The tables of what was copied: of a web page or a spreadsheet as HTML, if there is any with a table in it; else
     * of a Markdown table, or of lines with tabs, commas or semicolons between their fields.
     */
    public static Checked<Imported> read(Optional<String> html, String text) {
        if (html.isPresent() && html.get().toLowerCase(Locale.ROOT).contains("<table")) {
            return Imported.of(SOURCE, PageTables.html(new SourceText(SOURCE, html.get())));
        }
        if (text.isBlank()) { return Checked.invalid(new FileFault.NoTableCopied()); }
        SourceText copied = new SourceText(SOURCE, text);
        if (text.lines().skip(1).findFirst().filter(line -> line.matches("[\\s|:-]*-[\\s|:-]*") && line.contains("|"))
                .isPresent()) {
            return Imported.of(SOURCE, PageTables.markdown(copied));
        }
        return CsvReader.grid("table", copied).then(Grid::table).map(List::of).map(Imported::of);
    }

    /**
     * Fields of what was copied from a spreadsheet or a page, without a thought of names or types: to be pasted over
     * cells.
     */
    public static List<List<String>> block(Optional<String> html, String text) {
        if (html.isPresent() && html.get().toLowerCase(Locale.ROOT).contains("<table")) {
            return Jsoup.parse(html.get()).select("tr").stream()
                    .map(row -> row.select("th,td").stream().map(Element::text).toList()).toList();
        }
        if (text.indexOf('\t') < 0 && text.indexOf('\n') < 0) return List.of(List.of(text));
        try (CSVParser parser = CSVParser.parse(text,
                CSVFormat.TDF.builder().setIgnoreSurroundingSpaces(false).setIgnoreEmptyLines(false).get())) {
            return parser.stream().map(line -> line.toList()).toList();
        } catch (IOException | UncheckedIOException loneQuote) {
            return text.lines().map(line -> List.of(line.split("\t", -1))).toList();
        }
    }

    /** Fields as lines with tabs between them, as spreadsheets take them. */
    public static String tabbed(List<List<String>> block) {
        StringBuilder text = new StringBuilder();
        try {
            CSVFormat format = CSVFormat.TDF.builder().setRecordSeparator('\n').get();
            for (List<String> line : block) format.printRecord(text, line.toArray());
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    /** Fields as an HTML table. */
    public static String page(List<List<String>> block) {
        return "<table>" + block.stream()
                .map(line -> "<tr>" + line.stream().map(cell -> "<td>" + Entities.escape(cell) + "</td>")
                        .collect(Collectors.joining()) + "</tr>")
                .collect(Collectors.joining()) + "</table>";
    }

    /** A table as lines with tabs between the fields, as spreadsheets take them. */
    public static String tabbed(Table table) {
        try {
            StringBuilder text = new StringBuilder();
            CsvText.of(text, '\t').table(table);
            return text.toString();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** A table as HTML. */
    public static String html(Table table) {
        return "<table><tr>"
                + table.columns().stream().map(Column::name).map(name -> "<th>" + Entities.escape(name) + "</th>")
                        .collect(Collectors.joining())
                + "</tr>"
                + table.rows().stream()
                        .map(row -> "<tr>" + row.written().stream().map(TableText::cell).collect(Collectors.joining())
                                + "</tr>")
                        .collect(Collectors.joining())
                + "</table>";
    }

    private static String cell(Value value) {
        return "<td>" + (value.isNull() ? "" : Entities.escape(value.shown())) + "</td>";
    }
}
