package lunko.engine.sql;

import java.util.List;
import java.util.Optional;
import lunko.engine.Stage;
import lunko.table.Type;
import lunko.table.Value;

/** The rows that a query gives, under its columns. */
public record ResultTable(List<Column> columns, List<List<Value>> rows) {

    /** A column of a result; one of bare NULLs has no type. */
    public record Column(String name, Optional<Type> type) {}

    /** Keeps its columns and rows as they are. */
    public ResultTable {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /** The rows of a query's last stage. */
    public static ResultTable of(Stage stage) {
        return new ResultTable(
                stage.headings().stream().map(heading -> new Column(heading.name(), heading.type())).toList(),
                stage.rows());
    }
}
