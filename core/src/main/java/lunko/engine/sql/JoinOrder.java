package lunko.engine.sql;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import lunko.engine.Stage;
import lunko.engine.ValueOrder;
import lunko.table.Value;

/**
 * Orders in which tables can be joined, and how many rows are gone through in each: estimated from how many rows there
 * are and how many values they have in the columns that tie them. Tables are called by their place in the text, counted
 * from 0.
 */
final class JoinOrder {

    /** A column of one of the tables, counted from 0. */
    record At(int table, int column) {}

    /** Two columns of different tables that are to be equal. */
    record Tie(At one, At other) {

        /** The same, said from a table on its left. */
        Tie from(int table) {
            return one.table() == table ? this : new Tie(other, one);
        }
    }

    private final List<Stage> tables;
    private final List<List<Tie>> ties;
    private final Map<At, Integer> values = new HashMap<>();

    JoinOrder(List<Stage> tables, List<Tie> ties) {
        this.tables = tables;
        this.ties = IntStream.range(0, tables.size()).mapToObj(table -> ties.stream()
                .filter(tie -> tie.one().table() == table || tie.other().table() == table)
                .map(tie -> tie.from(table)).toList()).toList();
    }

    /** The order of the text. */
    List<Integer> ofText() {
        return IntStream.range(0, tables.size()).boxed().toList();
    }

    /**
     * The smallest table first, then always one that is tied to those which are there, and of these the one that leaves
     * fewest rows.
     */
    List<Integer> chosen() {
        List<Integer> order = new ArrayList<>();
        Set<Integer> there = new HashSet<>();
        double rows = 1;
        while (order.size() < tables.size()) {
            double before = rows;
            int next = ofText().stream().filter(table -> !there.contains(table))
                    .min(Comparator.<Integer, Boolean>comparing(table -> ties(table, there).isEmpty())
                            .thenComparing(table -> with(before, there, table)))
                    .orElseThrow();
            rows = with(rows, there, next);
            there.add(next);
            order.add(next);
        }
        return order;
    }

    /** The most rows that there are on the way. */
    double most(List<Integer> order) {
        Set<Integer> there = new HashSet<>();
        double rows = 1;
        double most = 0;
        for (int table : order) {
            rows = with(rows, there, table);
            there.add(table);
            most = Math.max(most, rows);
        }
        return most;
    }

    /** The ties between a table and others, said from the table. */
    List<Tie> ties(int table, Set<Integer> others) {
        return ties.get(table).stream().filter(tie -> others.contains(tie.other().table())).toList();
    }

    /** So many rows of tables that are there, after one more has been joined to them. */
    private double with(double rows, Set<Integer> there, int table) {
        double all = rows * tables.get(table).rows().size();
        for (Tie tie : ties(table, there)) all /= Math.max(1, Math.max(values(tie.one()), values(tie.other())));
        return Math.max(1, all);
    }

    /** How many different values there are in a column. */
    private int values(At at) {
        return values.computeIfAbsent(at, _ -> {
            Set<Object> different = new HashSet<>();
            for (List<Value> row : tables.get(at.table()).rows()) {
                Value value = row.get(at.column());
                if (!value.isNull()) different.add(ValueOrder.identity(value));
            }
            return different.size();
        });
    }
}
