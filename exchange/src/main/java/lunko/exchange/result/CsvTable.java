package lunko.exchange.result;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import lunko.engine.sql.ResultTable;
import lunko.exchange.csv.CsvText;
import lunko.table.Value;

/** A result as CSV. */
final class CsvTable {
    private CsvTable() {}

    static String text(ResultTable result) {
        StringBuilder text = new StringBuilder();
        try {
            CsvText csv = CsvText.plain(text);
            csv.line(result.columns().stream().map(column -> Value.of(column.name())).toList());
            for (List<Value> row : result.rows()) csv.line(row);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }
}
