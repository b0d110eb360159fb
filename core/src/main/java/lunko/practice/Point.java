package lunko.practice;

import java.util.List;
import java.util.function.Predicate;
import lunko.insight.comparison.Sameness;
import lunko.insight.question.Goal;
import lunko.lesson.WrittenQuery;
import lunko.query.JoinKind;
import lunko.query.change.PlainJoin;
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
