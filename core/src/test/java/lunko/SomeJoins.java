package lunko;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lunko.engine.Join;
import lunko.engine.JoinResult;
import lunko.engine.Joined;
import lunko.engine.ResultRow;
import lunko.engine.Stage;
import lunko.engine.sql.Database;
import lunko.problem.Origin;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.Value;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import net.jqwik.api.domains.DomainContextBase;

/**
 * Joins of any kind by any condition, bound from text: equalities, ranges, several parts, IS NOT DISTINCT FROM, and NOT
 * IN; over small tables in which keys repeat, are missing on either side, and are NULL.
 */
public final class SomeJoins extends DomainContextBase {
    private static final List<String> CONDITIONS = List.of("l.a = r.a", "l.a = r.a AND l.b = r.b", "l.a > r.a",
            "l.a BETWEEN r.a AND r.b", "l.a = r.a OR l.b = r.b", "l.a = r.a AND l.b <> r.b",
            "l.a IS NOT DISTINCT FROM r.a", "l.a = r.a AND l.b IS NOT DISTINCT FROM r.b", "l.b + r.b > 3",
            "l.a = 2", "l.a IS NULL OR r.a = l.b", "NOT (l.a = r.a)");
    private static final List<String> MEMBERS = List.of("SELECT r.a FROM rs r", "SELECT r.a FROM rs r WHERE r.b = l.b",
            "SELECT r.a FROM rs r WHERE r.b > l.b", "SELECT r.a FROM rs r WHERE r.a IS NOT NULL");

    /** A join, bound, and the text that it was bound from. */
    public record SomeJoin(String text, Joined joined) {

        /** The same join as another kind, done. */
        public Joined as(JoinKind kind) {
            return Joined.of(joined.join().of(kind), List.of(), Long.MAX_VALUE, List::of).orElseThrow();
        }

        /** The rows of a kind of join, by the condition that is certain: NOT IN as an equality. */
        public List<ResultRow> certainly(JoinKind kind) {
            Join join = joined.join();
            return rows(new Join(JoinKind.INNER, join.left(), join.right(), join.on().certain()).of(kind));
        }

        /** The rows of a join. */
        public static List<ResultRow> rows(Join join) {
            return JoinResult.of(Joined.of(join, List.of(), Long.MAX_VALUE, List::of).orElseThrow()).rows();
        }

        @Override
        public String toString() {
            return text + " on " + joined.join().left().rows() + " and " + joined.join().right().rows();
        }
    }

    @Provide
    Arbitrary<SomeJoin> joins() {
        Arbitrary<List<List<Value>>> rows = keys().list().ofSize(2).list().ofMaxSize(6);
        Arbitrary<String> byCondition = Combinators.combine(Arbitraries.of(JoinKind.class), Arbitraries.of(CONDITIONS))
                .as(SomeJoins::text);
        Arbitrary<String> notIn = Arbitraries.of(MEMBERS)
                .map(member -> "SELECT * FROM ls l WHERE l.a NOT IN (" + member + ")");
        return Combinators.combine(rows, rows, Arbitraries.frequencyOf(Tuple.of(4, byCondition),
                Tuple.of(1, notIn))).as(SomeJoins::bound);
    }

    private static Arbitrary<Value> keys() {
        return Arbitraries.longs().between(1, 3).map(Value::of).injectNull(0.2)
                .map(value -> value == null ? Value.NULL : value);
    }

    /** A text from which a join can be had of the same sides and condition. */
    private static String text(JoinKind kind, String condition) {
        if (!kind.compares()) return "SELECT * FROM ls l CROSS JOIN rs r";
        Optional<Side> only = kind.only();
        if (only.isEmpty()) {
            return "SELECT * FROM ls l " + kind.words().orElse("INNER JOIN") + " rs r ON " + condition;
        }
        return "SELECT * FROM " + only.get().of("ls l", "rs r") + " WHERE " + (kind.takesMatched() ? "" : "NOT ")
                + "EXISTS (SELECT * FROM " + only.get().of("rs r", "ls l") + " WHERE " + condition + ")";
    }

    private static SomeJoin bound(List<List<Value>> left, List<List<Value>> right, String text) {
        List<Table> tables = List.of(table("ls", left), table("rs", right));
        Script script = new SqlParser(new Origin.Query()).parse(text).expect();
        Stage stage = Database.of(tables).run(script.statements().getFirst(), script).expect().stages().orElseThrow();
        List<Joined> joins = new ArrayList<>();
        stage.all().forEach(each -> {
            if (each instanceof Joined joined) joins.add(joined);
        });
        // A condition on one side alone makes no join of EXISTS: then it is tried as an inner one.
        if (joins.isEmpty()) return bound(left, right, "SELECT * FROM ls l INNER JOIN rs r ON l.a < r.b");
        return new SomeJoin(text, joins.getFirst());
    }

    private static Table table(String name, List<List<Value>> rows) {
        List<List<Value>> labelled = new ArrayList<>();
        for (List<Value> row : rows) {
            labelled.add(List.of(row.get(0), row.get(1), Value.of(name.charAt(0) + "" + labelled.size())));
        }
        return Table.of(name, List.of(new Column("a", Type.INTEGER), new Column("b", Type.INTEGER),
                new Column("label", Type.TEXT)), labelled);
    }

    /** The sides and condition of a join, with every pair of rows looked at one by one. */
    public static long pairs(Join join) {
        long pairs = 0;
        for (int left = 0; left < join.left().rows().size(); left++) {
            for (int right = 0; right < join.right().rows().size(); right++) {
                if (join.verdict(left, right) == Truth.TRUE) pairs++;
            }
        }
        return pairs;
    }
}
