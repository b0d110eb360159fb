package lunko.engine.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lunko.engine.Derived;
import lunko.engine.Equality;
import lunko.engine.Join;
import lunko.engine.JoinCondition;
import lunko.engine.Joined;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.problem.QueryFault;
import lunko.problem.SyntaxFault;
import lunko.problem.Unread;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.sql.Expression;
import lunko.query.sql.Fix;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.table.SameName;
import lunko.table.Table;

/** Binds the tables of one FROM clause. */
final class FromBinder {
    /** The most rows that a stage of a query may give. */
    static final long MOST = 2_000_000;
    /** Of the tables divided by commas, every row with every row is spelled out, up to so many. */
    private static final long MOST_SPELLED_OUT = 2_500;
    private static final BoundFrom NO_TABLE = new BoundFrom(List.of(),
            _ -> Source.of(Table.of("query", List.of(), List.of(List.of())), "", Set.of()));

    private final QueryBinder queries;
    private final Optional<Scope> outer;
    private final Diagnostics diagnostics;
    private final List<Scope> scopes = new ArrayList<>();
    private List<FromItem> all = List.of();
    private Optional<Expression> where = Optional.empty();
    private boolean queriesReachOut;

    FromBinder(QueryBinder queries, Optional<Scope> outer, Diagnostics diagnostics) {
        this.queries = queries;
        this.outer = outer;
        this.diagnostics = diagnostics;
    }

    /** Whether a condition or a query in this clause names a column of a query around it. */
    boolean reachesOut() {
        return queriesReachOut || scopes.stream().anyMatch(Scope::reachesOut);
    }

    /** The condition of the WHERE that stands behind the clause, if there is one. */
    Optional<Expression> where() {
        return where;
    }

    /**
     * The tables of a clause, divided by commas: every row with every row. If those are many, equalities of the WHERE
     * clause between two of the tables are used to leave out at once what it would throw away later.
     */
    BoundFrom all(List<FromItem> items, Optional<Expression> condition) {
        all = items;
        where = condition;
        if (items.isEmpty()) return NO_TABLE;
        if (items.stream().skip(1).anyMatch(FromBinder::isLateral)) return withLateral(items);
        return product(items, items.stream().map(this::bind).toList());
    }

    /** Tables of which some are asked anew for each row of those before them. */
    private BoundFrom withLateral(List<FromItem> items) {
        List<FromItem> before = new ArrayList<>();
        List<BoundFrom> tables = new ArrayList<>();
        for (FromItem item : items) {
            if (isLateral(item) && !tables.isEmpty()) {
                BoundFrom left =
                        tables.size() == 1 ? tables.getFirst() : product(List.copyOf(before), List.copyOf(tables));
                BoundFrom right = new LateralBinder(this, (FromItem.DerivedTable) item, left, outer).afterComma();
                tables.clear();
                tables.add(right);
                before.subList(1, before.size()).clear();
            } else {
                tables.add(bind(item));
                before.add(item);
            }
        }
        return tables.size() == 1 ? tables.getFirst() : product(before, tables);
    }

    private static boolean isLateral(FromItem item) {
        return item instanceof FromItem.DerivedTable derived && derived.lateral();
    }

    private BoundFrom product(List<FromItem> items, List<BoundFrom> tables) {
        List<BoundColumn> slots = tables.getFirst().slots();
        InnerJoins inner = tables.getFirst().inner(items.getFirst());
        for (int i = 1; i < tables.size(); i++) {
            requireNewNames(items.get(i), tables.subList(0, i), tables.get(i));
            slots = both(slots, tables.get(i).slots());
            inner = inner.with(tables.get(i).inner(items.get(i)), List.of());
        }
        List<Equality> ties = items.size() == 1 && inner.tables().size() < 3 ? List.of()
                : tiesOfWhere(new Scope(slots, Optional.empty()));
        List<List<Equality>> equal = eachWithThoseBefore(tables, ties);
        BoundFrom inText = new BoundFrom(slots,
                env -> product(items, tables.stream().map(table -> table.stage().apply(env)).toList(), equal));
        return inner.tables().size() < 3 ? inText
                : new ChainBinder(this, inner.tiedBy(ties)).bind(inText);
    }

    /** For each table but the first, by what it is tied to those before it. */
    private static List<List<Equality>> eachWithThoseBefore(List<BoundFrom> tables, List<Equality> ties) {
        List<List<Equality>> equal = new ArrayList<>();
        int before = tables.getFirst().width();
        for (BoundFrom table : tables.subList(1, tables.size())) {
            int first = before;
            int end = first + table.width();
            equal.add(ties.stream().filter(tie -> tie.left() < first && tie.right() >= first && tie.right() < end)
                    .map(tie -> new Equality(tie.left(), tie.right() - first)).toList());
            before = end;
        }
        return equal;
    }

    /** The columns that the WHERE wants to be equal, each of them meant by its name without doubt. */
    private List<Equality> tiesOfWhere(Scope all) {
        return where.map(Expression::conjuncts).orElse(List.of()).stream()
                .flatMap(each -> each.equalColumns().stream())
                .flatMap(columns -> tie(all.meant(columns.left()), all.meant(columns.right())).stream()).toList();
    }

    /** Two columns, the one that stands before the other in FROM on the left. */
    private static Optional<Equality> tie(List<Integer> one, List<Integer> other) {
        if (one.size() != 1 || other.size() != 1) return Optional.empty();
        return Optional.of(new Equality(Math.min(one.getFirst(), other.getFirst()),
                Math.max(one.getFirst(), other.getFirst())));
    }

    private Stage product(List<FromItem> items, List<Stage> tables, List<List<Equality>> equal) {
        double size = tables.stream().mapToDouble(table -> table.rows().size()).reduce(1, (a, b) -> a * b);
        Stage all = tables.getFirst();
        for (int i = 1; i < tables.size(); i++) {
            List<Equality> used = size <= MOST_SPELLED_OUT ? List.of() : equal.get(i - 1);
            Join join = new Join(used.isEmpty() ? JoinKind.CROSS : JoinKind.INNER, all, tables.get(i),
                    JoinCondition.ofEqual(used));
            FromItem item = items.get(i);
            all = counted(Joined.of(join, List.of(), MOST, List::of)
                    .orElseThrow(() -> diagnostics.tooManyRows(item, MOST)), item);
        }
        return all;
    }

    /** A stage whose rows are part of what is done for the statement; very many are made only as they are looked at. */
    Stage counted(Stage stage, Object part) {
        diagnostics.effort().take(stage.rows().size() > MOST ? 0 : stage.rows().size(), part);
        return stage;
    }

    private BoundFrom bind(FromItem item) {
        if (item instanceof FromItem.NamedTable(var _, Optional<Name> alias)) alias.ifPresent(this::refuseWordOfJoin);
        return named(item).remembered();
    }

    /** A word before JOIN that some databases have there, and that would be taken for an alias. */
    private void refuseWordOfJoin(Name alias) {
        if (alias.quoted()) return;
        if (alias.means("SELF")) diagnostics.refuse(alias, new SyntaxFault.NotRead(Unread.SELF_JOIN));
        if (alias.means("ASOF")) diagnostics.refuse(alias, new SyntaxFault.NotRead(Unread.ASOF));
        if (alias.means("SEMI") || alias.means("ANTI"))
            diagnostics.refuse(alias, new SyntaxFault.NotRead(Unread.SEMI_OR_ANTI));
    }

    private BoundFrom named(FromItem item) {
        return switch (item) {
            case FromItem.NamedTable(Name name, Optional<Name> alias) -> {
                Optional<BoundQuery> common = queries.named(name);
                queriesReachOut |= common.filter(query -> !query.alwaysTheSame()).isPresent();
                yield common.map(query -> derived(item, query, alias.orElse(name).text()))
                        .or(() -> queries.table(name).map(table -> table(table, name, alias))).orElse(NO_TABLE);
            }
            case FromItem.DerivedTable(boolean _, var query, Optional<Name> alias, List<Name> columns) -> {
                BoundQuery bound = queries.bind(query, outer);
                queriesReachOut |= !bound.alwaysTheSame();
                if (alias.isEmpty()) {
                    diagnostics.refuse(item,
                            new QueryFault.UnnamedQuery(),
                            diagnostics.fix().after(item, " AS q"));
                }
                String known = alias.map(Name::text).orElse("q");
                yield derived(item, queries.called(known, columns, bound), known);
            }
            case FromItem.JoinedTable joined -> join(joined);
        };
    }

    private BoundFrom derived(FromItem item, BoundQuery query, String known) {
        List<Stage.Heading> headings = query.columns().stream()
                .map(column -> new Stage.Heading(Optional.of(known), column.name(), column.type())).toList();
        return new BoundFrom(query.columns().stream().map(column -> BoundColumn.of(known, column)).toList(),
                env -> counted(new Derived(query.stage(env), known, headings), item));
    }

    private BoundFrom table(Table table, Name name, Optional<Name> alias) {
        String known = alias.map(Name::text).orElse(table.name());
        Source plain = Source.of(table, known, Set.of());
        // A query within speaks of its tables as the one around it does, unless both have the same.
        long named =
                outer.isPresent() ? diagnostics.tablesNamed(name)
                        : all.stream().mapToLong(from -> times(name, from)).sum();
        boolean isOneOfMany = alias.isPresent() && named > 1;
        Source source = isOneOfMany ? plain.withAlias() : plain;
        diagnostics.meanings().note(name, table.name());
        return new BoundFrom(BoundColumn.of(table, alias.map(Name::text)), _ -> counted(source, name));
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
        Set<String> known = before.stream().flatMap(from -> from.slots().stream())
                .flatMap(slot -> slot.table().stream()).collect(Collectors.toSet());
        for (BoundColumn slot : table.slots()) {
            if (slot.table().isPresent() && known.stream().anyMatch(other -> SameName.of(other, slot.table().get()))) {
                String name = slot.table().get();
                // Where something is said to be of that table, nobody knows of which of them.
                boolean used = diagnostics.script().parts(Expression.ColumnName.class).stream()
                        .anyMatch(column -> column.table().filter(owner -> owner.means(name)).isPresent());
                diagnostics.refuse(where, new QueryFault.SameName(name),
                        used ? new Fix[0] : new Fix[] {renamed(where)});
            }
        }
    }

    private Fix renamed(FromItem table) {
        return switch (table) {
            case FromItem.NamedTable(Name name, Optional<Name> alias) ->
                alias.map(known -> diagnostics.fix().instead(known, another(known)))
                        .orElseGet(() -> diagnostics.fix().after(table, " AS " + another(name)));
            case FromItem.DerivedTable(var _, var _, Optional<Name> alias, var _) ->
                diagnostics.fix().instead(alias.orElseThrow(), another(alias.get()));
            case FromItem.JoinedTable joined -> renamed(joined.right());
        };
    }

    private static String another(Name name) {
        return new Name(name.text() + "2", name.quoted()).sql();
    }

    private BoundFrom join(FromItem.JoinedTable joined) {
        BoundFrom left = bind(joined.left());
        if (isLateral(joined.right()))
            return new LateralBinder(this, (FromItem.DerivedTable) joined.right(), left, outer).joined(joined);
        BoundFrom right = bind(joined.right());
        requireNewNames(joined.right(), List.of(left), right);
        return new JoinBinder(this, joined, left, right).bind();
    }

    QueryBinder queries() {
        return queries;
    }

    /** The tables of the clause, as they are written. */
    List<FromItem> items() {
        return all;
    }

    /** A table that is joined, its rows called by other columns than those that it is joined by. */
    static Stage named(Stage stage, JoinCondition on, Side side) {
        return stage instanceof Source source && !on.equal().isEmpty()
                ? source.namedBeside(on.equal().stream().map(equality -> equality.on(side)).collect(Collectors.toSet()))
                : stage;
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

    /** What can be named of some columns, and around them. */
    Scope scope(List<BoundColumn> slots) {
        Scope scope = new Scope(slots, outer);
        scopes.add(scope);
        return scope;
    }

    static <T> List<T> both(List<T> first, List<T> second) {
        List<T> both = new ArrayList<>(first);
        both.addAll(second);
        return both;
    }
}
