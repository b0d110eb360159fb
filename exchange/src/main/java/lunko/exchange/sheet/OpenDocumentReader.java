package lunko.exchange.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import lunko.exchange.file.SafeZip;
import lunko.exchange.file.Watch;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.FileKind;
import lunko.problem.Limits;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.TableFault;

/**
 * Reads spreadsheets of the kind .ods (ISO/IEC 26300-3, 9), piece by piece. A few signs there can stand for a million
 * cells, because rows and cells are repeated by number: as many are taken as a table can need.
 */
public final class OpenDocumentReader {
    private static final String OFFICE = "urn:oasis:names:tc:opendocument:xmlns:office:1.0";
    private static final String TABLE = "urn:oasis:names:tc:opendocument:xmlns:table:1.0";

    private final Path file;
    private final Watch watch;
    private final XMLStreamReader xml;

    private OpenDocumentReader(Path file, Watch watch, XMLStreamReader xml) {
        this.file = file;
        this.watch = watch;
        this.xml = xml;
    }

    /** The sheets of a file; a problem if it is none that can be read, or the watch says stop. */
    public static Checked<List<Spreadsheet>> read(Path file, Watch watch) {
        return SafeZip.sizes(file, watch).then(_ -> {
            try (ZipFile zip = new ZipFile(file.toFile())) {
                ZipEntry content = zip.getEntry("content.xml");
                if (content == null) return damaged(file);
                try (InputStream in = zip.getInputStream(content)) {
                    return new OpenDocumentReader(file, watch, SheetXml.of(in))
                            .sheets();
                }
            } catch (IOException | XMLStreamException | NumberFormatException damaged) {
                return damaged(file);
            }
        });
    }

    private static <T> Checked<T> damaged(Path file) {
        return Checked.invalid(Problem.at(Place.inFile(file.toString()),
                new FileFault.DamagedSpreadsheet(FileKind.ODS)));
    }

    private Checked<List<Spreadsheet>> sheets() throws XMLStreamException {
        List<Spreadsheet> sheets = new ArrayList<>();
        while (xml.hasNext()) {
            if (xml.next() != XMLStreamReader.START_ELEMENT || !is("table")) continue;
            Optional<TableFault> tooMany = Limits.ofTables(sheets.size() + 1);
            if (tooMany.isPresent()) return Checked.invalid(Problem.at(Place.inFile(file.toString()), tooMany.get()));
            String name = attribute(TABLE, "name").orElse("table");
            SheetCells cells = new SheetCells();
            if (!rows(cells)) return Watch.stopped();
            sheets.add(cells.spreadsheet(file.toString(), name));
        }
        return sheets.isEmpty() ? damaged(file) : Checked.valid(sheets);
    }

    /** Reads the rows of the sheet at hand; {@code false}, if the watch says stop. */
    private boolean rows(SheetCells cells) throws XMLStreamException {
        long passed = 0;
        while (xml.next() != XMLStreamReader.END_ELEMENT || !is("table")) {
            if (!xml.isStartElement() || !is("table-row")) continue;
            long times = repeated("number-rows-repeated");
            cells.add(passed, row(cells), times);
            passed += times;
            if (!watch.goesOn(Math.min(passed, SheetCells.MOST_ROWS), SheetCells.MOST_ROWS)) return false;
        }
        return true;
    }

    /** The cells of the row at hand, up to the last that has anything in it. */
    private List<Optional<Spreadsheet.Cell>> row(SheetCells cells) throws XMLStreamException {
        List<Optional<Spreadsheet.Cell>> row = new ArrayList<>();
        long passed = 0;
        while (xml.next() != XMLStreamReader.END_ELEMENT || !is("table-row")) {
            if (!xml.isStartElement() || !is("table-cell") && !is("covered-table-cell")) continue;
            long times = repeated("number-columns-repeated");
            cells.put(row, passed, cell(xml.getLocalName()), times);
            passed += times;
        }
        return row;
    }

    /** What the cell at hand holds; of a formula, the value that was calculated last. */
    private Optional<Spreadsheet.Cell> cell(String element) throws XMLStreamException {
        String kind = attribute(OFFICE, "value-type").orElse("");
        Optional<String> number = attribute(OFFICE, "value");
        Optional<String> day = attribute(OFFICE, "date-value");
        Optional<String> truth = attribute(OFFICE, "boolean-value");
        Optional<String> string = attribute(OFFICE, "string-value");
        boolean isCalculated = attribute(TABLE, "formula").isPresent();
        String text = new OpenDocumentText(xml).until(element);
        return switch (kind) {
            case "" -> Optional.of(text).filter(written -> !written.isEmpty()).flatMap(Spreadsheet.Cell::of);
            case "float", "percentage", "currency" ->
                number.map(BigDecimal::new).map(SheetNumber::plain).flatMap(Spreadsheet.Cell::of);
            case "date" -> day.map(moment -> moment.split("T", 2)[0]).flatMap(Spreadsheet.Cell::of);
            case "boolean" -> truth.flatMap(Spreadsheet.Cell::of);
            default -> Optional.of(string.orElse(text)).filter(written -> !isCalculated || !written.isEmpty())
                    .map(written -> new Spreadsheet.Cell(written, true));
        };
    }

    private boolean is(String element) {
        return xml.getLocalName().equals(element) && TABLE.equals(xml.getNamespaceURI());
    }

    private Optional<String> attribute(String namespace, String name) {
        return Optional.ofNullable(xml.getAttributeValue(namespace, name));
    }

    /** How often a row or cell stands there; numbers beyond all sheets are taken for the largest there are. */
    private long repeated(String name) {
        return attribute(TABLE, name).map(times -> Math.clamp(Long.parseLong(times), 1, Integer.MAX_VALUE)).orElse(1);
    }
}
