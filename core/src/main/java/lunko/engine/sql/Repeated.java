package lunko.engine.sql;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import lunko.engine.Aggregation;
import lunko.engine.Distinct;
import lunko.engine.Leaf;
import lunko.engine.Stage;
import lunko.engine.ValueOrder;
import lunko.problem.QueryNote;
import lunko.table.RowName;
import lunko.table.Value;

/**
 * Rows of a table that joins have repeated before they are counted or summed: the figure is of more than there is. It
 * is looked for in what has really become of the rows, so that a query is never suspected without an example.
 */
final class Repeated {
    /** Of more rows than that nobody is told. */
    private static final int MOST = 20_000;

    private Repeated() {}

    /**
     * What is to be noted of an aggregate, if something is.
     *
     * @param groups the aggregation of the rows
     * @param at which column of it the aggregate is
     * @param columns the columns of the input that its argument is made of
     */
    static Optional<QueryNote.CountsRowsTwice> in(Aggregation groups, int at, Aggregate.OfValues aggregate,
            List<Integer> columns, List<Env> rows) {
        Stage input = groups.input();
        if (aggregate.distinct() || columns.isEmpty() || rows.size() > MOST || !isOfSums(aggregate))
            return Optional.empty();
        Map<Integer, List<Integer>> members = new HashMap<>();
        for (int row = 0; row < rows.size(); row++)
            members.computeIfAbsent(groups.groupOf().get(row), _ -> new ArrayList<>()).add(row);
        for (int group = 0; group < groups.rows().size(); group++) {
            List<Integer> of = members.getOrDefault(group, List.of());
            Map<Leaf, Integer> times = new HashMap<>();
            Set<Integer> once = new HashSet<>();
            for (int row : of) {
                Optional<Leaf> leaf = Leaf.of(input, row, columns);
                if (leaf.isEmpty() || times.merge(leaf.get(), 1, Integer::sum) == 1) once.add(row);
            }
            Optional<Map.Entry<Leaf, Integer>> most = times.entrySet().stream()
                    .max(Map.Entry.<Leaf, Integer>comparingByValue()
                            .thenComparing(each -> each.getKey().row(), Comparator.reverseOrder()));
            if (most.isEmpty() || most.get().getValue() == 1) continue;
            Value is = groups.rows().get(group).get(at);
            Value would = aggregate.of(of.stream().filter(once::contains).map(rows::get));
            if (is.equals(would)) continue;
            Leaf leaf = most.get().getKey();
            return Optional.of(new QueryNote.CountsRowsTwice(leaf.table().title(), leaf.table().name(leaf.row()),
                    most.get().getValue(), new RowName.Group(groups.rows().get(group).subList(0, groups.keys())), is,
                    would));
        }
        return Optional.empty();
    }

    /** What is to be noted of DISTINCT: rows of one table that it takes for one, because they are the same one. */
    static Optional<QueryNote.HidesRepeatedRows> in(Distinct distinct) {
        Stage input = distinct.input();
        if (input.rows().size() > MOST || input.rows().size() == distinct.rows().size()) return Optional.empty();
        List<Integer> columns = IntStream.range(0, input.headings().size()).boxed().toList();
        Map<Leaf, Integer> times = new HashMap<>();
        IntStream.range(0, input.rows().size())
                .forEach(row -> Leaf.of(input, row, columns).ifPresent(leaf -> times.merge(leaf, 1, Integer::sum)));
        return times.entrySet().stream().filter(each -> each.getValue() > 1)
                .max(Map.Entry.<Leaf, Integer>comparingByValue()
                        .thenComparing(each -> each.getKey().row(), Comparator.reverseOrder()))
                .map(each -> new QueryNote.HidesRepeatedRows(each.getKey().table().title(),
                        each.getKey().table().name(each.getKey().row()), each.getValue()));
    }

    /** Whether different rows of a table have different values for an aggregate, and the same row always the same. */
    static boolean tellsApart(Stage input, Aggregate.OfValues aggregate, List<Integer> columns, List<Env> rows) {
        Map<Leaf, Object> known = new HashMap<>();
        for (int row = 0; row < rows.size(); row++) {
            Optional<Leaf> leaf = Leaf.of(input, row, columns);
            Value value = aggregate.argument().in(rows.get(row));
            if (leaf.isPresent() && !value.isNull()) known.put(leaf.get(), ValueOrder.identity(value));
        }
        return new HashSet<>(known.values()).size() == known.size();
    }

    private static boolean isOfSums(Aggregate.OfValues aggregate) {
        return switch (aggregate.function()) {
            case COUNT, SUM, AVG -> true;
            case MIN, MAX -> false;
        };
    }
}
