package lunko.practice;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lunko.engine.Stage;
import lunko.insight.comparison.Sameness;
import lunko.insight.question.Answer;
import lunko.insight.question.Guess;
import lunko.lesson.Evaluation;
import lunko.lesson.WrittenQuery;
import lunko.problem.Checked;
import lunko.query.change.Joins;
import lunko.query.sql.FromItem;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.show.Showing;
import lunko.table.Value;
import lunko.words.Sentence;

/**
 * What helps with a query that does not give the rows that are wanted: a mistake that has a name, the first row that
 * differs, and the clause that does.
 *
 * @param wanted what is to be given
 * @param withoutJoin whether it has to do without JOIN
 */
record QueryHints(Showing showing, Stage wanted, boolean withoutJoin, Guess.Written given) {

    List<Sentence> all() {
        return given.result().either(this::ofRows,
                problem -> List.of(in -> in.practice().cannotRun(in.problems().of(problem.fault()))));
    }

    private List<Sentence> ofRows(Stage result) {
        List<Sentence> all = new ArrayList<>();
        boolean same = Sameness.of(wanted, result).degree().compareTo(Sameness.Degree.OTHER_ORDER) <= 0;
        boolean joins = withoutJoin && Answer.hasJoin(given.sql());
        if (joins) all.add(in -> in.practice().stillJoins());
        if (same && !joins) all.add(in -> in.practice().luck());
        Evaluation.of(WrittenQuery.of(given.sql()), showing.lesson().tables()).diagnostics().stream()
                .filter(note -> note.note()).findFirst()
                .ifPresent(note -> all.add(in -> in.problems().of(note.problem().fault())));
        if (!same) all.add(rows(result));
        if (!withoutJoin) clause().ifPresent(all::add);
        return all;
    }

    private Sentence rows(Stage result) {
        if (result.headings().size() != wanted.headings().size())
            return in -> in.practice().columns(names(wanted), names(result));
        Map<List<Value>, Long> left = counted(wanted);
        Map<List<Value>, Long> right = counted(result);
        List<List<Value>> missing = left.keySet().stream().filter(row -> !right.containsKey(row)).toList();
        List<List<Value>> tooMany = right.keySet().stream().filter(row -> !left.containsKey(row)).toList();
        if (!missing.isEmpty()) return in -> in.practice().rowMissing(shown(missing.getFirst()), missing.size() - 1L);
        if (!tooMany.isEmpty()) return in -> in.practice().rowTooMany(shown(tooMany.getFirst()), tooMany.size() - 1L);
        Optional<List<Value>> often = left.keySet().stream().filter(row -> !left.get(row).equals(right.get(row)))
                .findFirst();
        return often.<Sentence>map(row -> in -> in.practice().rowTimes(shown(row), right.get(row), left.get(row)))
                .orElse(in -> in.practice().columns(names(wanted), names(result)));
    }

    private static Map<List<Value>, Long> counted(Stage stage) {
        Map<List<Value>, Long> counted = new LinkedHashMap<>();
        stage.rows().forEach(row -> counted.merge(row, 1L, Long::sum));
        return counted;
    }

    private static List<String> names(Stage stage) {
        return stage.headings().stream().map(Stage.Heading::name).toList();
    }

    private static List<String> shown(List<Value> row) {
        return row.stream().map(Value::sql).toList();
    }

    /** The first clause by which the queries differ. */
    private Optional<Sentence> clause() {
        Checked<WrittenQuery.Read> theirs = WrittenQuery.of(given.sql()).read();
        Checked<WrittenQuery.Read> ours = showing.lesson().staged().query().read();
        return theirs.then(their -> ours.map(our -> difference(their.query().query(), our.query().query())))
                .either(found -> found, _ -> Optional.empty());
    }

    private static Optional<Sentence> difference(QueryExpression their, QueryExpression our) {
        if (!(their.body() instanceof QueryBody.Select theirs) || !(our.body() instanceof QueryBody.Select ours))
            return Optional.empty();
        List<FromItem.JoinedTable> joins = Joins.of(their);
        List<FromItem.JoinedTable> wanted = Joins.of(our);
        if (joins.size() != wanted.size() && theirs.from().size() + joins.size() != ours.from().size() + wanted.size())
            return Optional.of(in -> in.practice().joins(joins.size(), wanted.size()));
        for (int i = 0; i < Math.min(joins.size(), wanted.size()); i++) {
            FromItem.JoinedTable join = joins.get(i);
            if (join.kind() != wanted.get(i).kind()) return Optional.of(in -> in.practice().otherKind(join.kind()));
        }
        // Where tables are called otherwise, conditions that mean the same are written otherwise.
        boolean alike = Joins.tables(theirs.from()).equals(Joins.tables(ours.from()));
        return first(differs(alike, "ON", joins.stream().map(FromItem.JoinedTable::specification).toList(),
                wanted.stream().map(FromItem.JoinedTable::specification).toList()),
                present("WHERE", theirs.where().isPresent(), ours.where().isPresent()),
                differs(alike, "WHERE", theirs.where(), ours.where()),
                present("GROUP BY", !theirs.groupBy().isEmpty(), !ours.groupBy().isEmpty()),
                differs(alike, "GROUP BY", theirs.groupBy(), ours.groupBy()),
                present("HAVING", theirs.having().isPresent(), ours.having().isPresent()),
                differs(alike, "HAVING", theirs.having(), ours.having()),
                present("DISTINCT", theirs.distinct(), ours.distinct()),
                differs(alike, "SELECT", theirs.items(), ours.items()));
    }

    @SafeVarargs
    private static Optional<Sentence> first(Optional<Sentence>... all) {
        for (Optional<Sentence> one : all) if (one.isPresent()) return one;
        return Optional.empty();
    }

    private static Optional<Sentence> differs(boolean alike, String clause, Object theirs, Object ours) {
        return !alike || theirs.equals(ours) ? Optional.empty() : Optional.of(in -> in.practice().lookAt(clause));
    }

    private static Optional<Sentence> present(String clause, boolean theirs, boolean ours) {
        if (theirs == ours) return Optional.empty();
        return Optional.of(in -> ours ? in.practice().needs(clause) : in.practice().needsNo(clause));
    }
}
