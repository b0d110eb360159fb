package lunko.exchange.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import lunko.exchange.file.Watch;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;

/** Reads the cells of one sheet of an .xlsx (ISO/IEC 29500-1, 18.3), as many as a table can need. */
final class SheetReader {
    private final Path file;
    private final List<String> strings;
    private final SheetStyles styles;
    private final Watch watch;

    SheetReader(Path file, List<String> strings, SheetStyles styles, Watch watch) {
        this.file = file;
        this.strings = strings;
        this.styles = styles;
        this.watch = watch;
    }

    /** The sheet; a problem where a cell holds what it says it does not, or the watch says stop. */
    Checked<Spreadsheet> read(String name, InputStream part) throws IOException, XMLStreamException {
        XMLStreamReader xml = SheetXml.of(part);
        SheetCells cells = new SheetCells();
        int number = -1;
        List<Optional<Spreadsheet.Cell>> row = new ArrayList<>();
        while (xml.hasNext() && !cells.isFull()) {
            if (xml.next() != XMLStreamReader.START_ELEMENT) continue;
            if (xml.getLocalName().equals("row")) {
                cells.add(number, row, 1);
                number = Math.max(cells.size(), attribute(xml, "r").map(Integer::parseInt).orElse(number + 2) - 1);
                row = new ArrayList<>();
                if (!watch.goesOn(Math.min(number, SheetCells.MOST_ROWS), SheetCells.MOST_ROWS)) return Watch.stopped();
            } else if (xml.getLocalName().equals("c")) {
                Optional<FileFault> fault = cell(xml, cells, row);
                if (fault.isPresent()) return Checked.invalid(Problem.at(
                        Place.line(new Origin.Sheet(file.toString(), name), Math.max(0, number) + 1), fault.get()));
            }
        }
        cells.add(number, row, 1);
        return Checked.valid(cells.spreadsheet(file.toString(), name));
    }

    /** Adds the cell at hand to its row; a sentence where it holds no number and says that it does. */
    private Optional<FileFault> cell(XMLStreamReader xml, SheetCells cells, List<Optional<Spreadsheet.Cell>> row)
            throws XMLStreamException {
        int column = Math.max(row.size(), attribute(xml, "r").map(Spreadsheet::column).orElse(0));
        String kind = attribute(xml, "t").orElse("n");
        int style = attribute(xml, "s").map(Integer::parseInt).orElse(0);
        Optional<String> written = SheetText.within(xml, kind.equals("inlineStr") ? "t" : "v");
        try {
            cells.put(row, column, written.flatMap(of -> shown(kind, of, style)), 1);
            return Optional.empty();
        } catch (NumberFormatException isNone) {
            return Optional.of(new FileFault.CellWithoutNumber(column + 1, written.orElseThrow()));
        }
    }

    /** What a cell holds; of a formula, the value that was calculated last. */
    private Optional<Spreadsheet.Cell> shown(String kind, String written, int style) {
        boolean isText = styles.isText(style);
        return switch (kind) {
            case "s" -> {
                int number = Integer.parseInt(written);
                yield number < 0 || number >= strings.size() ? Optional.empty()
                        : Optional.of(new Spreadsheet.Cell(strings.get(number), isText));
            }
            case "inlineStr" -> Optional.of(new Spreadsheet.Cell(SheetText.read(written), isText));
            // Of a formula, an empty text is how nothing is written.
            case "str" ->
                Optional.of(new Spreadsheet.Cell(SheetText.read(written), isText)).filter(_ -> !written.isEmpty());
            case "b" -> Spreadsheet.Cell.of(Boolean.toString(written.equals("1") || written.equals("true")));
            case "d" -> Spreadsheet.Cell.of(written.split("T", 2)[0]);
            case "e" -> Optional.empty();
            default -> Spreadsheet.Cell.of(number(Double.parseDouble(written), style));
        };
    }

    private String number(double number, int style) {
        if (!Double.isFinite(number)) throw new NumberFormatException("no finite number");
        return styles.shown(number, style);
    }

    private static Optional<String> attribute(XMLStreamReader xml, String name) {
        return Optional.ofNullable(xml.getAttributeValue(null, name));
    }
}
