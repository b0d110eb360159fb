package lunko.practice;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.JoinCondition;
import lunko.engine.Stage;
import lunko.insight.question.Gap;
import lunko.lesson.WrittenQuery;
import lunko.query.JoinKind;
import lunko.query.change.ConditionSite;
import lunko.query.change.Conditions;
import lunko.query.change.Joins;
import lunko.query.change.QueryChange;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.show.Joining;
import lunko.show.Showing;

/** What somebody may write in the place of the query that is shown: the same with one thing otherwise. */
record Variants(Showing showing, WrittenQuery query) {
    static Variants of(Showing showing) {
        return new Variants(showing, showing.lesson().staged().query().alone());
    }

    /** All of them. */
    Stream<WrittenQuery> all() {
        return Stream.of(otherKinds(), otherColumns(), otherConditions(), otherTimes()).flatMap(all -> all);
    }

    /** Those that differ in what may be missing. */
    Stream<WrittenQuery> in(Gap gap) {
        return switch (gap) {
            case KIND -> otherKinds();
            case ON -> otherColumns();
            case WHERE -> otherConditions();
        };
    }

    /** One join of another kind. */
    Stream<WrittenQuery> otherKinds() {
        int joins = read().map(all -> Joins.of(all).size()).orElse(0);
        return IntStream.range(0, joins).boxed().flatMap(join -> JoinKind.QUALIFIED.stream()
                .filter(kind -> kind != Joins.of(read().orElseThrow()).get(join).kind())
                .flatMap(kind -> query.joining(join, joins, kind, new JoinSpecification.Nothing()).stream()));
    }

    /** Where two tables are joined by one equality: other columns made equal. */
    private Stream<WrittenQuery> otherColumns() {
        return showing.joining().filter(_ -> showing.joins() == 1).stream().flatMap(joining -> pairs(joining)
                .flatMap(equal -> changed(new QueryChange.ChangeCondition(new ConditionSite.On(0), 0, equal))));
    }

    private static Stream<Expression> pairs(Joining joining) {
        JoinCondition on = joining.outcome().join().on();
        if (!on.isEquality() || on.equal().size() != 1) return Stream.empty();
        List<Stage.Heading> left = joining.outcome().join().left().headings();
        List<Stage.Heading> right = joining.outcome().join().right().headings();
        return IntStream.range(0, left.size()).boxed().flatMap(l -> IntStream.range(0, right.size())
                .filter(r -> left.get(l).type().equals(right.get(r).type()))
                .mapToObj(r -> joining.equal(l, r)));
    }

    /** A condition of WHERE less, or sent to ON. */
    private Stream<WrittenQuery> otherConditions() {
        return read().stream().flatMap(all -> Conditions.of(all).stream()
                .filter(one -> one.seat() instanceof ConditionSite.Where)
                .flatMap(one -> Stream.concat(
                        Stream.of(new QueryChange.DropCondition(one.seat(), one.number())),
                        Conditions.others(all, one).stream()
                                .map(seat -> new QueryChange.SendCondition(one.seat(), one.number(), seat)))))
                .flatMap(this::changed);
    }

    /** Equal rows as often as they come, where they come once; nobody writes DISTINCT who sees no need of it. */
    private Stream<WrittenQuery> otherTimes() {
        return read().map(QueryExpression::body).stream().filter(QueryBody.Select.class::isInstance)
                .map(QueryBody.Select.class::cast).filter(QueryBody.Select::distinct)
                .flatMap(select -> changed(new QueryChange.Show(false, select.items())));
    }

    private Optional<QueryExpression> read() {
        return query.read().either(read -> Optional.of(read.query().query()), _ -> Optional.empty());
    }

    private Stream<WrittenQuery> changed(QueryChange change) {
        return query.changed(change).either(Stream::of, _ -> Stream.empty());
    }
}
