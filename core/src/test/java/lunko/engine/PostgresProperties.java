package lunko.engine;

import static org.assertj.core.api.Assertions.assertThat;

import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.io.IOException;
import java.math.BigDecimal;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Query;
import lunko.query.Side;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.lifecycle.AfterContainer;
import net.jqwik.api.lifecycle.BeforeContainer;

/** The query text that Lunko shows, run by PostgreSQL on the same tables, gives the rows that Lunko gives. */
class PostgresProperties {
    private static EmbeddedPostgres postgres;
    private static Connection connection;

    /** Two types whose values can be compared. */
    record Types(Type left, Type right) {}

    @BeforeContainer
    static void start() throws IOException, SQLException {
        postgres = EmbeddedPostgres.start();
        connection = postgres.getPostgresDatabase().getConnection();
    }

    @AfterContainer
    static void stop() throws IOException, SQLException {
        connection.close();
        postgres.close();
    }

    @Property(tries = 400, edgeCases = EdgeCasesMode.NONE)
    void lunkoAndPostgresGiveTheSameRows(@ForAll("plans") Plan plan) throws SQLException {
        Outcome outcome = Outcome.of(plan);
        List<List<String>> ours = outcome.rows().stream().map(row -> outcome.columns().stream()
                .map(column -> canonical(outcome.cell(row, column).value().shown(), type(plan, column))).toList()).toList();
        assertThat(theirs(plan, outcome)).as(plan.sql()).containsExactlyInAnyOrderElementsOf(ours);
    }

    @Provide
    Arbitrary<Plan> plans() {
        Arbitrary<Types> types = Arbitraries.of(new Types(Type.INTEGER, Type.INTEGER), new Types(Type.INTEGER, Type.DECIMAL),
                new Types(Type.DECIMAL, Type.DECIMAL), new Types(Type.TEXT, Type.TEXT),
                new Types(Type.BOOLEAN, Type.BOOLEAN), new Types(Type.DATE, Type.DATE));
        Arbitrary<JoinKind> kinds = Arbitraries.of(JoinKind.class);
        return Combinators.combine(types, types).flatAs((first, second) -> Combinators.combine(
                        table("left stands", first.left(), second.left()), table("keepers", first.right(), second.right()),
                        kinds, Arbitraries.of(1, 2))
                .as((left, right, kind, keys) -> {
                    List<KeyPair> on = List.of(new KeyPair("a", "a"), new KeyPair("group", "Order")).subList(0, keys);
                    Query query = Query.of(left, kind, right, on);
                    return Plan.bind(query, List.of(left, right)).expect();
                }));
    }

    private static Arbitrary<Table> table(String name, Type first, Type second) {
        List<Column> columns = List.of(new Column("a", first),
                new Column(name.equals("keepers") ? "Order" : "group", second));
        return Combinators.combine(value(first), value(second)).as((a, b) -> List.of(a, b)).list().ofMaxSize(6)
                .map(rows -> Table.of(name, columns, rows));
    }

    private static Arbitrary<Value> value(Type type) {
        List<String> texts = switch (type) {
            case INTEGER -> List.of("1", "2", "-3", "9223372036854775807");
            case DECIMAL -> List.of("1", "1.0", "2.50", "-3.00", "0.1");
            case TEXT -> List.of("oda", "Oda", "oda ", "", "o'da", "ö");
            case BOOLEAN -> List.of("true", "false");
            case DATE -> List.of("2026-05-01", "2024-02-29", "0999-12-31");
        };
        return Arbitraries.of(texts).map(text -> type.read(text).orElseThrow()).injectNull(0.2)
                .map(value -> value == null ? Value.NULL : value);
    }

    private static List<List<String>> theirs(Plan plan, Outcome outcome) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            for (Side side : Side.values()) create(statement, plan.on(side));
            List<List<String>> rows = new ArrayList<>();
            try (ResultSet result = statement.executeQuery(plan.sql())) {
                while (result.next()) {
                    List<String> row = new ArrayList<>();
                    for (int i = 0; i < outcome.columns().size(); i++) {
                        String text = result.getString(i + 1);
                        row.add(canonical(text == null ? "NULL" : text, type(plan, outcome.columns().get(i))));
                    }
                    rows.add(row);
                }
            }
            return rows;
        }
    }

    private static void create(Statement statement, Table table) throws SQLException {
        String name = "\"" + table.name() + "\"";
        statement.execute("DROP TABLE IF EXISTS " + name);
        statement.execute("CREATE TEMPORARY TABLE " + name + table.columns().stream()
                .map(column -> "\"" + column.name() + "\" " + switch (column.type()) {
                    case INTEGER -> "BIGINT";
                    case DECIMAL -> "NUMERIC";
                    case TEXT -> "TEXT";
                    case BOOLEAN -> "BOOLEAN";
                    case DATE -> "DATE";
                }).collect(Collectors.joining(", ", "(", ")")));
        for (Row row : table.rows()) {
            statement.execute("INSERT INTO " + name + " VALUES " + row.values().stream().map(Value::sql)
                    .collect(Collectors.joining(", ", "(", ")")));
        }
    }

    private static Type type(Plan plan, ResultColumn column) {
        return plan.on(column.side()).columns().get(column.index()).type();
    }

    /** One spelling for each value: 1.0 and 1 are the same number, and PostgreSQL says t for true. */
    private static String canonical(String shown, Type type) {
        if (shown.equals("NULL")) return shown;
        return switch (type) {
            case DECIMAL -> new BigDecimal(shown).stripTrailingZeros().toPlainString();
            case BOOLEAN -> shown.substring(0, 1);
            case INTEGER, TEXT, DATE -> shown;
        };
    }
}
