package lunko.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import lunko.TwoTables;
import lunko.beside.Postgres;
import lunko.beside.RealDatabase;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
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
    private static Postgres postgres;

    /** Two types whose values can be compared. */
    record Types(Type left, Type right) {}

    @BeforeContainer
    static void start() throws IOException, SQLException {
        postgres = Postgres.start();
    }

    @AfterContainer
    static void stop() throws Exception {
        postgres.close();
    }

    @Property(tries = 400, edgeCases = EdgeCasesMode.NONE)
    void lunkoAndPostgresGiveTheSameRows(@ForAll("twoTables") TwoTables two) throws SQLException {
        JoinResult outcome = two.outcome();
        List<List<String>> ours = outcome.rows().stream().map(row -> outcome.columns().stream()
                .map(column -> RealDatabase.spelt(outcome.cell(row, column).value())).toList()).toList();
        postgres.load(two.tables());
        assertThat(postgres.rows(two.sql(), outcome.columns().stream()
                .map(column -> Optional.of(two.on(column.side()).columns().get(column.index()).type())).toList()))
                .as(two.sql()).containsExactlyInAnyOrderElementsOf(ours);
    }

    @Provide
    Arbitrary<TwoTables> twoTables() {
        Arbitrary<Types> types =
                Arbitraries.of(new Types(Type.INTEGER, Type.INTEGER), new Types(Type.INTEGER, Type.DECIMAL),
                        new Types(Type.DECIMAL, Type.DECIMAL), new Types(Type.TEXT, Type.TEXT),
                        new Types(Type.BOOLEAN, Type.BOOLEAN), new Types(Type.DATE, Type.DATE));
        Arbitrary<JoinKind> kinds = Arbitraries.of(JoinKind.class);
        return Combinators.combine(types, types).flatAs((first, second) -> Combinators.combine(
                table("left stands", first.left(), second.left()), table("keepers", first.right(), second.right()),
                kinds, Arbitraries.of(1, 2))
                .as((left, right, kind, keys) -> {
                    List<KeyPair> on = List.of(new KeyPair("a", "a"), new KeyPair("group", "Order")).subList(0, keys);
                    return new TwoTables(left, kind, right, on);
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
            case DECIMAL -> List.of("1", "1.0", "2.50", "-3.00", "0.1", "9223372036854775807.0", "9223372036854775808");
            case TEXT -> List.of("oda", "Oda", "oda ", "", "o'da", "ö");
            case BOOLEAN -> List.of("true", "false");
            case DATE -> List.of("2026-05-01", "2024-02-29", "0999-12-31");
        };
        return Arbitraries.of(texts).map(text -> type.read(text).orElseThrow()).injectNull(0.2)
                .map(value -> value == null ? Value.NULL : value);
    }
}
