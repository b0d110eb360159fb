package lunko.engine.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.sql.Rows.Equal;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.Name;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Truth;
import lunko.table.Value;

/** Binds the tables of one FROM clause. */
final class FromBinder {
    private final QueryBinder queries;
    private final Optional<Scope> outer;
    private final Places places;
    private final List<Scope> scopes = new ArrayList<>();
    private boolean queriesReachOut;

    FromBinder(QueryBinder queries, Optional<Scope> outer, Places places) {
        this.queries = queries;
        this.outer = outer;
        this.places = places;
    }

    /** Whether a condition or a query in this clause names a column of a query around it. */
    boolean reachesOut() {
        return queriesReachOut || scopes.stream().anyMatch(Scope::reachesOut);
    }

    /**
     * The tables of a clause, divided by commas: every row with every row. Equalities of the WHERE clause between two
     * of them are used to leave out at once what it would throw away later.
     */
    BoundFrom all(List<FromItem> items, Optional<Expression> where) {
        if (items.isEmpty()) return new BoundFrom(List.of(), _ -> List.of(List.of()));
        List<BoundFrom> tables = items.stream().map(this::bind).toList();
        for (int i = 0; i < items.size(); i++) requireNewNames(items.get(i), tables.subList(0, i), tables.get(i));
        BoundFrom all = tables.getFirst();
        for (int i = 1; i < tables.size(); i++) {
            BoundFrom left = all;
            BoundFrom right = tables.get(i);
            List<Slot> slots = both(left.slots(), right.slots());
            List<Equal> equal = where.map(condition -> equalities(condition, left, right)).orElse(List.of());
            FromItem item = items.get(i);
            all = new BoundFrom(slots, env -> Rows.join(left.rows().apply(env), left.width(), right.rows().apply(env),
                    right.width(), JoinKind.CROSS, equal, (_, _) -> true, tooMany(item)));
        }
        return all;
    }

    private BoundFrom bind(FromItem item) {
        return switch (item) {
            case FromItem.NamedTable(Name name, Optional<Name> alias) -> table(item, name, alias);
            case FromItem.DerivedTable(var query, Optional<Name> alias) -> {
                BoundQuery bound = queries.bind(query, outer);
                queriesReachOut |= !bound.alwaysTheSame();
                if (alias.isEmpty()) {
                    throw places.refusal(item, "A query in FROM needs a name: write AS and a name behind its parenthesis.");
                }
                yield new BoundFrom(bound.columns().stream()
                        .map(column -> Slot.of(alias.get().text(), column.name(), column.type())).toList(), bound::rows);
            }
            case FromItem.Joined joined -> join(joined);
        };
    }

    private BoundFrom table(FromItem item, Name name, Optional<Name> alias) {
        Table table = queries.table(item, name);
        String known = alias.map(Name::text).orElse(table.name());
        List<List<Value>> rows = table.rows().stream().map(Row::values).toList();
        return new BoundFrom(table.columns().stream()
                .map(column -> Slot.of(known, column.name(), Optional.of(column.type()))).toList(),
                _ -> rows);
    }

    private void requireNewNames(Object where, List<BoundFrom> before, BoundFrom table) {
        List<String> known = before.stream().flatMap(from -> from.slots().stream()).flatMap(slot -> slot.table().stream()).toList();
        for (Slot slot : table.slots()) {
            if (slot.table().isPresent() && known.stream().anyMatch(slot.table().get()::equalsIgnoreCase)) {
                throw places.refusal(where, "Two tables in FROM are called " + slot.table().get()
                        + ": give one of them another name, as in " + slot.table().get() + " AS other.");
            }
        }
    }

    private BoundFrom join(FromItem.Joined joined) {
        BoundFrom left = bind(joined.left());
        BoundFrom right = bind(joined.right());
        requireNewNames(joined.right(), List.of(left), right);
        return switch (joined.specification()) {
            case JoinSpecification.Nothing _ -> {
                if (joined.kind().compares()) throw withoutOn(joined);
                yield joined(joined, left, right, List.of(), _ -> (_, _) -> true);
            }
            case JoinSpecification.On(Expression condition) -> {
                List<Slot> slots = both(left.slots(), right.slots());
                Scope scope = scope(slots);
                Bound bound = new ExpressionBinder(queries, scope, places).condition(condition);
                yield joined(joined, left, right, equalities(condition, left, right),
                        env -> (l, r) -> bound.truthIn(env.within(Rows.both(l, r))) == Truth.TRUE);
            }
            case JoinSpecification.Using(List<Name> names) -> merged(joined, left, right, names.stream()
                    .map(name -> new Equal(one(name, joined.left(), left), one(name, joined.right(), right))).toList());
            case JoinSpecification.Natural _ -> natural(joined, left, right);
        };
    }

    private Refusal withoutOn(FromItem.Joined joined) {
        String rows = "";
        if (joined.left() instanceof FromItem.NamedTable(Name left, var _)
                && joined.right() instanceof FromItem.NamedTable(Name right, var _)) {
            long l = queries.table(joined.left(), left).rows().size();
            long r = queries.table(joined.right(), right).rows().size();
            rows = ", " + l + " × " + r + " = " + l * r + " rows";
        }
        return places.refusal(joined.right(), "This join has no ON, so every row would meet every row" + rows
                + ": write ON and the columns that belong together, or CROSS JOIN if that is meant.");
    }

    private BoundFrom joined(FromItem.Joined joined, BoundFrom left, BoundFrom right, List<Equal> equal,
                             Function<Env, BiPredicate<List<Value>, List<Value>>> condition) {
        List<Slot> slots = both(left.slots().stream().map(slot -> slot.padded(joined.kind().keeps(Side.RIGHT))).toList(),
                right.slots().stream().map(slot -> slot.padded(joined.kind().keeps(Side.LEFT))).toList());
        return new BoundFrom(slots, env -> Rows.join(left.rows().apply(env), left.width(),
                right.rows().apply(env), right.width(), joined.kind(), equal, condition.apply(env), tooMany(joined)));
    }

    private BoundFrom natural(FromItem.Joined joined, BoundFrom left, BoundFrom right) {
        List<Equal> common = new ArrayList<>();
        for (Slot slot : left.slots()) {
            Name name = new Name(slot.name(), true);
            boolean inBoth = !slot.merged() && right.slots().stream().anyMatch(s -> !s.merged() && name.means(s.name()));
            if (inBoth) common.add(new Equal(one(name, joined.left(), left), one(name, joined.right(), right)));
        }
        List<String> names = common.stream().map(pair -> left.slots().get(pair.left()).name()).toList();
        if (names.isEmpty()) {
            places.note(joined.right(), "The two tables have no column name in common, so NATURAL matches nothing and every row"
                    + " meets every row: write ON and the columns that belong together.");
        } else if (names.size() > 1) {
            places.note(joined.right(), "NATURAL matches all columns that both tables have, here " + String.join(", ", names)
                    + ": if not all of them are meant, write USING and those that are.");
        }
        return merged(joined, left, right, common);
    }

    /** The columns of USING and NATURAL come first and once, with the value of the side that has one. */
    private BoundFrom merged(FromItem.Joined joined, BoundFrom left, BoundFrom right, List<Equal> common) {
        ExpressionBinder types = new ExpressionBinder(queries, scope(List.of()), places);
        List<Slot> slots = new ArrayList<>();
        for (Equal pair : common) {
            Slot l = left.slots().get(pair.left());
            Slot r = right.slots().get(pair.right());
            types.requireComparable(joined.right(), l.name() + " on the left", l.type(), r.name(), r.type());
            slots.add(new Slot(Optional.empty(), l.name(), ExpressionBinder.wider(l.type(), r.type()), false, false));
        }
        List<Integer> merged = common.stream().flatMap(pair ->
                Stream.of(pair.left(), left.width() + pair.right())).toList();
        BoundFrom plain = joined(joined, left, right, common, _ -> (_, _) -> true);
        slots.addAll(hidden(plain.slots(), merged));
        return new BoundFrom(slots, env -> plain.rows().apply(env).stream().map(row -> {
            List<Value> first = new ArrayList<>();
            for (Equal pair : common) {
                Value value = row.get(pair.left());
                first.add(value.isNull() ? row.get(left.width() + pair.right()) : value);
            }
            return Rows.both(first, row);
        }).toList());
    }

    private static List<Slot> hidden(List<Slot> slots, List<Integer> merged) {
        return IntStream.range(0, slots.size())
                .mapToObj(i -> merged.contains(i) ? slots.get(i).mergedAway() : slots.get(i)).toList();
    }

    /** The one column of that name on a side of USING. */
    private int one(Name name, FromItem side, BoundFrom table) {
        List<Integer> meant = new Scope(table.slots(), Optional.empty()).meant(Optional.empty(), name);
        if (meant.size() == 1) return meant.getFirst();
        throw places.refusal(name, meant.isEmpty()
                ? "USING wants a column on both sides, and there is no " + name.text() + " in " + described(side) + ": match columns of different names with ON."
                : name.text() + " is there more than once in " + described(side) + ": write ON instead.");
    }

    private static String described(FromItem side) {
        return switch (side) {
            case FromItem.NamedTable(Name table, var _) -> table.text();
            case FromItem.DerivedTable(var _, Optional<Name> alias) -> alias.map(Name::text).orElse("the query");
            case FromItem.Joined _ -> "the tables joined before";
        };
    }

    /** The equalities between a left and a right column that must all hold for a condition to be true. */
    private List<Equal> equalities(Expression condition, BoundFrom left, BoundFrom right) {
        return switch (condition) {
            case Expression.And(Expression first, Expression second) ->
                    both(equalities(first, left, right), equalities(second, left, right));
            case Expression.Comparison(Expression.Comparator comparator, Expression.ColumnName a, Expression.ColumnName b)
                    when comparator == Expression.Comparator.EQUAL -> equality(a, b, left, right)
                    .or(() -> equality(b, a, left, right)).map(List::of).orElse(List.of());
            default -> List.of();
        };
    }

    private Optional<Equal> equality(Expression.ColumnName a, Expression.ColumnName b, BoundFrom left, BoundFrom right) {
        List<Integer> l = meant(a, left);
        List<Integer> r = meant(b, right);
        boolean clear = l.size() == 1 && r.size() == 1 && meant(a, right).isEmpty() && meant(b, left).isEmpty();
        return clear ? Optional.of(new Equal(l.getFirst(), r.getFirst())) : Optional.empty();
    }

    private static List<Integer> meant(Expression.ColumnName column, BoundFrom from) {
        return new Scope(from.slots(), Optional.empty()).meant(column.table(), column.column());
    }

    private Scope scope(List<Slot> slots) {
        Scope scope = new Scope(slots, outer);
        scopes.add(scope);
        return scope;
    }

    private Refusal tooMany(Object where) {
        return places.refusal(where, "This would give more than " + String.format(Locale.ROOT, "%,d", Rows.MOST)
                + " rows: join with a condition, or take fewer rows.");
    }

    private static <T> List<T> both(List<T> first, List<T> second) {
        List<T> both = new ArrayList<>(first);
        both.addAll(second);
        return both;
    }
}
