package lunko.engine.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Equality;
import lunko.engine.Join;
import lunko.engine.Joined;
import lunko.engine.Matching;
import lunko.engine.Derived;
import lunko.engine.JoinCondition;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.SqlName;
import lunko.query.sql.Expression;
import lunko.query.sql.Fix;
import lunko.query.sql.FromItem;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.Name;
import lunko.query.sql.SqlWriter;
import lunko.table.Table;

/** Binds the tables of one FROM clause. */
final class FromBinder {
    /** The most rows that a stage of a query may give. */
    static final long MOST = 2_000_000;
    /** Of the tables divided by commas, every row with every row is spelled out, up to so many. */
    private static final long MOST_SPELLED_OUT = 2_500;
    private static final Table NOTHING = Table.of("the query", List.of(), List.of(List.of()));

    private final QueryBinder queries;
    private final Optional<Scope> outer;
    private final Places places;
    private final List<Scope> scopes = new ArrayList<>();
    private List<FromItem> all = List.of();
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
     * The tables of a clause, divided by commas: every row with every row. If those are many, equalities of the WHERE
     * clause between two of the tables are used to leave out at once what it would throw away later.
     */
    BoundFrom all(List<FromItem> items, Optional<Expression> where) {
        all = items;
        if (items.isEmpty()) return new BoundFrom(List.of(), _ -> Source.of(NOTHING, "", Set.of()));
        List<BoundFrom> tables = items.stream().map(this::bind).toList();
        List<BoundColumn> slots = tables.getFirst().slots();
        List<List<Equality>> equal = new ArrayList<>();
        for (int i = 1; i < tables.size(); i++) {
            requireNewNames(items.get(i), tables.subList(0, i), tables.get(i));
            List<BoundColumn> before = slots;
            List<BoundColumn> next = tables.get(i).slots();
            equal.add(where.map(condition -> equalities(condition, before, next)).orElse(List.of()));
            slots = both(before, next);
        }
        return new BoundFrom(slots,
                env -> product(items, tables.stream().map(table -> table.stage().apply(env)).toList(), equal));
    }

    private Stage product(List<FromItem> items, List<Stage> tables, List<List<Equality>> equal) {
        double size = tables.stream().mapToDouble(table -> table.rows().size()).reduce(1, (a, b) -> a * b);
        Stage all = tables.getFirst();
        for (int i = 1; i < tables.size(); i++) {
            List<Equality> used = size <= MOST_SPELLED_OUT ? List.of() : equal.get(i - 1);
            Join join = new Join(used.isEmpty() ? JoinKind.CROSS : JoinKind.INNER, all, tables.get(i),
                    JoinCondition.ofEqual(used));
            FromItem item = items.get(i);
            all = Joined.of(join, List.of(), MOST, List::of).orElseThrow(() -> tooMany(places, item));
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
                    throw places.refusal(item,
                            "A query in FROM needs a name: write AS and a name behind its parenthesis.",
                            places.fix().after(item, " AS q"));
                }
                yield new BoundFrom(bound.columns().stream()
                        .map(column -> BoundColumn.of(alias.get().text(), column.name(), column.type())).toList(),
                        env -> new Derived(bound.stage(env), alias.get().text()));
            }
            case FromItem.JoinedTable joined -> join(joined);
        };
    }

    private BoundFrom table(FromItem item, Name name, Optional<Name> alias) {
        Table table = queries.table(name);
        String known = alias.map(Name::text).orElse(table.name());
        Source plain = Source.of(table, known, Set.of());
        // A query within speaks of its tables as the one around it does, unless both have the same.
        long named =
                outer.isPresent() ? places.tablesNamed(name) : all.stream().mapToLong(from -> times(name, from)).sum();
        boolean isOneOfMany = alias.isPresent() && named > 1;
        Source source = isOneOfMany ? plain.withAlias() : plain;
        return new BoundFrom(table.columns().stream()
                .map(column -> BoundColumn.of(known, column.name(), Optional.of(column.type()))).toList(),
                _ -> source);
    }

    /** How many times a table of FROM is that of a name. */
    private static long times(Name name, FromItem item) {
        return switch (item) {
            case FromItem.NamedTable(Name table, var _) -> table.means(name.text()) ? 1 : 0;
            case FromItem.DerivedTable _ -> 0;
            case FromItem.JoinedTable joined -> times(name, joined.left()) + times(name, joined.right());
        };
    }

    private void requireNewNames(FromItem where, List<BoundFrom> before, BoundFrom table) {
        List<String> known =
                before.stream().flatMap(from -> from.slots().stream()).flatMap(slot -> slot.table().stream()).toList();
        for (BoundColumn slot : table.slots()) {
            if (slot.table().isPresent() && known.stream().anyMatch(slot.table().get()::equalsIgnoreCase)) {
                throw places.refusal(where, "Two tables in FROM are called " + slot.table().get()
                        + ": give one of them another name, as in " + slot.table().get() + " AS other.",
                        renamed(where));
            }
        }
    }

    private Fix renamed(FromItem table) {
        return switch (table) {
            case FromItem.NamedTable(Name name, Optional<Name> alias) ->
                alias.map(known -> places.fix().instead(known, another(known)))
                        .orElseGet(() -> places.fix().after(table, " AS " + another(name)));
            case FromItem.DerivedTable(var _, Optional<Name> alias) ->
                places.fix().instead(alias.orElseThrow(), another(alias.get()));
            case FromItem.JoinedTable joined -> renamed(joined.right());
        };
    }

    private static String another(Name name) {
        return new Name(name.text() + "2", name.quoted()).sql();
    }

    private BoundFrom join(FromItem.JoinedTable joined) {
        BoundFrom left = bind(joined.left());
        BoundFrom right = bind(joined.right());
        requireNewNames(joined.right(), List.of(left), right);
        return switch (joined.specification()) {
            case JoinSpecification.Nothing _ -> {
                if (joined.kind().compares()) throw withoutOn(joined, left, right);
                yield joined(joined, left, right, List.of(), slots(joined, left, right),
                        _ -> JoinCondition.ofEqual(List.of()), List::of);
            }
            case JoinSpecification.On(Expression condition) -> {
                Scope scope = scope(both(left.slots(), right.slots()));
                ExpressionBinder binder = new OnBinder(queries, scope, places, condition, all);
                binder.condition(condition);
                List<Equality> equal = equalities(condition, left.slots(), right.slots());
                List<Expression> more = condition.conjuncts().stream()
                        .filter(each -> equalities(each, left.slots(), right.slots()).isEmpty()).toList();
                Optional<ResidualCondition> bound = more.isEmpty() ? Optional.empty()
                        : Optional.of(new ResidualCondition(Expression.all(more), binder));
                yield joined(joined, left, right, List.of(), slots(joined, left, right), env -> new JoinCondition(equal,
                        bound.map(b -> b.between((l, r) -> env.within(both(l, r)))), Optional.empty()),
                        binder.asides());
            }
            case JoinSpecification.Using(List<Name> names) -> merged(joined, left, right,
                    names.stream()
                            .map(name -> new Equality(one(name, joined.left(), left), one(name, joined.right(), right)))
                            .toList());
            case JoinSpecification.Natural _ -> natural(joined, left, right);
        };
    }

    private Refusal withoutOn(FromItem.JoinedTable joined, BoundFrom left, BoundFrom right) {
        String rows = "";
        if (!reachesOut()) {
            long l = left.stage().apply(Env.nothing()).rows().size();
            long r = right.stage().apply(Env.nothing()).rows().size();
            rows = ", " + l + " × " + r + " = " + l * r + " rows";
        }
        return places.refusal(joined.right(), "This join has no ON, so every row would meet every row" + rows
                + ": write ON and the columns that belong together, or CROSS JOIN if that is meant.",
                Stream.concat(common(left, right).stream().map(pair -> places.fix().after(joined.right(), " ON "
                        + left.slots().get(pair.left()).sql() + " = " + right.slots().get(pair.right()).sql())),
                        Stream.of(crossed(joined))).toArray(Fix[]::new));
    }

    private Fix crossed(FromItem.JoinedTable joined) {
        return places.fix().instead(joined, new SqlWriter().table(
                new FromItem.JoinedTable(joined.left(), JoinKind.CROSS, joined.right(),
                        new JoinSpecification.Nothing())));
    }

    /** The columns whose names both sides have, once each. */
    private static List<Equality> common(BoundFrom left, BoundFrom right) {
        return left.slots().stream().filter(slot -> !slot.merged()).map(slot -> new Name(slot.name(), true))
                .filter(name -> meant(name, left).size() == 1 && meant(name, right).size() == 1)
                .map(name -> new Equality(meant(name, left).getFirst(), meant(name, right).getFirst())).toList();
    }

    private static List<Integer> meant(Name column, BoundFrom from) {
        return new Scope(from.slots(), Optional.empty()).meant(Optional.empty(), column);
    }

    private BoundFrom joined(FromItem.JoinedTable joined, BoundFrom left, BoundFrom right, List<Equality> once,
            List<BoundColumn> slots,
            Function<Env, JoinCondition> on, Supplier<List<Stage>> asides) {
        return new BoundFrom(slots, env -> {
            JoinCondition condition = on.apply(env);
            Join join = new Join(joined.kind(), named(left.stage().apply(env), condition, Side.LEFT),
                    named(right.stage().apply(env), condition, Side.RIGHT), condition);
            // Only rows of one key share what they match; by another condition each pair takes its room.
            long most = condition.more().isEmpty() ? queries.mostRows(joined) : MOST;
            return Joined.of(join, once, most, asides).orElseThrow(() -> tooMany(places, joined));
        });
    }

    /** A table that is joined, its rows called by other columns than those that it is joined by. */
    static Stage named(Stage stage, JoinCondition on, Side side) {
        return stage instanceof Source source && !on.equal().isEmpty()
                ? source.namedBeside(on.equal().stream().map(equality -> equality.on(side)).collect(Collectors.toSet()))
                : stage;
    }

    /** The columns of both sides, each knowing whether the join keeps rows without its side. */
    private static List<BoundColumn> slots(FromItem.JoinedTable joined, BoundFrom left, BoundFrom right) {
        return both(left.slots().stream().map(slot -> slot.padded(joined, Side.LEFT)).toList(),
                right.slots().stream().map(slot -> slot.padded(joined, Side.RIGHT)).toList());
    }

    private BoundFrom natural(FromItem.JoinedTable joined, BoundFrom left, BoundFrom right) {
        List<Equality> common = left.slots().stream().filter(slot -> !slot.merged())
                .map(slot -> new Name(slot.name(), true))
                .filter(name -> !meant(name, right).isEmpty())
                .map(name -> new Equality(one(name, joined.left(), left), one(name, joined.right(), right))).toList();
        List<String> names = common.stream().map(pair -> left.slots().get(pair.left()).name()).toList();
        if (names.isEmpty()) {
            places.note(joined.right(),
                    "The two tables have no column name in common, so NATURAL matches nothing and every row"
                            + " meets every row: write ON and the columns that belong together.",
                    crossed(joined));
        } else if (names.size() > 1) {
            places.note(joined.right(),
                    "NATURAL matches all columns that both tables have, here " + String.join(", ", names)
                            + ": if not all of them are meant, write USING and those that are.",
                    names.stream()
                            .map(name -> using(joined, name)).toArray(Fix[]::new));
        }
        BoundFrom merged = merged(joined, left, right, common);
        return common.size() != 1 ? merged : merged.then(env -> {
            Stage stage = merged.stage().apply(env);
            // NATURAL joins bring pairs, so what decided is all that match.
            if (stage instanceof Joined made)
                noteDoubtful(joined, names.getFirst(), new Matching(made.decisions().pairs()));
            return stage;
        });
    }

    /** Notes that the one column of NATURAL makes no partners, or is no key on either side: then another is meant. */
    private void noteDoubtful(FromItem.JoinedTable joined, String column, Matching matching) {
        boolean anybody = matching.pairs().leftRows() > 0 && matching.pairs().rightRows() > 0;
        String otherwise = ": if other columns belong together, write ON and those.";
        if (anybody && matching.tally().pairs() == 0) {
            places.note(joined.right(), "NATURAL matches " + column + ", and by that no row has a partner" + otherwise);
        } else if (matching.isManyToMany()) {
            places.note(joined.right(),
                    "NATURAL matches " + column + ", which has the same value more than once on both sides and so is"
                            + " no key" + otherwise);
        }
    }

    private Fix using(FromItem.JoinedTable joined, String name) {
        return places.fix().instead(joined,
                new SqlWriter().table(new FromItem.JoinedTable(joined.left(), joined.kind(), joined.right(),
                        new JoinSpecification.Using(List.of(new Name(name, false))))));
    }

    /** The columns of USING and NATURAL come first and once, with the value of the side that has one. */
    private BoundFrom merged(FromItem.JoinedTable joined, BoundFrom left, BoundFrom right, List<Equality> common) {
        TypeRules types = new TypeRules(places);
        List<BoundColumn> slots = new ArrayList<>();
        for (Equality pair : common) {
            BoundColumn l = left.slots().get(pair.left());
            BoundColumn r = right.slots().get(pair.right());
            types.requireComparable(joined.right(), l.name() + " on the left", l.type(), r.name(), r.type());
            slots.add(
                    new BoundColumn(Optional.empty(), l.name(), TypeRules.wider(l.type(), r.type()), false,
                            Optional.empty()));
        }
        List<Integer> merged =
                common.stream().flatMap(pair -> Stream.of(pair.left(), left.width() + pair.right())).toList();
        slots.addAll(hidden(slots(joined, left, right), merged));
        return joined(joined, left, right, common, slots, _ -> JoinCondition.ofEqual(common), List::of);
    }

    private static List<BoundColumn> hidden(List<BoundColumn> slots, List<Integer> merged) {
        return IntStream.range(0, slots.size())
                .mapToObj(i -> merged.contains(i) ? slots.get(i).mergedAway() : slots.get(i)).toList();
    }

    /** The one column of that name on a side of USING. */
    private int one(Name name, FromItem side, BoundFrom table) {
        List<Integer> meant = meant(name, table);
        if (meant.size() == 1) return meant.getFirst();
        List<String> names = table.slots().stream().filter(slot -> !slot.merged()).map(BoundColumn::name).toList();
        throw places.refusal(name, meant.isEmpty()
                ? "USING wants a column on both sides, and there is no " + name.text() + " in " + described(side)
                        + ": match columns of different names with ON."
                : name.text() + " is there more than once in " + described(side) + ": write ON instead.",
                Nearest.to(name.text(), names).filter(_ -> meant.isEmpty()).stream()
                        .map(near -> places.fix().instead(name, new SqlName(near).text())).toArray(Fix[]::new));
    }

    private static String described(FromItem side) {
        return switch (side) {
            case FromItem.NamedTable(Name table, var _) -> table.text();
            case FromItem.DerivedTable(var _, Optional<Name> alias) -> alias.map(Name::text).orElse("the query");
            case FromItem.JoinedTable _ -> "the tables joined before";
        };
    }

    /** The equalities between a left and a right column that must all hold for a condition to be true. */
    static List<Equality> equalities(Expression condition, List<BoundColumn> left, List<BoundColumn> right) {
        return condition.conjuncts().stream().flatMap(conjunct -> conjunct.equalColumns().stream())
                .flatMap(equal -> equality(equal.left(), equal.right(), left, right)
                        .or(() -> equality(equal.right(), equal.left(), left, right)).stream())
                .toList();
    }

    private static Optional<Equality> equality(Expression.ColumnName a, Expression.ColumnName b, List<BoundColumn> left,
            List<BoundColumn> right) {
        List<Integer> l = meant(a, left);
        List<Integer> r = meant(b, right);
        boolean clear = l.size() == 1 && r.size() == 1 && meant(a, right).isEmpty() && meant(b, left).isEmpty();
        return clear ? Optional.of(new Equality(l.getFirst(), r.getFirst())) : Optional.empty();
    }

    private static List<Integer> meant(Expression.ColumnName column, List<BoundColumn> slots) {
        return new Scope(slots, Optional.empty()).meant(column.table(), column.column());
    }

    private Scope scope(List<BoundColumn> slots) {
        Scope scope = new Scope(slots, outer);
        scopes.add(scope);
        return scope;
    }

    static Refusal tooMany(Places places, Object where) {
        return places.refusal(where, "This would give more than " + String.format(Locale.ROOT, "%,d", MOST)
                + " rows: join with a condition, or take fewer rows.");
    }

    private static <T> List<T> both(List<T> first, List<T> second) {
        List<T> both = new ArrayList<>(first);
        both.addAll(second);
        return both;
    }
}
