package lunko.exchange.sheet;

import com.github.miachm.sods.Sheet;
import com.github.miachm.sods.SpreadSheet;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Value;

/** Writes spreadsheets of the kind .ods (ISO/IEC 26300). */
public final class OpenDocumentWriter {
    /** What XML 1.0 has no sign for, and these spreadsheets none of their own. */
    private static final Pattern UNSAYABLE = Pattern.compile("[\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F\\uFFFE\\uFFFF]");

    private OpenDocumentWriter() {}

    /** Why tables cannot be written so, in a sentence, if they cannot. */
    public static Optional<String> refusal(List<Table> tables) {
        return tables.stream().flatMap(table -> Stream.of(
                Stream.of(table.name()).filter(OpenDocumentWriter::isUnsayable).map(_ -> "The name of a table"),
                table.columns().stream().map(Column::name).filter(OpenDocumentWriter::isUnsayable)
                        .map(_ -> "The name of a column of " + table.name()),
                table.rows().stream().filter(row -> row.written().stream().map(Value::shown)
                        .anyMatch(OpenDocumentWriter::isUnsayable)).map(_ -> "A text in " + table.name()))
                .flatMap(found -> found)).findFirst()
                .map(where -> where + " has a control character in it, which such a spreadsheet cannot hold: take "
                        + "it out, or choose another kind of file.");
    }

    private static boolean isUnsayable(String text) {
        return UNSAYABLE.matcher(text).find();
    }

    /** Writes tables, a sheet for each. */
    public static void write(List<Table> tables, OutputStream out) throws IOException {
        SpreadSheet book = new SpreadSheet();
        for (Table table : tables) {
            Sheet sheet = new Sheet(table.name(), table.rows().size() + 1, table.columns().size());
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
            case Value.IntegerValue(long number) -> number;
            case Value.DecimalValue(BigDecimal number) -> number;
            case Value.TextValue(String text) -> text;
            case Value.BooleanValue(boolean truth) -> truth;
            case Value.DateValue(LocalDate day) -> day;
        };
    }
}
