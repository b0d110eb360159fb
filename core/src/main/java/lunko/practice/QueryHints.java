package lunko.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lunko.engine.Stage;
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
import lunko.words.Sentence;

/**
 * What helps with a query that does not give the rows that are wanted: a mistake that has a name, the first row that
 * differs, and the clause that does.
 *
 * @param wanted what is to be given
 */
record QueryHints(Showing showing, Answer.Result wanted, Guess.Written given) {

    List<Sentence> all() {
        return given.result().either(this::ofRows,
                problem -> List.of(in -> in.practice().cannotRun(in.problems().of(problem.fault()))));
    }

    private List<Sentence> ofRows(Stage result) {
        List<Sentence> all = new ArrayList<>();
        boolean same = wanted.demand().isMet(wanted.result(), result);
        boolean joins = !wanted.demand().allows(given.sql());
        if (joins) all.add(in -> in.practice().stillJoins());
        if (same && !joins) all.add(in -> in.practice().luck());
        Evaluation.of(WrittenQuery.of(given.sql()), showing.lesson().tables()).diagnostics().stream()
                .filter(note -> note.note()).findFirst()
                .ifPresent(note -> all.add(in -> in.problems().of(note.problem().fault())));
        if (!same) all.add(rows(result));
        if (!wanted.demand().withoutJoin()) clause().ifPresent(all::add);
        return all;
    }

    private Sentence rows(Stage result) {
        Sentence columns = in -> in.practice().columns(names(wanted.result()), names(result));
        if (result.headings().size() != wanted.result().headings().size()) return columns;
        RowDifference difference = RowDifference.of(wanted.result(), result);
        if (!difference.missing().isEmpty()) return in -> in.practice().rowMissing(
                RowDifference.said(difference.missing().getFirst()), difference.missing().size() - 1L);
        if (!difference.tooMany().isEmpty()) return in -> in.practice().rowTooMany(
                RowDifference.said(difference.tooMany().getFirst()), difference.tooMany().size() - 1L);
        if (!difference.often().isEmpty()) {
            RowDifference.Often often = difference.often().getFirst();
            return in -> in.practice().rowTimes(RowDifference.said(often.row()), often.given(), often.wanted());
        }
        return wanted.demand().order(false).isMet(wanted.result(), result)
                ? in -> in.practice().otherOrder() : columns;
    }

    private static List<String> names(Stage stage) {
        return stage.headings().stream().map(Stage.Heading::name).toList();
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
