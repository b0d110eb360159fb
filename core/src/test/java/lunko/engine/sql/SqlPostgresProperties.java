package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import lunko.Postgres;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.query.sql.SqlWriter;
import lunko.table.Table;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.lifecycle.AfterContainer;
import net.jqwik.api.lifecycle.BeforeContainer;

/** Queries over the whole language give the rows that PostgreSQL gives, and in its order where one is asked for. */
class SqlPostgresProperties {
    private static final int QUERIES_PER_DATABASE = 20;
    private static Postgres postgres;

    @BeforeContainer
    static void start() throws IOException, SQLException {
        postgres = new Postgres();
    }

    @AfterContainer
    static void stop() throws IOException, SQLException {
        postgres.close();
    }

    @Property(tries = 100, edgeCases = EdgeCasesMode.NONE)
    void lunkoAndPostgresGiveTheSameRows(@ForAll long seed) throws SQLException {
        QueryMaker maker = new QueryMaker(seed);
        List<Table> tables = maker.tables();
        postgres.load(tables);
        for (int i = 0; i < QUERIES_PER_DATABASE; i++) compare(tables, maker.query());
    }

    private static void compare(List<Table> tables, QueryExpression query) throws SQLException {
        String text = new SqlWriter().query(query);
        Script script = new SqlParser("query").parse(text).expect();
        ResultTable result = switch (Database.of(tables).run(script.statements().getFirst(), script)) {
            case Checked.Valid<Database.Answer>(Database.Answer answer) -> answer.result().orElseThrow();
            case Checked.Invalid<Database.Answer>(Problem problem) -> throw new AssertionError(text + "\n" + problem.inWords());
        };
        List<List<String>> ours = result.rows().stream().map(row -> row.stream().map(Postgres::spelt).toList()).toList();
        List<List<String>> theirs = postgres.rows(text);
        if (query.orderBy().isEmpty()) assertThat(ours).as(text).containsExactlyInAnyOrderElementsOf(theirs);
        else assertThat(ours).as(text).isEqualTo(theirs);
    }
}
