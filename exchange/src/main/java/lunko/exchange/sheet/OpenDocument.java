package lunko.exchange.sheet;

import com.github.miachm.sods.SpreadSheet;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lunko.exchange.file.SafeZip;
import lunko.exchange.file.Watch;
import lunko.problem.Checked;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Table;
import lunko.table.Value;

/** Spreadsheets of the kind .ods (ISO/IEC 26300). */
public final class OpenDocument {
    private OpenDocument() {}

    /** The sheets of a file; a problem if it is none that can be read. */
    public static Checked<List<Spreadsheet>> read(Path file, Watch watch) {
        return SafeZip.read(file, watch).then(_ -> sheets(file));
    }

    private static Checked<List<Spreadsheet>> sheets(Path file) {
        try {
            SpreadSheet book = new SpreadSheet(new ByteArrayInputStream(Files.readAllBytes(file)));
            return Checked.valid(book.getSheets().stream().map(sheet -> sheet(file, sheet)).toList());
        } catch (IOException | RuntimeException damaged) {
            // The library throws a runtime exception of its own choice for each kind of damage.
            return Checked.invalid(
                    Problem.at(Place.in(file.toString()),
                            "The file is damaged, or no .ods spreadsheet inside: open it in a spreadsheet program "
                                    + "and save it again."));
        }
    }

    private static Spreadsheet sheet(Path file, com.github.miachm.sods.Sheet sheet) {
        List<List<Optional<String>>> cells =
                sheet.getMaxRows() == 0 ? List.of() : Arrays.stream(sheet.getDataRange().getValues())
                        .map(row -> Arrays.stream(row).map(OpenDocument::text).toList()).toList();
        return new Spreadsheet(file.toString(), sheet.getName(), cells);
    }

    private static Optional<String> text(Object value) {
        return switch (value) {
            case null -> Optional.empty();
            case Double number -> Optional.of(Workbook.number(number));
            case LocalDateTime moment -> Optional.of(moment.toLocalDate().toString());
            default -> Optional.of(value.toString());
        };
    }

    /** Writes tables, a sheet for each. */
    public static void write(List<Table> tables, OutputStream out) throws IOException {
        SpreadSheet book = new SpreadSheet();
        for (Table table : tables) {
            com.github.miachm.sods.Sheet sheet =
                    new com.github.miachm.sods.Sheet(table.name(), table.rows().size() + 1, table.columns().size());
            for (int c = 0; c < table.columns().size(); c++)
                sheet.getRange(0, c).setValue(table.columns().get(c).name());
            for (int r = 0; r < table.rows().size(); r++) {
                for (int c = 0; c < table.columns().size(); c++)
                    sheet.getRange(r + 1, c).setValue(cell(table.rows().get(r).written().get(c)));
            }
            book.appendSheet(sheet);
        }
        book.save(out);
    }

    private static Object cell(Value value) {
        return switch (value) {
            case Value.Null _ -> null;
            case Value.IntegerValue(long number) -> exactly(new BigDecimal(number));
            case Value.DecimalValue(BigDecimal number) -> exactly(number);
            case Value.TextValue(String text) -> text;
            case Value.BooleanValue(boolean truth) -> truth;
            case Value.DateValue(LocalDate day) -> day;
        };
    }

    private static Object exactly(BigDecimal number) {
        return new BigDecimal(Workbook.number(number.doubleValue())).compareTo(number) == 0
                ? (Object) number.doubleValue() : number.toPlainString();
    }
}
