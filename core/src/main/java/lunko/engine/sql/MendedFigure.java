package lunko.engine.sql;

import java.util.Optional;
import java.util.stream.Stream;
import lunko.problem.Stretch;
import lunko.query.JoinKind;
import lunko.query.sql.AggregateFunction;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression;
import lunko.query.sql.Fix;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.QueryBody;
import lunko.query.sql.SqlWriter;
import lunko.table.SameName;

/**
 * How a query can be written so that its figures count each row once.
 *
 * @param rows the scope of what is counted
 */
record MendedFigure(QueryBody.Select select, Scope rows, Diagnostics diagnostics) {

    /**
     * What is offered for an aggregate.
     *
     * @param tells whether its values tell the rows apart that it is of
     */
    Fix[] of(Aggregate.OfValues figure, boolean tells) {
        Optional<Fix> distinct = Optional.of(figure.call())
                .filter(_ -> tells && figure.function() == AggregateFunction.COUNT)
                .map(call -> diagnostics.fix().instead(call, new SqlWriter().expression(
                        new Expression.Call(call.function(), true, call.arguments()))));
        return Stream.concat(exists().stream(), distinct.stream()).toArray(Fix[]::new);
    }

    /** An inner join of two tables, where one is only there to be met: whether it is met can be asked instead. */
    private Optional<Fix> exists() {
        if (select.from().size() != 1 || !(select.from().getFirst() instanceof FromItem.JoinedTable joined)
                || joined.kind() != JoinKind.INNER
                || !(joined.specification() instanceof JoinSpecification.On(Expression on)))
            return Optional.empty();
        // A table that is kept and is itself a join repeats rows all the same.
        if (joined.left() instanceof FromItem.NamedTable kept && isOnlyMet(joined.right(), on))
            return Optional.of(asking(joined, kept, joined.right(), on));
        return joined.right() instanceof FromItem.NamedTable kept && isOnlyMet(joined.left(), on)
                ? Optional.of(asking(joined, kept, joined.left(), on)) : Optional.empty();
    }

    private Fix asking(FromItem.JoinedTable joined, FromItem kept, FromItem asked, Expression on) {
        SqlWriter writer = new SqlWriter();
        String exists = "EXISTS (SELECT * FROM " + writer.table(asked) + " WHERE " + writer.expression(on) + ")";
        Fix fix = diagnostics.fix();
        if (select.where().isEmpty()) return fix.instead(joined, writer.table(kept) + " WHERE " + exists);
        Expression where = select.where().get();
        String before = writer.expression(where);
        return fix.instead(joined, writer.table(kept)).instead(where,
                exists + " AND " + (where instanceof Expression.Or ? "(" + before + ")" : before));
    }

    /** Whether nothing of a table is named but in the condition of its join. */
    private boolean isOnlyMet(FromItem item, Expression on) {
        if (!(item instanceof FromItem.NamedTable table)) return false;
        String called = table.alias().orElse(table.table()).text();
        Optional<Stretch> condition = diagnostics.script().stretch(on);
        return condition.isPresent() && diagnostics.script().parts(ColumnName.class).stream()
                .filter(name -> diagnostics.script().stretch(name).filter(condition.get()::covers).isEmpty())
                .noneMatch(name -> name.table().map(owner -> owner.means(called))
                        .orElseGet(() -> rows.meant(name).stream()
                                .anyMatch(at -> rows.slots().get(at).table().filter(owner -> SameName.of(owner, called))
                                        .isPresent())));
    }
}
