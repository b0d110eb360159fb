package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import lunko.Said;
import lunko.beside.DuckDb;
import lunko.beside.Postgres;
import lunko.beside.RealDatabase;
import lunko.beside.Sqlite;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.problem.Problem;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.query.sql.SqlWriter;
import lunko.steps.JoinAlgorithm;
import lunko.steps.MatchTimeline;
import lunko.steps.Part;
import lunko.steps.PartFrame;
import lunko.steps.RowFrame;
import lunko.steps.Timeline;
import lunko.table.Table;
import lunko.table.Type;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.lifecycle.AfterContainer;
import net.jqwik.api.lifecycle.BeforeContainer;

/**
 * Queries over the whole language give the rows that real databases give, and in their order where one is asked for:
 * PostgreSQL for all of them, SQLite and DuckDB for those that they have words for. {@code -Dlunko.queries=} says how
 * many.
 */
class RealDatabasesProperties {
    private static final int TRIES = 100;
    private static final int QUERIES_PER_TABLES = 10;
    private static final int ROUNDS = Integer.getInteger("lunko.queries", 2_000) / TRIES / QUERIES_PER_TABLES;

    /** What a database says that has no such feature (ISO/IEC 9075-2, SQLSTATE). */
    private static final String NOT_SUPPORTED = "0A000";
    /** What PostgreSQL says of a mistake of its own: its planner loses columns of some full joins beside LATERAL. */
    private static final String OWN_MISTAKE = "XX000";

    private static List<RealDatabase> databases;
    private static final int[] COMPARED = new int[3];

    @BeforeContainer
    static void start() throws Exception {
        databases = List.of(Postgres.start(), Sqlite.start(), DuckDb.start());
    }

    @AfterContainer
    static void stop() throws Exception {
        for (RealDatabase database : databases) database.close();
        // Otherwise a database could come to have no words for anything, and nobody would notice.
        for (int compared : COMPARED) assertThat(compared).isGreaterThan(COMPARED[0] * 2 / 5);
    }

    @Property(tries = TRIES, edgeCases = EdgeCasesMode.NONE)
    void lunkoAndRealDatabasesGiveTheSameRows(@ForAll long seed) throws SQLException {
        for (int round = 0; round < ROUNDS; round++) {
            QueryMaker maker = new QueryMaker(seed + round);
            List<Table> tables = maker.tables();
            for (RealDatabase database : databases) database.load(tables);
            for (int i = 0; i < QUERIES_PER_TABLES; i++) compare(tables, maker.query(), round < 2);
        }
    }

    private static void compare(List<Table> tables, QueryExpression query, boolean steps) throws SQLException {
        String text = new SqlWriter().query(query);
        Script script = new SqlParser(new Origin.Query()).parse(text).expect();
        Database.Answer answer = switch (Database.of(tables).run(script.statements().getFirst(), script)) {
            case Checked.Valid<Database.Answer>(Database.Answer valid) -> valid;
            case Checked.Invalid<Database.Answer>(Problem problem) ->
                throw new AssertionError(text + "\n" + Said.inWords(problem));
        };
        ResultTable result = answer.result().orElseThrow();
        List<List<String>> ours =
                result.rows().stream().map(row -> row.stream().map(RealDatabase::spelt).toList()).toList();
        List<Optional<Type>> types = result.columns().stream().map(ResultTable.Column::type).toList();
        for (int i = 0; i < databases.size(); i++) {
            Optional<String> theirText = databases.get(i).says(query);
            if (theirText.isEmpty()) continue;
            Optional<List<List<String>>> answered = rows(databases.get(i), theirText.get(), types);
            if (answered.isEmpty()) continue;
            COMPARED[i]++;
            List<List<String>> theirs = answered.get();
            String asked = databases.get(i).getClass().getSimpleName() + ": " + theirText.get();
            if (query.orderBy().isEmpty())
                assertThat(ours).as(asked).containsExactlyInAnyOrderElementsOf(theirs);
            else assertThat(ours).as(asked).isEqualTo(theirs);
        }
        if (!steps) return;
        for (JoinAlgorithm algorithm : JoinAlgorithm.values()) {
            walk(Timeline.of(answer.stages().orElseThrow(), algorithm), result.rows().size(), text);
            walk(Timeline.of(answer.stages().orElseThrow(), algorithm), result.rows().size(), text);
        }
    }

    /**
     * Nothing, where the database says that it cannot do such a thing, as PostgreSQL does of some full joins, or that
     * it has failed itself.
     */
    private static Optional<List<List<String>>> rows(RealDatabase database, String text, List<Optional<Type>> types)
            throws SQLException {
        try {
            return Optional.of(database.rows(text, types));
        } catch (SQLException failed) {
            // DuckDB says it in words.
            if (NOT_SUPPORTED.equals(failed.getSQLState()) || OWN_MISTAKE.equals(failed.getSQLState())
                    || failed.getMessage().contains("Not implemented"))
                return Optional.empty();
            throw new SQLException(database.getClass().getSimpleName() + ": " + text, failed);
        }
    }

    /** Every step of a query can be gone to and says why; the last says how many rows there are. */
    private static void walk(Timeline timeline, int rows, String text) {
        long every = Math.max(1, timeline.last() / 40);
        for (long number = 0; number <= timeline.last(); number += every) {
            PartFrame frame = timeline.at(number).shown();
            assertThat(frame.why().in(Said.ENGLISH).text()).as(text).isNotBlank().endsWith(".");
        }
        for (Part part : timeline.parts()) {
            if (!(part instanceof MatchTimeline match)) continue;
            assertThat(match.at(match.last() - 1).landed()).as(text)
                    .containsExactlyInAnyOrderElementsOf(match.at(match.last()).landed());
        }
        assertThat(timeline.at(timeline.last()).shown()).isInstanceOfSatisfying(RowFrame.class,
                end -> assertThat(end.landed()).as(text).isEqualTo(rows));
    }
}
