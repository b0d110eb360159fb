package lunko.engine.sql;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.Ordering;
import lunko.engine.Stage;
import lunko.problem.QueryFault;
import lunko.problem.QueryNote;
import lunko.query.sql.Expression;
import lunko.query.sql.Fix;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression.Nulls;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.SelectItem;
import lunko.query.sql.SqlWriter;
import lunko.table.Value;

/** Binds ORDER BY: what a key means, a column of the result or an expression, and where NULL goes. */
record OrderBinder(Diagnostics diagnostics) {

    /** ORDER BY takes a column of the result by name or number, or an expression over the tables. */
    BoundExpression value(SortKey key, List<BoundQuery.Column> columns, List<BoundExpression> values,
            ExpressionBinder binder, QueryBody.Select select) {
        noteConstant(key);
        Optional<Integer> column = resultColumn(key, columns, (one, other) -> values.get(one).column().isPresent()
                && values.get(one).column().equals(values.get(other).column()));
        if (column.isPresent()) return values.get(column.get());
        if (select.distinct()) {
            // However the column is spelled: bound, it is the one of the result, or none of them.
            BoundExpression by = binder.bind(key.by());
            boolean chosen = by.column().isPresent() && values.stream().anyMatch(value -> value.column()
                    .equals(by.column()))
                    || select.items().stream().anyMatch(item -> item instanceof SelectItem.Item(Expression e, var _)
                            && binder.scope().plain(e).equals(binder.scope().plain(key.by())));
            if (chosen) return by;
            return diagnostics.refused(key, new QueryFault.OrderOutsideDistinct(ExpressionBinder.text(key.by())));
        }
        return binder.bind(key.by());
    }

    /** {@code ORDER BY 'hive'}: a text is the same for every row. */
    private void noteConstant(SortKey key) {
        if (!(key.by() instanceof Expression.Literal(Value.TextValue(String text)))) return;
        diagnostics.note(key, new QueryNote.SortedByText(text),
                diagnostics.fix().instead(key.by(), Name.of(text).sql()));
    }

    /** The column of the result that is meant; of several of the name, if they are the same, the first. */
    private Optional<Integer> resultColumn(SortKey key, List<BoundQuery.Column> columns,
            BiPredicate<Integer, Integer> same) {
        return switch (key.by()) {
            case Expression.Literal(Value.IntegerValue(long number)) -> {
                if (number >= 1 && number <= columns.size()) yield Optional.of((int) number - 1);
                diagnostics.refuse(key, new QueryFault.NoSuchResultColumn(number, columns.size()));
                yield Optional.empty();
            }
            case Expression.ColumnName(Optional<Name> table, Name name) when table.isEmpty() -> {
                List<Integer> meant = IntStream.range(0, columns.size())
                        .filter(i -> name.means(columns.get(i).name())).boxed().toList();
                if (meant.isEmpty()) yield Optional.empty();
                if (!meant.stream().allMatch(other -> other.equals(meant.getFirst())
                        || same.test(meant.getFirst(), other)))
                    ambiguous(key, name, meant);
                diagnostics.meanings().note(name, columns.get(meant.getFirst()).origins(), Optional.empty());
                yield Optional.of(meant.getFirst());
            }
            default -> Optional.empty();
        };
    }

    private void ambiguous(SortKey key, Name name, List<Integer> meant) {
        diagnostics.refuse(name, new QueryFault.OrderAmbiguous(name.text(), meant.stream().map(at -> at + 1).toList()),
                meant.stream().map(at -> diagnostics.fix().instead(key.by(), String.valueOf(at + 1)))
                        .toArray(Fix[]::new));
    }

    /** The result of a set operation can be sorted by its columns only. */
    BoundQuery sorted(BoundQuery query, List<SortKey> orderBy) {
        if (orderBy.isEmpty()) return query;
        List<Integer> by =
                orderBy.stream().flatMap(key -> resultColumn(key, query.columns(), (_, _) -> false).or(() -> {
                    diagnostics.refuse(key, new QueryFault.OrderOfCombined());
                    return Optional.empty();
                }).stream()).toList();
        return new BoundQuery(query.columns(), query.alwaysTheSame(), env -> {
            Stage stage = query.stage(env);
            return sorted(stage, orderBy, stage.rows().stream().map(row -> by.stream().map(row::get).toList()).toList(),
                    query.columns());
        });
    }

    /** NULL counts as larger than any value, unless NULLS FIRST or LAST says where it is to be. */
    static Ordering.Order order(SortKey key) {
        return new Ordering.Order(key.descending(),
                key.nulls().map(nulls -> nulls == Nulls.FIRST).orElse(key.descending()));
    }

    /** The rows of a stage, sorted by what each has for the keys. */
    static Stage sorted(Stage stage, List<SortKey> orderBy, List<List<Value>> keys,
            List<BoundQuery.Column> columns) {
        if (orderBy.isEmpty()) return stage;
        String sql = orderBy.stream().map(key -> text(key, columns)).collect(Collectors.joining(", "));
        return Ordering.of(stage, new Ordering.By(sql, columns(stage.headings(), orderBy)),
                orderBy.stream().map(OrderBinder::order).toList(),
                keys);
    }

    /** The columns of a result that it is sorted by, by name or number. */
    private static Set<Integer> columns(List<Stage.Heading> headings, List<SortKey> orderBy) {
        return orderBy.stream().flatMapToInt(key -> IntStream.range(0, headings.size())
                .filter(i -> isOf(key.by(), headings.get(i), i))).boxed().collect(Collectors.toSet());
    }

    private static boolean isOf(Expression by, Stage.Heading heading, int index) {
        if (by instanceof Expression.Literal(Value.IntegerValue(long number))) return number == index + 1;
        if (by instanceof Expression.ColumnName(Optional<Name> table, Name name)) {
            return name.means(heading.name())
                    && table.flatMap(owner -> heading.table().map(owner::means)).orElse(true);
        }
        // Within an expression, a number is one.
        return by.parts().stream()
                .anyMatch(part -> !(part instanceof Expression.Literal) && isOf(part, heading, index));
    }

    /** What rows are sorted by as SQL, a column of the result by its name even where a number means it. */
    private static String text(SortKey key, List<BoundQuery.Column> columns) {
        if (!(key.by() instanceof Expression.Literal(Value.IntegerValue(long number))))
            return new SqlWriter().sortKey(key);
        Name column = Name.of(columns.get((int) number - 1).name());
        return new SqlWriter().sortKey(
                new SortKey(new Expression.ColumnName(Optional.empty(), column), key.descending(), key.nulls()));
    }
}
