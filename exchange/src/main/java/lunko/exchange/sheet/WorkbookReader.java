package lunko.exchange.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import lunko.exchange.file.SafeZip;
import lunko.exchange.file.Watch;
import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.FileFault;
import lunko.problem.FileKind;
import lunko.problem.Limits;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.TableFault;
import org.apache.poi.openxml4j.exceptions.InvalidFormatException;
import org.apache.poi.openxml4j.exceptions.OpenXML4JException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.openxml4j.opc.PackageAccess;
import org.apache.poi.openxml4j.opc.PackagePart;
import org.apache.poi.openxml4j.util.ZipSecureFile;
import org.apache.poi.xssf.eventusermodel.XSSFReader;
import org.apache.poi.xssf.usermodel.XSSFRelation;

/**
 * Reads spreadsheets of the kind .xlsx (ISO/IEC 29500), piece by piece: no sheet is held whole, however large it is.
 */
public final class WorkbookReader {
    /** The parts that are held whole, and how many MB of each. */
    private static final Map<String, Integer> HELD = Map.of(XSSFRelation.SHARED_STRINGS.getContentType(), 64,
            XSSFRelation.STYLES.getContentType(), 4, XSSFRelation.THEME.getContentType(), 4,
            XSSFRelation.WORKBOOK.getContentType(), 4);

    private static final String RELATIONS = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";

    static {
        // Rows that are alike make an archive small: what is too large is told by its size.
        ZipSecureFile.setMinInflateRatio(0);
    }

    private final Path file;
    private final Watch watch;

    private WorkbookReader(Path file, Watch watch) {
        this.file = file;
        this.watch = watch;
    }

    /** The sheets of a file; a problem if it is none that can be read, or the watch says stop. */
    public static Checked<List<Spreadsheet>> read(Path file, Watch watch) {
        return SafeZip.sizes(file, watch).then(new WorkbookReader(file, watch)::sheets);
    }

    private Checked<List<Spreadsheet>> sheets(Map<String, Long> sizes) {
        try (OPCPackage parts = OPCPackage.open(file.toFile(), PackageAccess.READ)) {
            for (PackagePart part : parts.getParts()) {
                String name = part.getPartName().getName().substring(1);
                int most = HELD.getOrDefault(part.getContentType(), Integer.MAX_VALUE);
                if (sizes.getOrDefault(name, 0L) >> 20 > most) {
                    return problem(new FileFault.PartTooLarge(name, most));
                }
            }
            XSSFReader book = new XSSFReader(parts);
            return sheets(book, strings(book));
        } catch (IOException | XMLStreamException | OpenXML4JException | RuntimeException damaged) {
            // The library throws a runtime exception of its own choice for each kind of damage.
            return problem(new FileFault.DamagedSpreadsheet(FileKind.XLSX));
        }
    }

    private Checked<List<Spreadsheet>> sheets(XSSFReader book, List<String> strings)
            throws IOException, OpenXML4JException, XMLStreamException {
        Contents contents = contents(book);
        Optional<TableFault> tooMany = Limits.ofTables(contents.sheets().size());
        if (tooMany.isPresent()) return problem(tooMany.get());
        SheetStyles styles = new SheetStyles(Optional.ofNullable(book.getStylesTable()), contents.from1904());
        SheetReader reader = new SheetReader(file, strings, styles, watch);
        List<Spreadsheet> sheets = new ArrayList<>();
        for (Named sheet : contents.sheets()) {
            Optional<InputStream> part = part(book, sheet);
            if (part.isEmpty()) return problem(new FileFault.NoSheet(sheet.name()));
            try (InputStream in = part.get()) {
                Checked<Spreadsheet> read = reader.read(sheet.name(), in);
                if (read instanceof Checked.Invalid<Spreadsheet>(Problem problem)) return Checked.invalid(problem);
                sheets.add(read.expect());
            }
        }
        return Checked.valid(sheets);
    }

    /** The texts that cells share. */
    private static List<String> strings(XSSFReader book)
            throws IOException, OpenXML4JException, XMLStreamException {
        List<String> strings = new ArrayList<>();
        try (InputStream in = book.getSharedStringsData()) {
            if (in == null) return strings;
            XMLStreamReader xml = SheetXml.of(in);
            while (xml.hasNext()) {
                if (xml.next() == XMLStreamReader.START_ELEMENT && xml.getLocalName().equals("si"))
                    strings.add(SheetText.read(SheetText.within(xml, "t").orElse("")));
            }
        }
        return strings;
    }

    /** What the book calls a sheet, and the relation to its part. */
    private record Named(String name, String relation) {}

    /** What is in a book, and whether its calendar begins in 1904. */
    private record Contents(List<Named> sheets, boolean from1904) {}

    private static Contents contents(XSSFReader book) throws IOException, OpenXML4JException, XMLStreamException {
        List<Named> named = new ArrayList<>();
        boolean from1904 = false;
        try (InputStream in = book.getWorkbookData()) {
            XMLStreamReader xml = SheetXml.of(in);
            while (xml.hasNext()) {
                if (xml.next() != XMLStreamReader.START_ELEMENT) continue;
                if (xml.getLocalName().equals("sheet"))
                    named.add(new Named(Objects.requireNonNullElse(xml.getAttributeValue(null, "name"), "sheet"),
                            xml.getAttributeValue(RELATIONS, "id")));
                String calendar = xml.getAttributeValue(null, "date1904");
                from1904 |= "1".equals(calendar) || "true".equals(calendar);
            }
        }
        return new Contents(named, from1904);
    }

    private static Optional<InputStream> part(XSSFReader book, Named sheet) throws IOException {
        try {
            return Optional.ofNullable(book.getSheet(sheet.relation()));
        } catch (IllegalArgumentException | InvalidFormatException notThere) {
            return Optional.empty();
        }
    }

    private <T> Checked<T> problem(Fault fault) {
        return Checked.invalid(Problem.at(Place.inFile(file.toString()), fault));
    }
}
