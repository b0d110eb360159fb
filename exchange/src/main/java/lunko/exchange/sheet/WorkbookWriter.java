package lunko.exchange.sheet;

import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import lunko.problem.FileFault;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.apache.commons.compress.archivers.zip.Zip64Mode;
import org.apache.poi.ss.SpreadsheetVersion;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.util.WorkbookUtil;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;

/** Writes spreadsheets of the kind .xlsx (ISO/IEC 29500), row by row. */
public final class WorkbookWriter implements AutoCloseable {
    private static final int LONGEST_NAME = 31;
    private static final int LONGEST_TEXT = SpreadsheetVersion.EXCEL2007.getMaxTextLength();
    private static final int ROWS_HELD = 100;
    private static final int MOST_DIGITS = 30;
    /** The first day of the calendar of spreadsheets. */
    private static final LocalDate FIRST_DAY = LocalDate.of(1900, 1, 1);

    private final SXSSFWorkbook book = new SXSSFWorkbook(ROWS_HELD);
    private final CellStyle day = style("yyyy-mm-dd");
    private final CellStyle text = style("@");
    private final Map<Integer, CellStyle> digits = new HashMap<>();

    private WorkbookWriter() {
        // Not every program reads the long form, which is for files of more than 4 GB.
        book.setZip64Mode(Zip64Mode.AsNeeded);
    }

    /** Why tables cannot be written so, if they cannot. */
    public static Optional<FileFault> refusal(List<Table> tables) {
        for (Table table : tables) {
            for (int r = 0; r < table.rows().size(); r++) {
                if (table.rows().get(r).written().stream().anyMatch(WorkbookWriter::isTooLong)) {
                    return Optional.of(new FileFault.CellTextTooLong(r + 1, table.name(), LONGEST_TEXT));
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isTooLong(Value value) {
        return value instanceof Value.TextValue(String text) && SheetText.written(text).length() > LONGEST_TEXT;
    }

    /** Writes tables, a sheet for each; texts stay texts, whatever they begin with. */
    public static void write(List<Table> tables, OutputStream out) throws IOException {
        try (WorkbookWriter writer = new WorkbookWriter()) {
            for (Table table : tables) writer.write(table);
            writer.book.write(out);
        } catch (RuntimeException failed) {
            // Rows that are out of memory are in a file of the library's own, and a full disk is put into others of
            // its.
            if (failed.getCause() instanceof IOException refused) throw refused;
            throw failed;
        }
    }

    @Override
    public void close() throws IOException {
        book.close();
    }

    private CellStyle style(String format) {
        CellStyle style = book.createCellStyle();
        style.setDataFormat(book.createDataFormat().getFormat(format));
        return style;
    }

    private void write(Table table) {
        String name = table.name().replaceAll("[\\p{Cntrl}\\uFFFE\\uFFFF]", " ");
        Sheet sheet = book.createSheet(free(WorkbookUtil.createSafeSheetName(name)));
        org.apache.poi.ss.usermodel.Row head = sheet.createRow(0);
        for (int c = 0; c < table.columns().size(); c++)
            head.createCell(c).setCellValue(SheetText.written(table.columns().get(c).name()));
        for (int r = 0; r < table.rows().size(); r++) write(table, table.rows().get(r), sheet.createRow(r + 1));
    }

    /** A name that no sheet of the book has: they have 31 characters at most, and so may fall together. */
    private String free(String name) {
        return IntStream.iterate(1, number -> number + 1).mapToObj(number -> number == 1 ? name
                : name.substring(0, Math.min(name.length(), LONGEST_NAME - 4)) + "_" + number)
                .filter(other -> book.getSheet(other) == null).findFirst().orElseThrow();
    }

    private void write(Table table, Row row, org.apache.poi.ss.usermodel.Row to) {
        for (int c = 0; c < row.values().size(); c++) {
            Value value = row.written().get(c);
            if (value.isNull()) continue;
            Cell cell = to.createCell(c);
            if (table.columns().get(c).type() == Type.TEXT) cell.setCellStyle(text);
            write(value, cell);
        }
    }

    private void write(Value value, Cell cell) {
        switch (value) {
            case Value.Null _ -> {}
            case Value.IntegerValue(long number) -> exactly(cell, new BigDecimal(number));
            case Value.DecimalValue(BigDecimal number) -> exactly(cell, number);
            case Value.TextValue(String of) -> cell.setCellValue(SheetText.written(of));
            case Value.BooleanValue(boolean truth) -> cell.setCellValue(truth);
            // Their calendar begins later; as a text it is read as a day again.
            case Value.DateValue(LocalDate date) when date.isBefore(FIRST_DAY) -> cell.setCellValue(date.toString());
            case Value.DateValue(LocalDate date) -> {
                cell.setCellValue(date);
                cell.setCellStyle(day);
            }
        }
    }

    /**
     * A number as one where the spreadsheet can hold it exactly, and as a text where it cannot. The zeros at its end
     * are in the way that it is shown.
     */
    private void exactly(Cell cell, BigDecimal number) {
        OptionalDouble held = SheetNumber.held(number);
        boolean isShown = number.scale() <= 0 || number.stripTrailingZeros().scale() == number.scale();
        if (held.isEmpty() || !isShown && number.scale() > MOST_DIGITS) {
            cell.setCellValue(number.toPlainString());
            return;
        }
        cell.setCellValue(held.getAsDouble());
        if (!isShown) cell.setCellStyle(digits.computeIfAbsent(number.scale(), many -> style("0." + "0".repeat(many))));
    }
}
