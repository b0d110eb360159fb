package lunko;

import java.util.ArrayList;
import java.util.List;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Provide;
import net.jqwik.api.domains.DomainContextBase;

/** Joins of small tables in which keys repeat, are missing on either side, and are NULL; one or two key columns. */
public final class Tables extends DomainContextBase {

    @Provide
    Arbitrary<TwoTables> twoTables() {
        Arbitrary<List<List<Value>>> rows = keys().list().ofSize(2).list().ofMaxSize(7);
        return Combinators.combine(rows, rows, Arbitraries.of(JoinKind.class), Arbitraries.of(1, 2))
                .as(Tables::twoTables);
    }

    private static Arbitrary<Value> keys() {
        return Arbitraries.longs().between(1, 3).map(Value::of).injectNull(0.2)
                .map(value -> value == null ? Value.NULL : value);
    }

    private static TwoTables twoTables(List<List<Value>> left, List<List<Value>> right, JoinKind kind, int keys) {
        Table l = table("hives", left);
        Table r = table("keepers", right);
        List<KeyPair> on = List.of(new KeyPair("a", "a"), new KeyPair("b", "b")).subList(0, keys);
        return new TwoTables(l, kind, r, on);
    }

    private static Table table(String name, List<List<Value>> keys) {
        List<List<Value>> rows = new ArrayList<>();
        for (List<Value> row : keys) {
            rows.add(List.of(row.get(0), row.get(1), Value.of(name.charAt(0) + "" + rows.size())));
        }
        return Table.of(name, List.of(new Column("a", Type.INTEGER), new Column("b", Type.INTEGER),
                new Column("label", Type.TEXT)), rows);
    }
}
