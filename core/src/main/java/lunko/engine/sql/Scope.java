package lunko.engine.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import lunko.problem.QueryFault.Thing;
import lunko.problem.QueryFault;
import lunko.query.SqlName;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression;
import lunko.query.sql.Fix;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.table.Once;
import lunko.table.Value;

/** The columns that can be named in a part of a query, and around them those of the queries that it is part of. */
final class Scope {

    /** A column found: so many queries out, and there at this place of the row. */
    record FoundColumn(int depth, int index, BoundColumn slot) {

        BoundExpression bound() {
            return depth == 0 ? BoundExpression.column(slot.type(), index)
                    : new BoundExpression(slot.type(), env -> env.value(depth, index));
        }
    }

    private final List<BoundColumn> slots;
    private final Optional<Scope> outer;
    private final Set<Integer> namedWithin = new TreeSet<>();
    private Function<Expression, Optional<BoundExpression>> groups = _ -> Optional.empty();
    private boolean reachesOut;

    Scope(List<BoundColumn> slots, Optional<Scope> outer) {
        this.slots = slots;
        this.outer = outer;
    }

    List<BoundColumn> slots() {
        return slots;
    }

    Optional<Scope> outer() {
        return outer;
    }

    /** Whether a name has been found in a query around this one: then its rows depend on those of that query. */
    boolean reachesOut() {
        return reachesOut;
    }

    /** Its rows are groups, which can be asked for aggregates of the rows that they are made of. */
    void grouped(Function<Expression, Optional<BoundExpression>> aggregates) {
        groups = aggregates;
    }

    /** Whether an aggregate is one of the groups of this query, or of one around it. */
    boolean isOfGroups(Expression aggregate) {
        return groups.apply(aggregate).isPresent() || outer.filter(scope -> scope.isOfGroups(aggregate)).isPresent();
    }

    /** An aggregate that is one of the groups of a query around, if it is. */
    Optional<BoundExpression> ofAround(Expression aggregate) {
        List<Scope> passed = new ArrayList<>(List.of(this));
        for (Optional<Scope> at = outer; at.isPresent(); at = at.get().outer) {
            Optional<BoundExpression> found = at.get().groups.apply(aggregate);
            if (found.isPresent()) {
                passed.forEach(inner -> inner.reachesOut = true);
                int depth = passed.size();
                int index = found.get().column().getAsInt();
                return Optional.of(new BoundExpression(found.get().type(), env -> env.value(depth, index)));
            }
            passed.add(at.get());
        }
        return Optional.empty();
    }

    /** The columns of this scope, counted from 0, that queries within it name. */
    Set<Integer> namedWithin() {
        return namedWithin;
    }

    /** The columns of this scope that a name means, by their place. */
    List<Integer> meant(Optional<Name> table, Name column) {
        // Asked for every name and many columns.
        List<Integer> meant = new ArrayList<>(1);
        for (int i = 0; i < slots.size(); i++) {
            if (column.means(slots.get(i).name()) && isOf(table, slots.get(i))) meant.add(i);
        }
        return meant;
    }

    private static boolean isOf(Optional<Name> table, BoundColumn slot) {
        return table.isEmpty() ? !slot.merged() : slot.table().isPresent() && table.get().means(slot.table().get());
    }

    List<Integer> meant(ColumnName name) {
        return meant(name.table(), name.column());
    }

    /**
     * An expression in which each column of this scope stands for itself, however it is named there, and functions have
     * one spelling: expressions that mean the same are equal then.
     */
    Expression plain(Expression expression) {
        if (expression instanceof ColumnName name) {
            List<Integer> meant = meant(name);
            return meant.size() == 1
                    ? new ColumnName(Optional.empty(), new Name(String.valueOf(meant.getFirst()), true)) : name;
        }
        Expression inside = expression.with(this::plain);
        return inside instanceof Expression.Call(Name function, boolean distinct, List<Expression> arguments)
                ? new Expression.Call(Name.of(function.text().toUpperCase(Locale.ROOT)), distinct, arguments) : inside;
    }

    /** Whether a name means a column of this query or of one around it. */
    boolean knows(ColumnName name) {
        return !meant(name).isEmpty() || outer.map(scope -> scope.knows(name)).orElse(false);
    }

    /** The column that a name means, in the innermost query that has one of it; there may be none, or several. */
    Optional<FoundColumn> find(ColumnName name, Diagnostics diagnostics) {
        List<Scope> passed = new ArrayList<>();
        Optional<Scope> at = Optional.of(this);
        while (at.isPresent()) {
            Scope scope = at.get();
            List<Integer> meant = scope.meant(name);
            if (meant.size() > 1) {
                ambiguous(name, scope, meant, diagnostics);
                return Optional.empty();
            }
            if (meant.size() == 1) {
                note(name, scope.slots.get(meant.getFirst()), diagnostics);
                passed.forEach(inner -> inner.reachesOut = true);
                if (!passed.isEmpty()) scope.namedWithin.add(meant.getFirst());
                return Optional.of(
                        new FoundColumn(passed.size(), meant.getFirst(), scope.slots.get(meant.getFirst())));
            }
            passed.add(scope);
            at = scope.outer;
        }
        unknown(name, diagnostics);
        return Optional.empty();
    }

    private static void note(ColumnName name, BoundColumn slot, Diagnostics diagnostics) {
        diagnostics.meanings().note(name.column(), slot.column().origins(),
                name.table().isPresent() ? Optional.empty() : slot.table());
        name.table().ifPresent(owner -> slot.noteOwner(owner, diagnostics));
    }

    private static void ambiguous(ColumnName name, Scope scope, List<Integer> meant, Diagnostics diagnostics) {
        List<Optional<String>> owners = meant.stream().map(i -> scope.slots.get(i).table()).toList();
        Fix[] fixes = meant.stream().flatMap(i -> scope.slots.get(i).table().stream())
                .filter(owner -> !diagnostics.isComparedWith(name, owner))
                .map(owner -> diagnostics.fix().before(name.column(), new SqlName(owner).text() + "."))
                .toArray(Fix[]::new);
        diagnostics.refuse(name, new QueryFault.Ambiguous(name.column().text(), owners, name.column().sql()),
                fixes);
    }

    private void unknown(ColumnName name, Diagnostics diagnostics) {
        String column = name.column().text();
        List<BoundColumn> around = new ArrayList<>(slots);
        outer.ifPresent(scope -> around.addAll(scope.slots));
        if (name.table().isPresent()) {
            Name table = name.table().get();
            List<String> tables = Once.each(around.stream().flatMap(slot -> slot.table().stream()));
            if (tables.stream().noneMatch(table::means)) {
                if (diagnostics.isStored(table)) {
                    notInFrom(table, around, diagnostics);
                    return;
                }
                if (needsLateral(name, table, diagnostics)) return;
                List<String> owners = Once.each(around.stream().filter(slot -> name.column().means(slot.name()))
                        .flatMap(slot -> slot.table().stream()));
                QueryFault.NotThere missing = new QueryFault.NotThere(Thing.TABLE_IN_FROM, table.text(),
                        Optional.empty(), tables, Optional.empty());
                // A column with a dot for a comma behind it is no table that is misspelt.
                if (around.stream().anyMatch(slot -> table.means(slot.name()))) diagnostics.refuse(table, missing);
                else diagnostics.notThere(table, missing, owners.isEmpty() ? tables : owners);
                return;
            }
        }
        List<String> columns = around.stream()
                .filter(slot -> name.table().isEmpty() || slot.table().map(name.table().get()::means).orElse(false))
                .map(BoundColumn::name).distinct().toList();
        boolean maybeText = name.table().isEmpty() && !columns.isEmpty() && Nearest.to(column, columns).isEmpty()
                && diagnostics.isCompared(name);
        if (name.table().isEmpty() && Functions.isNamed(column)) {
            diagnostics.refuse(name, new QueryFault.FunctionAlone(column.toUpperCase(Locale.ROOT)),
                    column.equalsIgnoreCase("COUNT") ? new Fix[] {diagnostics.fix().after(name, "(*)")} : new Fix[0]);
            return;
        }
        if (name.table().isEmpty() && Functions.NOW.contains(column.toUpperCase(Locale.ROOT))) {
            diagnostics.refuse(name, new QueryFault.NoNow(column));
            return;
        }
        if (name.table().isEmpty() && diagnostics.isStored(name.column())
                && columns.stream().noneMatch(one -> one.equalsIgnoreCase(column))) {
            diagnostics.refuse(name, new QueryFault.TableAsColumn(column));
            return;
        }
        Optional<String> elsewhere = name.table().isPresent() || Nearest.to(column, columns).isPresent()
                ? Optional.empty() : diagnostics.tableWith(name.column());
        if (elsewhere.isPresent() && !around.isEmpty())
            diagnostics.refuse(name, new QueryFault.ColumnNotInFrom(column, elsewhere.get()));
        else if (maybeText) diagnostics.refuse(name, new QueryFault.MaybeText(column, columns),
                diagnostics.fix().instead(name, Value.of(column).sql()));
        else diagnostics.notThere(name.column(), new QueryFault.NotThere(Thing.COLUMN, column,
                name.table().map(Name::text), columns, Optional.empty()));
    }

    /** A table that stands in FROM beside the query that names it: that could see it if it were lateral. */
    private static boolean needsLateral(ColumnName name, Name table, Diagnostics diagnostics) {
        Optional<FromItem.DerivedTable> within = diagnostics.script().parts(FromItem.DerivedTable.class).stream()
                .filter(query -> !query.lateral() && diagnostics.script().stretch(query)
                        .filter(all -> diagnostics.script().stretch(name).filter(all::covers).isPresent()).isPresent())
                .findFirst();
        boolean beside = diagnostics.script().parts(FromItem.NamedTable.class).stream()
                .anyMatch(item -> table.means(item.alias().orElse(item.table()).text()));
        if (within.isEmpty() || !beside) return false;
        diagnostics.refuse(table, new QueryFault.NeedsLateral(table.text()),
                diagnostics.fix().before(within.get(), "LATERAL "));
        return true;
    }

    /** A table that is there: under another name, or not in FROM. No other table is offered in its place. */
    private static void notInFrom(Name table, List<BoundColumn> around, Diagnostics diagnostics) {
        List<String> called = Once.each(around.stream()
                .filter(slot -> slot.column().origins().stream().anyMatch(origin -> table.means(origin.table())))
                .flatMap(slot -> slot.table().stream()));
        Optional<String> only = called.size() == 1 ? Optional.of(called.getFirst()) : Optional.empty();
        diagnostics.refuse(table, new QueryFault.TableNotInFrom(table.text(), only), only
                .map(name -> diagnostics.fix().instead(table, new SqlName(name).text())).stream().toArray(Fix[]::new));
    }
}
