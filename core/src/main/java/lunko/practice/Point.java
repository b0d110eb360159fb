package lunko.practice;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lunko.insight.comparison.Sameness;
import lunko.insight.comparison.TriedRephrasing;
import lunko.insight.question.Goal;
import lunko.lesson.Lesson;
import lunko.lesson.WrittenQuery;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import lunko.query.JoinKind;
import lunko.query.change.PlainJoin;
import lunko.query.sql.QueryExpression;
import lunko.table.Table;

/** Something that is to be seen on small tables. */
public sealed interface Point {

    /** Two kinds of a join give numbers of rows that differ by so many. */
    record KindsDiffer(PlainJoin join, JoinKind one, JoinKind other, int rows) implements Point {}

    /** Five kinds of a join give the same number of rows, and at least one. */
    record KindsAlike(PlainJoin join) implements Point {}

    /** Two queries give other rows. */
    record QueriesDiffer(String one, String other) implements Point {}

    /** The tables that it is about, by name, of those that there are. */
    default List<String> about(List<Table> tables) {
        return switch (this) {
            case KindsDiffer(PlainJoin join, _, _, _) -> List.of(join.left().table(), join.right().table());
            case KindsAlike(PlainJoin join) -> List.of(join.left().table(), join.right().table());
            case QueriesDiffer(String one, String other) -> {
                WrittenQuery first = WrittenQuery.of(one);
                WrittenQuery second = WrittenQuery.of(other);
                yield tables.stream().map(Table::name).filter(name -> first.names(name) || second.names(name))
                        .toList();
            }
        };
    }

    /** Why it is to be seen on no tables like those of a lesson, where that can be told without looking for any. */
    default Optional<Problem> hopeless(Lesson lesson) {
        return switch (this) {
            case KindsDiffer(_, JoinKind one, JoinKind other, _) ->
                one == other ? Optional.of(Problem.of(new WorkFault.SameKind(one))) : Optional.empty();
            case KindsAlike _ -> Optional.empty();
            case QueriesDiffer(String one, String other) -> {
                Optional<Problem> cannotRun = Stream.of(one, other).flatMap(sql -> WrittenQuery.of(sql)
                        .on(lesson.tables()).<Stream<Problem>>either(_ -> Stream.empty(), Stream::of)).findFirst();
                if (cannotRun.isPresent()) yield cannotRun;
                if (about(lesson.tables()).isEmpty()) yield Optional.of(Problem.of(new WorkFault.NamesNoTable()));
                yield areWaysToSayTheSame(one, other, lesson)
                        ? Optional.of(Problem.of(new WorkFault.SameOnAnyTables())) : Optional.empty();
            }
        };
    }

    private static boolean areWaysToSayTheSame(String one, String other, Lesson lesson) {
        Optional<QueryExpression> said = WrittenQuery.of(other).read().either(Optional::of,
                _ -> Optional.<WrittenQuery.Read>empty()).map(read -> read.query().query());
        return said.isPresent() && Stream.concat(Stream.of(one), WrittenQuery.of(one)
                .otherWays(lesson.tables(), 0, "").either(List::stream, _ -> Stream.<TriedRephrasing>empty())
                .filter(way -> way.said().kind().alwaysEqual()).flatMap(way -> way.said().text().stream()))
                .anyMatch(text -> WrittenQuery.of(text).read()
                        .either(read -> read.query().query().equals(said.get()), _ -> false));
    }

    /** What tells whether it is to be seen on tables; its queries are read once. */
    default Predicate<List<Table>> sight() {
        return switch (this) {
            case KindsDiffer(PlainJoin join, JoinKind one, JoinKind other, int rows) -> {
                WrittenQuery first = query(join, one);
                WrittenQuery second = query(join, other);
                yield tables -> rows(first, tables) >= 0 && rows(second, tables) >= 0
                        && Math.abs(rows(first, tables) - rows(second, tables)) == rows;
            }
            case KindsAlike(PlainJoin join) -> {
                List<WrittenQuery> all = Goal.KINDS.stream().map(kind -> query(join, kind)).toList();
                yield tables -> {
                    int rows = rows(all.getFirst(), tables);
                    return rows > 0 && all.stream().allMatch(query -> rows(query, tables) == rows);
                };
            }
            case QueriesDiffer(String one, String other) -> {
                WrittenQuery first = WrittenQuery.of(one);
                WrittenQuery second = WrittenQuery.of(other);
                yield tables -> first.on(tables)
                        .then(left -> second.on(tables).map(right -> !Sameness.of(left, right).isSame()))
                        .either(differ -> differ, _ -> false);
            }
        };
    }

    private static WrittenQuery query(PlainJoin join, JoinKind kind) {
        return WrittenQuery.of(join.of(kind).query());
    }

    /** How many rows a query gives; -1 where it cannot run. */
    private static int rows(WrittenQuery query, List<Table> tables) {
        return query.on(tables).either(stage -> stage.rows().size(), _ -> -1);
    }
}
