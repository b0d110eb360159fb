package lunko.exchange.sheet;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.exchange.file.SafeZip;
import lunko.exchange.file.Watch;
import lunko.problem.Checked;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Limits;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;
import org.apache.poi.openxml4j.exceptions.OpenXML4JRuntimeException;
import org.apache.poi.ooxml.POIXMLException;
import org.apache.poi.ss.SpreadsheetVersion;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.ss.util.WorkbookUtil;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/** Spreadsheets of the kind .xlsx (ISO/IEC 29500). */
public final class Workbook {
    private static final int LONGEST_NAME = 31;
    private static final int LONGEST_TEXT = SpreadsheetVersion.EXCEL2007.getMaxTextLength();
    private static final int MOST_LINES = 2 * Limits.ROWS;
    private static final int MOST_FIELDS = 10 * Limits.COLUMNS;
    /** The first day of the calendar of spreadsheets. */
    private static final LocalDate FIRST_DAY = LocalDate.of(1900, 1, 1);

    private Workbook() {}

    /** The sheets of a file; a problem if it is none that can be read. */
    public static Checked<List<Spreadsheet>> read(Path file, Watch watch) {
        return SafeZip.read(file, watch).then(_ -> sheets(file));
    }

    private static Checked<List<Spreadsheet>> sheets(Path file) {
        try (InputStream in = new ByteArrayInputStream(Files.readAllBytes(file));
                XSSFWorkbook book = new XSSFWorkbook(in)) {
            List<Spreadsheet> sheets = new ArrayList<>();
            for (int i = 0; i < book.getNumberOfSheets(); i++) sheets.add(sheet(file, book.getSheetAt(i)));
            return Checked.valid(sheets);
        } catch (IOException | POIXMLException | OpenXML4JRuntimeException | IllegalArgumentException damaged) {
            return Checked.invalid(
                    Problem.at(Place.in(file.toString()),
                            "The file is damaged, or no .xlsx spreadsheet inside: open it in a spreadsheet program "
                                    + "and save it again."));
        }
    }

    /** As much of a sheet as is needed to see that it is too large. */
    private static Spreadsheet sheet(Path file, XSSFSheet sheet) {
        int last = Math.min(sheet.getLastRowNum(), MOST_LINES);
        return new Spreadsheet(file.toString(), sheet.getSheetName(),
                IntStream.rangeClosed(0, last).mapToObj(row -> fields(sheet.getRow(row))).toList());
    }

    /** The fields of a row; none, where nobody has written anything into it. */
    private static List<Optional<String>> fields(org.apache.poi.ss.usermodel.Row row) {
        if (row == null) return List.of();
        return IntStream.range(0, Math.clamp(row.getLastCellNum(), 0, MOST_FIELDS))
                .mapToObj(column -> Optional.ofNullable(row.getCell(column)).flatMap(Workbook::text)).toList();
    }

    /** What a cell holds; of a formula, the value that was calculated last. */
    private static Optional<String> text(Cell cell) {
        CellType type = cell.getCellType() == CellType.FORMULA ? cell.getCachedFormulaResultType() : cell.getCellType();
        return switch (type) {
            case NUMERIC -> Optional
                    .of(DateUtil.isCellDateFormatted(cell) ? cell.getLocalDateTimeCellValue().toLocalDate().toString()
                            : number(cell.getNumericCellValue()));
            case BOOLEAN -> Optional.of(Boolean.toString(cell.getBooleanCellValue()));
            case STRING -> Optional.of(cell.getStringCellValue());
            case ERROR, BLANK, FORMULA, _NONE -> Optional.empty();
        };
    }

    static String number(double number) {
        BigDecimal exact = BigDecimal.valueOf(number).stripTrailingZeros();
        return exact.signum() == 0 ? "0" : exact.toPlainString();
    }

    /** Why tables cannot be written so, in a sentence, if they cannot. */
    public static Optional<String> refusal(List<Table> tables) {
        for (Table table : tables) {
            for (int r = 0; r < table.rows().size(); r++) {
                if (table.rows().get(r).written().stream().anyMatch(Workbook::isTooLong)) {
                    return Optional.of("A text in row " + (r + 1) + " of " + table.name() + " has more than "
                            + String.format(Locale.ROOT, "%,d", LONGEST_TEXT) + " characters, the most that a cell of "
                            + "such a spreadsheet holds: shorten it, or choose another kind of file.");
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isTooLong(Value value) {
        return value instanceof Value.TextValue(String text) && text.length() > LONGEST_TEXT;
    }

    /** Writes tables, a sheet for each; texts stay texts, whatever they begin with. */
    public static void write(List<Table> tables, OutputStream out) throws IOException {
        try (XSSFWorkbook book = new XSSFWorkbook()) {
            CellStyle day = book.createCellStyle();
            day.setDataFormat(book.getCreationHelper().createDataFormat().getFormat("yyyy-mm-dd"));
            for (Table table : tables) {
                XSSFSheet sheet = book.createSheet(free(WorkbookUtil.createSafeSheetName(table.name()), book));
                org.apache.poi.ss.usermodel.Row head = sheet.createRow(0);
                for (int c = 0; c < table.columns().size(); c++)
                    head.createCell(c).setCellValue(table.columns().get(c).name());
                for (int r = 0; r < table.rows().size(); r++) write(table.rows().get(r), sheet.createRow(r + 1), day);
            }
            book.write(out);
        }
    }

    /** A name that no sheet of the book has: they have 31 characters at most, and so may fall together. */
    private static String free(String name, XSSFWorkbook book) {
        return IntStream.iterate(1, number -> number + 1).mapToObj(number -> number == 1 ? name
                : name.substring(0, Math.min(name.length(), LONGEST_NAME - 4)) + "_" + number)
                .filter(other -> book.getSheet(other) == null).findFirst().orElseThrow();
    }

    private static void write(Row row, org.apache.poi.ss.usermodel.Row to, CellStyle day) {
        for (int c = 0; c < row.values().size(); c++) {
            switch (row.written().get(c)) {
                case Value.Null _ -> {}
                case Value.IntegerValue(long number) -> exactly(to.createCell(c), new BigDecimal(number));
                case Value.DecimalValue(BigDecimal number) -> exactly(to.createCell(c), number);
                case Value.TextValue(String text) -> to.createCell(c).setCellValue(text);
                case Value.BooleanValue(boolean truth) -> to.createCell(c).setCellValue(truth);
                // Their calendar begins later; as a text it is read as a day again.
                case Value.DateValue(LocalDate date) when date.isBefore(FIRST_DAY) ->
                    to.createCell(c).setCellValue(date.toString());
                case Value.DateValue(LocalDate date) -> {
                    Cell cell = to.createCell(c);
                    cell.setCellValue(date);
                    cell.setCellStyle(day);
                }
            }
        }
    }

    /** A number as one where the spreadsheet can hold it exactly, and as a text where it cannot. */
    private static void exactly(Cell cell, BigDecimal number) {
        double near = number.doubleValue();
        if (!Double.isInfinite(near) && new BigDecimal(number(near)).compareTo(number) == 0) cell.setCellValue(near);
        else cell.setCellValue(number.toPlainString());
    }
}
