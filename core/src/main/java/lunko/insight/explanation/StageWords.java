package lunko.insight.explanation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.engine.Aggregation;
import lunko.engine.Derived;
import lunko.engine.Distinct;
import lunko.engine.Filter;
import lunko.engine.Join;
import lunko.engine.Joined;
import lunko.engine.Limit;
import lunko.engine.Ordering;
import lunko.engine.Projection;
import lunko.engine.Rearranged;
import lunko.engine.Recursion;
import lunko.engine.SetOperation;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.engine.UnaryStage;
import lunko.problem.Stretch;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.sql.Clause;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.Script;
import lunko.query.sql.Statement;
import lunko.steps.MatchFrame;
import lunko.steps.MatchTimeline;
import lunko.steps.Part;
import lunko.steps.PartFrame;
import lunko.steps.ResultPart;
import lunko.steps.RowTimeline;
import lunko.steps.StageKind;
import lunko.steps.Step;
import lunko.steps.Timeline;
import lunko.table.SameName;
import lunko.table.Truth;

/** Which words of a query's text each of its stages comes from. */
public final class StageWords {

    /** The words of a join: what it is called, and its condition. */
    private record OfJoin(List<Stretch> words, List<Stretch> condition, List<Expression> conjuncts) {}

    private final Script script;
    private final Map<Object, OfJoin> joins = new IdentityHashMap<>();
    private final Map<Stage, List<Stretch>> stages = new IdentityHashMap<>();
    /** The queries that WITH has given names to. */
    private final Map<String, QueryExpression> named = new HashMap<>();

    private StageWords(Script script) {
        this.script = script;
    }

    /** The words of a query that has been gone through in these steps. */
    public static StageWords of(Script script, Statement.Query query, Timeline timeline) {
        StageWords words = new StageWords(script);
        words.query(query.query(), timeline.result());
        return words;
    }

    /** A full join without its pairs: what takes them away belongs to the join as well. */
    private void withoutPairs(Join join, QueryBody.Select select) {
        script.stretch(select, Clause.WHERE).ifPresent(where -> joins.computeIfPresent(join,
                (_, was) -> new OfJoin(plus(was.words(), where), was.condition(), was.conjuncts())));
    }

    private static List<Stretch> plus(List<Stretch> some, Stretch more) {
        return Stream.concat(some.stream(), Stream.of(more)).toList();
    }

    private void asked(Join join, Expression where) {
        Expression bare = where instanceof Expression.Not(Expression of) ? of : where;
        List<Stretch> whole = script.stretch(where).stream().toList();
        List<Expression> within = bare instanceof Expression.Exists(QueryExpression inner)
                && inner.body() instanceof QueryBody.Select select
                        ? select.where().map(Expression::conjuncts).orElse(List.of()) : List.of();
        List<Stretch> condition = bare instanceof Expression.Exists(QueryExpression inner)
                && inner.body() instanceof QueryBody.Select select
                        ? select.where().flatMap(script::stretch).stream().toList() : whole;
        joins.put(join, new OfJoin(whole, condition.isEmpty() ? whole : condition, within));
    }

    private void note(Join join, FromItem.JoinedTable item) {
        List<Stretch> words = script.words(item, Clause.JOIN).stream().toList();
        List<Stretch> condition = script.stretch(item, Clause.SPECIFICATION).stream().toList();
        joins.put(join,
                new OfJoin(words, condition,
                        item.specification() instanceof FromItem.JoinSpecification.On(Expression on) ? on.conjuncts()
                                : List.of()));
    }

    private void query(QueryExpression query, Stage result) {
        query.with().forEach(common -> named.put(SameName.key(common.name().text()), common.query()));
        Stage stage = result;
        if (stage instanceof Limit cut) {
            put(cut, Stream.of(Clause.OFFSET, Clause.LIMIT).flatMap(clause -> script.stretch(query, clause).stream())
                    .toList());
            stage = cut.input();
        }
        if (stage instanceof Ordering sorted) {
            put(sorted, script.stretch(query, Clause.ORDER_BY).stream().toList());
            stage = sorted.input();
        }
        body(query.body(), stage);
    }

    private void body(QueryBody body, Stage stage) {
        switch (body) {
            case QueryBody.Nested(QueryExpression query) -> query(query, stage);
            case QueryBody.Compound operation when stage instanceof SetOperation combined -> {
                between(operation).ifPresent(word -> put(combined, List.of(word)));
                body(operation.left(), combined.inputs().get(0));
                body(operation.right(), combined.inputs().get(1));
            }
            case QueryBody.Compound operation when stage instanceof Recursion rounds -> {
                between(operation).ifPresent(word -> put(rounds, List.of(word)));
                body(operation.left(), rounds.inputs().getFirst());
                rounds.inputs().stream().skip(1).forEach(round -> body(operation.right(), round));
            }
            case QueryBody.Compound _,QueryBody.Values _ -> {}
            case QueryBody.Select select -> select(select, stage);
        }
    }

    /** The word between two queries. */
    private Optional<Stretch> between(QueryBody.Compound operation) {
        return script.stretch(operation.left()).flatMap(
                left -> script.stretch(operation.right()).map(right -> new Stretch(left.end(), right.start())))
                .map(this::trimmed);
    }

    private Stretch trimmed(Stretch there) {
        String words = there.of(script.text());
        return new Stretch(there.start() + words.length() - words.stripLeading().length(),
                there.start() + words.stripTrailing().length());
    }

    /** The stages of a SELECT from the last to the first. */
    private void select(QueryBody.Select select, Stage last) {
        Stage stage = last;
        List<Expression> tests = new ArrayList<>(select.where().map(Expression::conjuncts).orElse(List.of()).stream()
                .filter(StageWords::asksForMatches).toList());
        while (true) {
            switch (stage) {
                case Distinct once -> put(once, script.words(select, Clause.SELECT).stream().toList());
                case Projection chosen -> put(chosen, script.stretch(select, Clause.SELECT).stream().toList());
                case Aggregation grouped -> put(grouped, script.stretch(select, Clause.GROUP_BY).stream().toList());
                case Filter filtered -> put(filtered,
                        script.stretch(select, filtered.clause().equals("HAVING") ? Clause.HAVING : Clause.WHERE)
                                .stream().toList());
                case Joined joined when joined.join().kind().stopsAtFirst() && !tests.isEmpty() ->
                    asked(joined.join(), tests.removeLast());
                case Rearranged back -> {
                    put(back, script.stretch(select, Clause.FROM).stream().toList());
                    return;
                }
                case Source _,Derived _,Joined _,Ordering _,Limit _,SetOperation _,Recursion _ -> {
                    from(select.from(), stage);
                    if (stage instanceof Joined joined && joined.join().kind() == JoinKind.FULL_ANTI)
                        withoutPairs(joined.join(), select);
                    return;
                }
            }
            stage = stage instanceof UnaryStage unary ? unary.input() : stage.inputs().getFirst();
        }
    }

    private static boolean asksForMatches(Expression condition) {
        return switch (condition) {
            case Expression.Not(Expression of) -> asksForMatches(of);
            case Expression.Exists _,Expression.InQuery _,Expression.RowInQuery _,Expression.Quantified _ -> true;
            default -> false;
        };
    }

    /** Tables divided by commas are joined from left to right. */
    private void from(List<FromItem> items, Stage stage) {
        Stage at = stage;
        for (int i = items.size() - 1; i > 0; i--) {
            if (!(at instanceof Joined joined)) return;
            int comma = i;
            script.stretch(items.get(i - 1)).flatMap(
                    left -> script.stretch(items.get(comma)).map(right -> new Stretch(left.end(), right.start())))
                    .ifPresent(there -> joins.put(joined.join(),
                            new OfJoin(List.of(trimmed(there)), List.of(), List.of())));
            from(items.get(i), joined.join().right());
            at = joined.join().left();
        }
        if (!items.isEmpty()) from(items.getFirst(), at);
    }

    private void from(FromItem item, Stage stage) {
        switch (item) {
            case FromItem.JoinedTable joined when stage instanceof Joined done -> {
                note(done.join(), joined);
                from(joined.left(), done.join().left());
                from(joined.right(), done.join().right());
            }
            case FromItem.DerivedTable(var _, QueryExpression query, var _, var _) when !stage.inputs().isEmpty() ->
                query(query, stage.inputs().getFirst());
            case FromItem.NamedTable(Name table, var _) when stage instanceof Derived derived ->
                Optional.ofNullable(named.get(SameName.key(table.text())))
                        .ifPresent(query -> query(query, derived.of()));
            case FromItem.JoinedTable _,FromItem.DerivedTable _,FromItem.NamedTable _ -> {}
        }
    }

    private void put(Stage stage, List<Stretch> words) {
        stages.put(stage, words);
    }

    /** All words of a part; none of the result as a whole. */
    public List<Stretch> of(Part part) {
        return switch (part) {
            case MatchTimeline match -> Optional.ofNullable(joins.get(match.join()))
                    .map(words -> Stream.concat(words.words().stream(), words.condition().stream()).toList())
                    .orElse(List.of());
            case RowTimeline rows -> stages.getOrDefault(rows.stage(), List.of());
            case ResultPart _ -> List.of();
        };
    }

    /**
     * The words of a part that decide in a step: of a join the condition, or the one that is not true; and what it is
     * called where a row is kept. At its start and its end none does.
     */
    public List<Stretch> at(Part part, PartFrame frame) {
        if (!(part instanceof MatchTimeline match) || !(frame instanceof MatchFrame shown)) return of(part);
        OfJoin words = joins.get(match.join());
        if (words == null) return List.of();
        if (shown.kind() == StageKind.KEEP) return words.words();
        return switch (shown.step()) {
            case Step.Start _,Step.Finish _ -> List.of();
            case Step.Compare(int left, int right, Truth verdict) ->
                deciding(match.join(), words, left, right, verdict);
            case Step.Pair _,Step.Keep _,Step.Take _,Step.Place _,Step.Sort _,Step.Look _ -> of(part);
        };
    }

    private List<Stretch> deciding(Join join, OfJoin words, int left, int right, Truth verdict) {
        if (words.condition().isEmpty()) return words.words();
        if (verdict == Truth.TRUE || words.conjuncts().size() < 2) return words.condition();
        List<Expression> equalities = words.conjuncts().stream().filter(StageWords::isEquality).toList();
        if (equalities.size() != join.on().equal().size()) return words.condition();
        for (int i = 0; i < equalities.size(); i++) {
            if (join.on().equal().get(i).of(join.row(Side.LEFT, left), join.row(Side.RIGHT, right)).equal()
                    != Truth.TRUE)
                return script.stretch(equalities.get(i)).stream().toList();
        }
        return words.conjuncts().stream().filter(one -> !isEquality(one)).flatMap(one -> script.stretch(one).stream())
                .toList();
    }

    private static boolean isEquality(Expression condition) {
        return condition.equalColumns().isPresent();
    }
}
