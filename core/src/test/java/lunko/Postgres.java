package lunko;

import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/** A real database to compare with, started for a test class; texts are compared by code points, as Lunko does. */
public final class Postgres implements AutoCloseable {
    /** Quotients have different numbers of digits behind the point; so many are compared. */
    private static final int SCALE = 8;

    private final EmbeddedPostgres server;
    private final Connection connection;

    public Postgres() throws IOException, SQLException {
        server = EmbeddedPostgres.builder().setLocaleConfig("locale", "C").setLocaleConfig("encoding", "UTF8").start();
        connection = server.getPostgresDatabase().getConnection();
    }

    @Override
    public void close() throws IOException, SQLException {
        connection.close();
        server.close();
    }

    /** Makes these tables, in the place of others of the same names. */
    public void load(List<Table> tables) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            for (Table table : tables) {
                String name = quoted(table.name());
                statement.execute("DROP TABLE IF EXISTS " + name);
                statement.execute("CREATE TEMPORARY TABLE " + name + table.columns().stream()
                        .map(column -> quoted(column.name()) + " " + type(column.type())).collect(Collectors.joining(", ", "(", ")")));
                for (Row row : table.rows()) {
                    statement.execute("INSERT INTO " + name + " VALUES " + row.values().stream().map(Value::sql)
                            .collect(Collectors.joining(", ", "(", ")")));
                }
            }
        }
    }

    /** The rows of a query, each value in the one spelling that {@link #spelt} gives it. */
    public List<List<String>> rows(String sql) throws SQLException {
        try (Statement statement = connection.createStatement(); ResultSet result = statement.executeQuery(sql)) {
            List<List<String>> rows = new ArrayList<>();
            while (result.next()) {
                List<String> row = new ArrayList<>();
                for (int i = 1; i <= result.getMetaData().getColumnCount(); i++) {
                    String text = result.getString(i);
                    row.add(text == null ? "NULL" : switch (result.getMetaData().getColumnType(i)) {
                        case Types.BIGINT, Types.INTEGER, Types.SMALLINT, Types.NUMERIC -> number(new BigDecimal(text));
                        case Types.BIT, Types.BOOLEAN -> text.equals("t") ? "true" : "false";
                        default -> "'" + text;
                    });
                }
                rows.add(row);
            }
            return rows;
        }
    }

    /** A value in one spelling: 1.0 and 1 are the same number, and a text is not mistaken for NULL. */
    public static String spelt(Value value) {
        return switch (value) {
            case Value.IntegerValue(long number) -> number(BigDecimal.valueOf(number));
            case Value.DecimalValue(BigDecimal number) -> number(number);
            case Value.TextValue(String text) -> "'" + text;
            case Value.DateValue(var day) -> "'" + day;
            case Value.BooleanValue _, Value.Null _ -> value.shown();
        };
    }

    private static String number(BigDecimal number) {
        return number.setScale(SCALE, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString();
    }

    private static String quoted(String name) {
        return "\"" + name + "\"";
    }

    private static String type(Type type) {
        return switch (type) {
            case INTEGER -> "BIGINT";
            case DECIMAL -> "NUMERIC";
            case TEXT -> "TEXT";
            case BOOLEAN -> "BOOLEAN";
            case DATE -> "DATE";
        };
    }
}
