package lunko.beside;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.query.sql.QueryExpression.Nulls;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SqlWriter;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/** A database to compare with. What it does otherwise than the standard is listed in docs/databases.md. */
public abstract class RealDatabase implements AutoCloseable {
    /**
     * Quotients have different numbers of digits behind the point, and some count in floating point; so many are
     * compared.
     */
    private static final int SCALE = 8;

    private final Connection connection;

    RealDatabase(Connection connection) {
        this.connection = connection;
    }

    /** The type of a column with these values. */
    abstract String type(Type type, List<Value> values);

    /** A value as it is written there. */
    String literal(Value value) {
        return value.sql();
    }

    /** A query in the database's words; nothing where it has no words for it. */
    public abstract Optional<String> says(QueryExpression query);

    @Override
    public void close() throws IOException, SQLException {
        connection.close();
    }

    /** Makes these tables, in the place of others of the same names. */
    public void load(List<Table> tables) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            for (Table table : tables) {
                String name = quoted(table.name());
                statement.execute("DROP TABLE IF EXISTS " + name);
                statement.execute("CREATE TEMPORARY TABLE " + name + table.columns().stream()
                        .map(column -> quoted(column.name()) + " " + type(column.type(), values(table, column)))
                        .collect(Collectors.joining(", ", "(", ")")));
                for (Row row : table.rows()) {
                    statement.execute("INSERT INTO " + name + " VALUES " + row.values().stream().map(this::literal)
                            .collect(Collectors.joining(", ", "(", ")")));
                }
            }
        }
    }

    /** Runs a statement that changes something, if it is allowed to. */
    public boolean allows(String statement) {
        try (Statement run = connection.createStatement()) {
            run.execute(statement);
            return true;
        } catch (SQLException forbidden) {
            return false;
        }
    }

    private static List<Value> values(Table table, Column column) {
        int index = table.columns().indexOf(column);
        return table.rows().stream().map(row -> row.value(index)).toList();
    }

    /**
     * The rows of a query whose columns have these types, each value in the one spelling that {@link #spelt} gives it.
     */
    public List<List<String>> rows(String sql, List<Optional<Type>> types) throws SQLException {
        try (Statement statement = connection.createStatement(); ResultSet result = statement.executeQuery(sql)) {
            List<List<String>> rows = new ArrayList<>();
            while (result.next()) {
                List<String> row = new ArrayList<>();
                for (int i = 0; i < types.size(); i++) {
                    String text = result.getString(i + 1);
                    row.add(text == null ? "NULL" : spelt(text, types.get(i).orElse(Type.TEXT)));
                }
                rows.add(row);
            }
            return rows;
        }
    }

    private static String spelt(String text, Type type) {
        return switch (type) {
            case INTEGER, DECIMAL -> number(new BigDecimal(text));
            case BOOLEAN -> text.equals("t") || text.equals("1") || text.equals("true") ? "true" : "false";
            case TEXT, DATE -> "'" + text;
        };
    }

    /** A value in one spelling: 1.0 and 1 are the same number, and a text is not mistaken for NULL. */
    public static String spelt(Value value) {
        return switch (value) {
            case Value.IntegerValue(long number) -> number(BigDecimal.valueOf(number));
            case Value.DecimalValue(BigDecimal number) -> number(number);
            case Value.TextValue(String text) -> "'" + text;
            case Value.DateValue(var day) -> "'" + day;
            case Value.BooleanValue _,Value.Null _ -> value.shown();
        };
    }

    private static String number(BigDecimal number) {
        BigDecimal same = number.setScale(SCALE, RoundingMode.HALF_UP).stripTrailingZeros();
        return same.signum() == 0 ? "0" : same.toPlainString();
    }

    private static String quoted(String name) {
        return "\"" + name + "\"";
    }

    /** With LIMIT in the place of FETCH FIRST, and NULL told where to stand: that is left to the database. */
    static String limited(QueryExpression query, SqlWriter writer) {
        List<SortKey> keys = query.orderBy().stream().map(key -> new SortKey(key.by(), key.descending(),
                Optional.of(key.nulls().orElse(key.descending() ? Nulls.FIRST : Nulls.LAST)))).toList();
        String text = writer.query(query.sortedBy(keys).stretch(OptionalLong.empty(), OptionalLong.empty()));
        if (query.limit().isEmpty() && query.offset().isEmpty()) return text;
        return text + " LIMIT " + query.limit().orElse(1_000_000) + " OFFSET " + query.offset().orElse(0);
    }

    /** Whether anything in a part of a query is of a kind. */
    static <T> boolean has(Object part, Class<T> kind, Predicate<T> which) {
        if (kind.isInstance(part) && which.test(kind.cast(part))) return true;
        return inside(part).stream().anyMatch(one -> has(one, kind, which));
    }

    private static List<?> inside(Object part) {
        return switch (part) {
            case List<?> list -> list;
            case Optional<?> one -> one.stream().toList();
            case Record all when !(part instanceof Value) ->
                IntStream.range(0, all.getClass().getRecordComponents().length).mapToObj(i -> {
                    try {
                        return all.getClass().getRecordComponents()[i].getAccessor().invoke(all);
                    } catch (ReflectiveOperationException impossible) {
                        throw new AssertionError(impossible);
                    }
                }).toList();
            default -> List.of();
        };
    }
}
