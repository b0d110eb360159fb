package lunko.lesson;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.engine.sql.EqualColumns;
import lunko.problem.Problem;
import lunko.problem.QueryNote;
import lunko.query.KeyPair;
import lunko.query.SqlName;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Fix;
import lunko.query.sql.Script;
import lunko.query.sql.Statement;
import lunko.table.Table;

/** Where a query joins two tables by other columns than those that are linked, and by none of these. */
record OtherColumns(List<Table> tables, List<Link> links) {

    List<Problem> in(Script script) {
        if (links.isEmpty() || !(script.statements().getFirst() instanceof Statement.Query query)) return List.of();
        List<EqualColumns> said = EqualColumns.in(query, script, tables);
        return said.stream().filter(one -> said.stream().filter(other -> areOfSameTables(one, other))
                .noneMatch(other -> link(other).filter(link -> link.pairs().contains(pair(other))).isPresent()))
                .flatMap(one -> link(one).stream().map(link -> note(one, link, script, query))).toList();
    }

    private static boolean areOfSameTables(EqualColumns one, EqualColumns other) {
        return Stream.of(one.left(), one.right()).map(EqualColumns.Of::table).collect(Collectors.toSet())
                .equals(Stream.of(other.left(), other.right()).map(EqualColumns.Of::table).collect(Collectors.toSet()));
    }

    private Optional<Link> link(EqualColumns said) {
        return links.stream().flatMap(link -> link.between(said.left().table(), said.right().table()).stream())
                .findFirst();
    }

    private static KeyPair pair(EqualColumns said) {
        return new KeyPair(said.left().column(), said.right().column());
    }

    private static Problem note(EqualColumns said, Link link, Script script, Statement.Query query) {
        String meant = link.pairs().stream().map(pair -> named(said.left(), pair.left()) + " = "
                + named(said.right(), pair.right())).collect(Collectors.joining(" AND "));
        QueryNote note = new QueryNote.JoinsByOtherColumns(
                named(said.left(), said.left().column()) + " = " + named(said.right(), said.right().column()), meant);
        Fix fix = script.fix(query).instead(said.comparison(), meant);
        return script.place(said.comparison()).map(place -> Problem.at(place, note)).orElseGet(() -> Problem.of(note))
                .with(fix.text().stream().toList());
    }

    /** A column of the table that the query names there, as it names that: {@code h.keeper_id}. */
    private static String named(EqualColumns.Of of, String column) {
        ColumnName written = of.written();
        return written.table().map(owner -> new SqlName(owner.text()).text() + ".").orElse("")
                + new SqlName(column).text();
    }
}
