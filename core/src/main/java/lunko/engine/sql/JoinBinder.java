package lunko.engine.sql;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Equality;
import lunko.engine.Join;
import lunko.engine.JoinCondition;
import lunko.engine.Joined;
import lunko.engine.Matching;
import lunko.engine.Stage;
import lunko.problem.QueryFault.JoinSide;
import lunko.problem.QueryFault.Named;
import lunko.problem.QueryFault;
import lunko.problem.QueryNote;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.SqlName;
import lunko.query.sql.Expression;
import lunko.query.sql.Fix;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.SqlWriter;

/** Binds one join of a FROM clause; its two sides are bound. */
final class JoinBinder {
    private final FromBinder from;
    private final QueryBinder queries;
    private final Diagnostics diagnostics;
    private final FromItem.JoinedTable joined;
    private final BoundFrom left;
    private final BoundFrom right;

    JoinBinder(FromBinder from, FromItem.JoinedTable joined, BoundFrom left, BoundFrom right) {
        this.from = from;
        this.queries = from.queries();
        this.diagnostics = queries.diagnostics();
        this.joined = joined;
        this.left = left;
        this.right = right;
    }

    /** Binds the join. */
    BoundFrom bind() {
        return switch (joined.specification()) {
            case JoinSpecification.Nothing _ -> {
                if (joined.kind().compares()) refuseWithoutOn();
                yield together(List.of(), joined(List.of(), slots(), _ -> JoinCondition.ofEqual(List.of()), List::of));
            }
            case JoinSpecification.On(Expression condition) -> {
                Scope scope = from.scope(FromBinder.both(left.slots(), right.slots()));
                ExpressionBinder binder = new OnBinder(queries, scope, diagnostics, condition, from.items());
                if (!refuseUnsaid(condition)) binder.condition(condition);
                noteUndone(condition, scope);
                List<Equality> equal = FromBinder.equalities(condition, left.slots(), right.slots());
                List<Expression> more = condition.conjuncts().stream()
                        .filter(each -> FromBinder.equalities(each, left.slots(), right.slots()).isEmpty()).toList();
                Optional<ResidualCondition> bound = more.isEmpty() ? Optional.empty()
                        : Optional.of(new ResidualCondition(Expression.all(more), binder));
                BoundFrom joined = joined(List.of(), slots(), env -> new JoinCondition(equal,
                        bound.map(b -> b.between((l, r) -> env.within(FromBinder.both(l, r)))), Optional.empty()),
                        binder.asides());
                yield more.isEmpty() ? together(equal, joined) : joined;
            }
            case JoinSpecification.Using(List<Name> names) -> {
                refuseTwice(names);
                yield merged(names.stream().flatMap(name -> both(name).stream()).toList());
            }
            case JoinSpecification.Natural _ -> natural();
        };
    }

    /** Both sides, of which only rows come together that are equal in some columns: in whatever order. */
    private BoundFrom together(List<Equality> equal, BoundFrom made) {
        boolean inner = joined.kind() == JoinKind.INNER || joined.kind() == JoinKind.CROSS;
        return !inner ? made : new BoundFrom(made.slots(), made.stage(),
                Optional.of(left.inner(joined.left()).with(right.inner(joined.right()), equal)));
    }

    private void refuseTwice(List<Name> names) {
        for (int i = 1; i < names.size(); i++) {
            Name name = names.get(i);
            if (names.subList(0, i).stream().anyMatch(before -> before.means(name.text())))
                diagnostics.refuse(name, new QueryFault.UsingTwice(name.text()),
                        diagnostics.fix().without(names.get(i - 1), name));
        }
    }

    /** The equality in WHERE that says which rows of the two sides belong together, if one does. */
    private Optional<Expression> saidInWhere() {
        return from.where().stream().flatMap(where -> where.conjuncts().stream())
                .filter(each -> !FromBinder.equalities(each, left.slots(), right.slots()).isEmpty()).findFirst();
    }

    /** It taken out of WHERE and written behind the table that is joined. */
    private Fix fromWhere(Expression condition) {
        Expression where = from.where().orElseThrow();
        List<Expression> others = where.conjuncts().stream().filter(other -> other != condition).toList();
        SqlWriter writer = new SqlWriter();
        return others.isEmpty() ? diagnostics.fix().between(joined.right(), where, " ON ")
                : diagnostics.fix().after(joined.right(), " ON " + writer.expression(condition)).instead(where,
                        writer.expression(Expression.all(others)));
    }

    private void refuseWithoutOn() {
        Optional<Expression> said = saidInWhere();
        if (said.isPresent()) {
            diagnostics.refuse(joined.right(),
                    new QueryFault.OnStandsInWhere(new SqlWriter().expression(said.get())), fromWhere(said.get()));
            return;
        }
        Optional<QueryFault.Product> product = Optional.empty();
        if (!from.reachesOut() && diagnostics.problem().isEmpty()) {
            long l = left.stage().apply(Env.nothing()).rows().size();
            long r = right.stage().apply(Env.nothing()).rows().size();
            product = Optional.of(new QueryFault.Product(l, r));
        }
        diagnostics.refuse(joined.right(), new QueryFault.NoOn(product),
                Stream.concat(common().stream().map(pair -> diagnostics.fix().after(joined.right(), " ON "
                        + left.slots().get(pair.left()).sql() + " = " + right.slots().get(pair.right()).sql())),
                        Stream.of(crossed())).toArray(Fix[]::new));
    }

    /** A condition that names a column of both sides and not whose it is: alone, or on both sides of a comparison. */
    private boolean refuseUnsaid(Expression condition) {
        Optional<Name> name = switch (condition) {
            case Expression.ColumnName(Optional<Name> table, Name column) when table.isEmpty() -> Optional.of(column);
            case Expression.Comparison(var sign, Expression.ColumnName l, Expression.ColumnName r) when sign
                    == Expression.Comparator.EQUAL && l.equals(r) && l.table().isEmpty() ->
                Optional.of(l.column());
            default -> Optional.empty();
        };
        Optional<Expression> meant = name.filter(one -> meant(one, left).size() == 1 && meant(one, right).size() == 1)
                .map(one -> Expression.Comparison.equal(qualified(one, left), qualified(one, right)));
        meant.ifPresent(equal -> diagnostics.refuse(condition,
                new QueryFault.OnNamesNoTable(name.get().text(), new SqlWriter().expression(equal)),
                diagnostics.fix().instead(condition, new SqlWriter().expression(equal))));
        return meant.isPresent();
    }

    private static Expression.ColumnName qualified(Name column, BoundFrom side) {
        BoundColumn slot = side.slots().get(meant(column, side).getFirst());
        return new Expression.ColumnName(slot.table().map(Name::of), Name.of(slot.name()));
    }

    /** An outer join whose kept rows this join loses again, for they have NULL in a column that it compares. */
    private void noteUndone(Expression condition, Scope scope) {
        if (joined.kind().keeps(Side.LEFT) || !joined.kind().bringsPairs()) return;
        condition.conjuncts().stream().filter(Expression.Comparison.class::isInstance)
                .flatMap(comparison -> comparison.parts().stream()).filter(Expression.ColumnName.class::isInstance)
                .map(Expression.ColumnName.class::cast)
                .filter(name -> scope.meant(name).stream().anyMatch(at -> at < left.width()
                        && left.slots().get(at).padded().isPresent()))
                .findFirst().ifPresent(name -> diagnostics.note(joined.right(),
                        new QueryNote.JoinUndoesOuterJoin(new SqlWriter().expression(name)), keepingLeft()));
    }

    /** The same join, which keeps what is on its left as well. */
    private Fix keepingLeft() {
        JoinKind kind = joined.kind().keeps(Side.RIGHT) ? JoinKind.FULL_OUTER : JoinKind.LEFT_OUTER;
        return diagnostics.fix().instead(joined, new SqlWriter().table(
                new FromItem.JoinedTable(joined.left(), kind, joined.right(), joined.specification())));
    }

    private Fix crossed() {
        return diagnostics.fix().instead(joined, new SqlWriter().table(
                new FromItem.JoinedTable(joined.left(), JoinKind.CROSS, joined.right(),
                        new JoinSpecification.Nothing())));
    }

    /** The columns whose names both sides have, once each. */
    private List<Equality> common() {
        return left.slots().stream().filter(slot -> !slot.merged()).map(slot -> Name.of(slot.name()))
                .filter(name -> meant(name, left).size() == 1 && meant(name, right).size() == 1)
                .map(name -> new Equality(meant(name, left).getFirst(), meant(name, right).getFirst())).toList();
    }

    private static List<Integer> meant(Name column, BoundFrom from) {
        return new Scope(from.slots(), Optional.empty()).meant(Optional.empty(), column);
    }

    private BoundFrom joined(List<Equality> once, List<BoundColumn> slots, Function<Env, JoinCondition> on,
            Supplier<List<Stage>> asides) {
        return new BoundFrom(slots, env -> {
            JoinCondition condition = on.apply(env);
            Join join = new Join(joined.kind(), FromBinder.named(left.stage().apply(env), condition, Side.LEFT),
                    FromBinder.named(right.stage().apply(env), condition, Side.RIGHT), condition);
            // Only rows of one key share what they match; by another condition each pair takes its room.
            long most = condition.more().isEmpty() ? queries.mostRows(joined) : FromBinder.MOST;
            return from.counted(Joined.of(join, once, most, asides)
                    .orElseThrow(() -> diagnostics.tooManyRows(joined, FromBinder.MOST)), joined);
        });
    }

    /** The columns of both sides, each knowing whether the join keeps rows without its side. */
    private List<BoundColumn> slots() {
        return FromBinder.both(left.slots().stream().map(slot -> slot.padded(joined, Side.LEFT)).toList(),
                right.slots().stream().map(slot -> slot.padded(joined, Side.RIGHT)).toList());
    }

    private BoundFrom natural() {
        List<Equality> common = left.slots().stream().filter(slot -> !slot.merged())
                .map(slot -> Name.of(slot.name()))
                .filter(name -> !meant(name, right).isEmpty())
                .flatMap(name -> both(name).stream()).toList();
        List<String> names = common.stream().map(pair -> left.slots().get(pair.left()).name()).toList();
        if (names.isEmpty()) {
            diagnostics.note(joined.right(),
                    new QueryNote.NaturalWithoutColumns(),
                    crossed());
        } else if (names.size() > 1) {
            diagnostics.note(joined.right(),
                    new QueryNote.NaturalMatchesSeveral(names),
                    names.stream()
                            .map(name -> using(name)).toArray(Fix[]::new));
        }
        BoundFrom merged = merged(common);
        return common.size() != 1 ? merged : merged.then(env -> {
            Stage stage = merged.stage().apply(env);
            // NATURAL joins bring pairs, so what decided is all that match.
            if (stage instanceof Joined made)
                noteDoubtful(names.getFirst(), new Matching(made.decisions().pairs()));
            return stage;
        });
    }

    /**
     * Notes that the one column of NATURAL gives no row a match, or is no key on either side: then another is meant.
     */
    private void noteDoubtful(String column, Matching matching) {
        boolean anybody = matching.pairs().leftRows() > 0 && matching.pairs().rightRows() > 0;
        if (anybody && matching.tally().pairs() == 0) {
            diagnostics.note(joined.right(),
                    new QueryNote.NaturalMatchesNothing(column));
        } else if (matching.isManyToMany()) {
            diagnostics.note(joined.right(),
                    new QueryNote.NaturalByNoKey(column));
        }
    }

    private Fix using(String name) {
        return diagnostics.fix().instead(joined,
                new SqlWriter().table(new FromItem.JoinedTable(joined.left(), joined.kind(), joined.right(),
                        new JoinSpecification.Using(List.of(new Name(name, false))))));
    }

    /** The columns of USING and NATURAL come first and once, with the value of the side that has one. */
    private BoundFrom merged(List<Equality> common) {
        TypeRules types = new TypeRules(diagnostics);
        List<BoundColumn> slots = new ArrayList<>();
        for (Equality pair : common) {
            BoundColumn l = left.slots().get(pair.left());
            BoundColumn r = right.slots().get(pair.right());
            types.requireComparable(joined.right(), new Named.LeftColumn(l.name()), l.type(),
                    new Named.Written(r.name()), r.type());
            slots.add(BoundColumn.merged(new BoundQuery.Column(l.name(), TypeRules.wider(l.type(), r.type()),
                    origins(l, r))));
        }
        List<Integer> merged =
                common.stream().flatMap(pair -> Stream.of(pair.left(), left.width() + pair.right())).toList();
        slots.addAll(hidden(slots(), merged));
        return joined(common, slots, _ -> JoinCondition.ofEqual(common), List::of);
    }

    private static Set<Meanings.Origin> origins(BoundColumn left, BoundColumn right) {
        Set<Meanings.Origin> both = new HashSet<>(left.column().origins());
        both.addAll(right.column().origins());
        return both;
    }

    private static List<BoundColumn> hidden(List<BoundColumn> slots, List<Integer> merged) {
        return IntStream.range(0, slots.size())
                .mapToObj(i -> merged.contains(i) ? slots.get(i).mergedAway() : slots.get(i)).toList();
    }

    /** The one column of that name on either side of USING. */
    private Optional<Equality> both(Name name) {
        Optional<Integer> l = one(name, joined.left(), left);
        Optional<Integer> r = one(name, joined.right(), right);
        if (l.isEmpty() || r.isEmpty()) return Optional.empty();
        diagnostics.meanings().note(name, origins(left.slots().get(l.get()), right.slots().get(r.get())),
                Optional.empty());
        return Optional.of(new Equality(l.get(), r.get()));
    }

    private Optional<Integer> one(Name name, FromItem side, BoundFrom table) {
        List<Integer> meant = meant(name, table);
        if (meant.size() == 1) return Optional.of(meant.getFirst());
        List<String> names = table.slots().stream().filter(slot -> !slot.merged()).map(BoundColumn::name).toList();
        diagnostics.refuse(name, meant.isEmpty() ? new QueryFault.UsingMissing(name.text(), described(side))
                : new QueryFault.UsingAmbiguous(name.text(), described(side)),
                Nearest.to(name.text(), names).filter(_ -> meant.isEmpty()).stream()
                        .map(near -> diagnostics.fix().instead(name, new SqlName(near).text())).toArray(Fix[]::new));
        return Optional.empty();
    }

    private static JoinSide described(FromItem side) {
        return switch (side) {
            case FromItem.NamedTable(Name table, var _) -> new JoinSide.Called(table.text());
            case FromItem.DerivedTable(var _, var _, Optional<Name> alias, var _) ->
                alias.<JoinSide>map(name -> new JoinSide.Called(name.text())).orElseGet(JoinSide.Query::new);
            case FromItem.JoinedTable _ -> new JoinSide.Joined();
        };
    }
}
