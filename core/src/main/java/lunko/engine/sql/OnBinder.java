package lunko.engine.sql;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.problem.QueryFault;
import lunko.query.sql.Expression;
import lunko.query.sql.Fix;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.SqlWriter;

/**
 * Binds the ON of a join. It sees the tables of its join alone, not those that are joined later or stand beyond a
 * comma.
 */
final class OnBinder extends ExpressionBinder {
    private final Expression condition;
    private final List<FromItem> all;

    OnBinder(QueryBinder queries, Scope scope, Diagnostics diagnostics, Expression condition, List<FromItem> all) {
        super(queries, scope, diagnostics);
        this.condition = condition;
        this.all = all;
    }

    @Override
    BoundExpression column(Expression.ColumnName name) {
        Optional<Name> unseen = name.table().filter(table -> !scope().knows(name) && !isSeen(table));
        if (unseen.isPresent()) {
            Optional<FromItem.JoinedTable> later = all.stream().flatMap(OnBinder::joins)
                    .filter(join -> isCalled(join.right(), unseen.get())).findFirst();
            if (later.isPresent()) {
                return diagnostics().refused(name,
                        new QueryFault.JoinedLater(unseen.get().text()),
                        exchanged(later.get()));
            }
            if (all.stream().anyMatch(item -> isCalled(first(item), unseen.get()))) {
                return diagnostics().refused(name, all.size() > 1 ? new QueryFault.BeyondComma(unseen.get().text())
                        : new QueryFault.OutsideJoin(unseen.get().text()));
            }
        }
        return super.column(name);
    }

    private boolean isSeen(Name table) {
        return scope().slots().stream().anyMatch(slot -> slot.table().map(table::means).orElse(false));
    }

    /** The two conditions in each other's place, if the other one can stand here. */
    private Fix[] exchanged(FromItem.JoinedTable later) {
        SqlWriter writer = new SqlWriter();
        return later.specification() instanceof JoinSpecification.On(Expression other)
                && other.columns().stream().allMatch(scope()::knows)
                        ? new Fix[] {diagnostics().fix().instead(condition, writer.expression(other)).instead(other,
                                writer.expression(condition))}
                        : new Fix[0];
    }

    private static Stream<FromItem.JoinedTable> joins(FromItem item) {
        return item instanceof FromItem.JoinedTable joined
                ? Stream.concat(Stream.concat(joins(joined.left()), joins(joined.right())), Stream.of(joined))
                : Stream.empty();
    }

    private static FromItem first(FromItem item) {
        return item instanceof FromItem.JoinedTable joined ? first(joined.left()) : item;
    }

    private static boolean isCalled(FromItem item, Name name) {
        return switch (item) {
            case FromItem.NamedTable(Name table, Optional<Name> alias) -> name.means(alias.orElse(table).text());
            case FromItem.DerivedTable(var _, var _, Optional<Name> alias, var _) ->
                alias.map(known -> name.means(known.text())).orElse(false);
            case FromItem.JoinedTable _ -> false;
        };
    }
}
