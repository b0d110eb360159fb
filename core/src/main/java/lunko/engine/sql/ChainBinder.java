package lunko.engine.sql;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import lunko.engine.Equality;
import lunko.engine.Filter;
import lunko.engine.Join;
import lunko.engine.JoinCondition;
import lunko.engine.Joined;
import lunko.engine.Rearranged;
import lunko.engine.ResultRow;
import lunko.engine.Stage;
import lunko.engine.sql.JoinOrder.At;
import lunko.engine.sql.JoinOrder.Tie;
import lunko.problem.QueryNote;
import lunko.query.JoinKind;
import lunko.query.sql.Expression;

/**
 * Binds three and more tables joined by inner joins alone. They are joined in the order of the text as long as anybody
 * could follow that; where it goes through too many rows, in an order that goes through far fewer, and what comes out
 * is put back into the order of the text.
 */
final class ChainBinder {
    /** So many rows can be followed. */
    private static final double FOLLOWED = 2_500;
    /** Another order is worth it if it goes through so many times fewer rows. */
    private static final double WORTH = 10;

    /** A condition on one table alone. */
    private record OfTable(Expression condition, BoundExpression bound, ExpressionBinder binder) {}

    private final FromBinder from;
    private final QueryBinder queries;
    private final InnerJoins joins;
    private final List<Integer> firsts = new ArrayList<>();
    private final List<Optional<OfTable>> conditions;

    ChainBinder(FromBinder from, InnerJoins joins) {
        this.from = from;
        this.queries = from.queries();
        this.joins = joins;
        int first = 0;
        for (InnerJoins.Table table : joins.tables()) {
            firsts.add(first);
            first += table.slots().size();
        }
        this.conditions = ofTables();
    }

    /** The chain in the order that is best; by {@code inText}, where that can be followed. */
    BoundFrom bind(BoundFrom inText) {
        return inText.then(env -> {
            List<Stage> whole = joins.tables().stream().map(table -> table.stage().apply(env)).toList();
            if (product(whole) <= FOLLOWED) return inText.stage().apply(env);
            List<Stage> tables =
                    IntStream.range(0, whole.size()).mapToObj(i -> filtered(i, whole.get(i), env)).toList();
            JoinOrder orders = new JoinOrder(tables, ties());
            double most = new JoinOrder(whole, ties()).most(orders.ofText());
            List<Integer> chosen = orders.chosen();
            if (!isWorth(most, orders.most(chosen))) return inText.stage().apply(env);
            queries.diagnostics().note(joins.tables().getFirst().item(), new QueryNote.JoinedInAnotherOrder(
                    chosen.stream().map(table -> joins.tables().get(table).name()).toList(),
                    (long) Math.min(most, FromBinder.MOST)));
            return inOrder(tables, orders, chosen);
        });
    }

    private static double product(List<Stage> tables) {
        return tables.stream().mapToDouble(table -> table.rows().size()).reduce(1, (a, b) -> a * b);
    }

    private static boolean isWorth(double inText, double chosen) {
        return inText > FOLLOWED && chosen * WORTH < inText || inText > FromBinder.MOST && chosen < inText;
    }

    private Stage inOrder(List<Stage> tables, JoinOrder orders, List<Integer> order) {
        Set<Integer> there = new HashSet<>();
        int[] starts = new int[tables.size()];
        Stage all = tables.get(order.getFirst());
        int[][] rows = IntStream.range(0, all.rows().size()).mapToObj(row -> new int[] {row}).toArray(int[][]::new);
        there.add(order.getFirst());
        for (int table : order.subList(1, order.size())) {
            starts[table] = all.headings().size();
            List<Equality> equal = orders.ties(table, there).stream()
                    .map(tie -> new Equality(starts[tie.other().table()] + tie.other().column(), tie.one().column()))
                    .toList();
            Joined joined = joined(all, tables.get(table), equal, joins.tables().get(table));
            rows = withRows(rows, joined);
            all = joined;
            there.add(table);
        }
        return Rearranged.of(all, columns(starts), inText(rows, order));
    }

    private Joined joined(Stage before, Stage table, List<Equality> equal, InnerJoins.Table part) {
        Join join = new Join(equal.isEmpty() ? JoinKind.CROSS : JoinKind.INNER, before, table,
                JoinCondition.ofEqual(equal));
        Joined joined = Joined.of(join, List.of(), FromBinder.MOST, List::of)
                .orElseThrow(() -> queries.diagnostics().tooManyRows(part.item(), FromBinder.MOST));
        from.counted(joined, part.item());
        return joined;
    }

    /** For each row of a join, the rows of all tables that it is made of, in the order of joining. */
    private static int[][] withRows(int[][] before, Joined joined) {
        int[][] rows = new int[joined.rows().size()][];
        for (int i = 0; i < rows.length; i++) {
            ResultRow.Met met = (ResultRow.Met) joined.lineage().row(i);
            int[] left = before[met.left()];
            rows[i] = Arrays.copyOf(left, left.length + 1);
            rows[i][left.length] = met.right();
        }
        return rows;
    }

    /** The places of all columns, as they follow each other in the text. */
    private List<Integer> columns(int[] starts) {
        return IntStream.range(0, starts.length).boxed()
                .flatMap(table -> IntStream.range(0, joins.tables().get(table).slots().size())
                        .mapToObj(column -> starts[table] + column))
                .toList();
    }

    /** By the row of the first table of the text, then by that of the second, and so on. */
    private static Comparator<Integer> inText(int[][] rows, List<Integer> order) {
        int[] places = IntStream.range(0, order.size()).map(order::indexOf).toArray();
        return (one, other) -> {
            for (int place : places) {
                int compared = Integer.compare(rows[one][place], rows[other][place]);
                if (compared != 0) return compared;
            }
            return 0;
        };
    }

    private Stage filtered(int index, Stage table, Env env) {
        return conditions.get(index).<Stage>map(of -> new Filter(table,
                new RowCondition("WHERE", of.condition(), of.bound(), of.binder()).on(table.rows(), env),
                Optional.empty())).orElse(table);
    }

    private List<Tie> ties() {
        return joins.ties().stream().map(tie -> new Tie(at(tie.left()), at(tie.right())))
                .filter(tie -> tie.one().table() != tie.other().table()).toList();
    }

    private At at(int slot) {
        int table = IntStream.range(0, firsts.size()).filter(i -> firsts.get(i) <= slot).max().orElseThrow();
        return new At(table, slot - firsts.get(table));
    }

    /** For each table, what the WHERE asks of it alone and could be asked of any row without failing. */
    private List<Optional<OfTable>> ofTables() {
        Scope all = new Scope(joins.tables().stream().flatMap(table -> table.slots().stream()).toList(),
                Optional.empty());
        List<List<Expression>> asked = joins.tables().stream().<List<Expression>>map(_ -> new ArrayList<>()).toList();
        for (Expression each : from.where().map(Expression::conjuncts).orElse(List.of()))
            owner(each, all).ifPresent(table -> asked.get(table).add(each));
        return IntStream.range(0, asked.size()).mapToObj(i -> ofTable(joins.tables().get(i), asked.get(i))).toList();
    }

    private Optional<OfTable> ofTable(InnerJoins.Table table, List<Expression> asked) {
        if (asked.isEmpty()) return Optional.empty();
        Expression condition = Expression.all(asked);
        ExpressionBinder binder =
                new ExpressionBinder(queries, new Scope(table.slots(), Optional.empty()), queries.diagnostics());
        return Optional.of(new OfTable(condition, binder.condition(condition), binder));
    }

    /** The one table whose columns a plain condition is about. */
    private Optional<Integer> owner(Expression condition, Scope all) {
        if (!isPlain(condition)) return Optional.empty();
        Set<Integer> tables = new HashSet<>();
        for (Expression.ColumnName column : condition.columns()) {
            List<Integer> meant = all.meant(column);
            if (meant.size() != 1) return Optional.empty();
            tables.add(at(meant.getFirst()).table());
        }
        return tables.size() == 1 ? tables.stream().findFirst() : Optional.empty();
    }

    /** Whether it compares columns and values as they are: nothing in it has no value for some row. */
    private static boolean isPlain(Expression condition) {
        return switch (condition) {
            case Expression.ColumnName _,Expression.Literal _ -> true;
            // A pattern may be wrong, and a query may have no value.
            case Expression.Like _,Expression.InQuery _,Expression.RowInQuery _,Expression.Quantified _ -> false;
            case Expression.Exists _,Expression.Extract _,Expression.Position _,Expression.TextsOfGroup _ -> false;
            case Expression.Predicate _,Expression.And _,Expression.Or _,Expression.Not _,Expression.IsTruth _ ->
                condition.parts().stream().allMatch(ChainBinder::isPlain);
            case Expression.Signed _,Expression.Calculation _,Expression.Cast _,Expression.Call _ -> false;
            case Expression.ScalarQuery _,Expression.Case _,Expression.CountRows _ -> false;
        };
    }
}
