package lunko.exchange.sql;

import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/** Writes tables as a script of standard SQL that makes them, in words that PostgreSQL and SQLite know too. */
public final class ScriptWriter {
    private ScriptWriter() {}

    /** Writes a CREATE TABLE for each table and an INSERT for its rows. */
    public static void write(List<Table> tables, Appendable out) throws IOException {
        for (Table table : tables) {
            out.append("CREATE TABLE ").append(name(table.name())).append(" (\n    ").append(table.columns().stream()
                    .map(ScriptWriter::column).collect(Collectors.joining(",\n    "))).append("\n);\n");
            if (!table.rows().isEmpty()) {
                out.append("INSERT INTO ").append(name(table.name())).append(" VALUES\n    ").append(table.rows().stream()
                        .map(ScriptWriter::row).collect(Collectors.joining(",\n    "))).append(";\n");
            }
            out.append("\n");
        }
    }

    private static String column(Column column) {
        // Lunko's whole numbers have 64 bits, and INTEGER elsewhere 32.
        return name(column.name()) + " " + (column.type() == Type.INTEGER ? "BIGINT" : column.type().name());
    }

    private static String row(Row row) {
        return row.values().stream().map(ScriptWriter::literal).collect(Collectors.joining(", ", "(", ")"));
    }

    /** A day is written as a text: SQLite knows no DATE before it, and the others make a day of it. */
    private static String literal(Value value) {
        return value instanceof Value.DateValue(var day) ? "'" + day + "'" : value.sql();
    }

    /** In double quotes always: each database has other words that cannot be names as they are. */
    private static String name(String name) {
        return "\"" + name.replace("\"", "\"\"") + "\"";
    }
}
