package lunko.engine.sql;

import java.util.List;
import java.util.Optional;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;

/** Scripts as a class writes them, run statement by statement. */
public final class TeachingScript {
    /** Makes three tables with rows. */
    public static final String DEMO = """
            CREATE TABLE keepers (keeper_id INTEGER PRIMARY KEY, keeper TEXT NOT NULL, village TEXT);
            CREATE TABLE hives (hive_no INTEGER PRIMARY KEY, hive TEXT UNIQUE, keeper_id INTEGER);
            CREATE TABLE harvests (hive_no INTEGER REFERENCES hives, kg DECIMAL(5, 2));
            INSERT INTO keepers VALUES (11, 'Oda', 'Ashholt'), (12, 'Tam', 'Reedmere'), (13, 'Bert', 'Ashholt');
            INSERT INTO hives VALUES (1, 'Clover', 11), (2, 'Heather', 12), (3, 'Linden', NULL), (4, 'Bramble', 11);
            INSERT INTO harvests VALUES (1, 2.5), (1, 3), (4, 1.25);
            """;

    private TeachingScript() {}

    /** The result of the last statement of a script, which is a query. */
    public static Checked<ResultTable> run(String text) {
        return answer(text).map(last -> last.result().orElse(new ResultTable(List.of(), List.of())));
    }

    /** What all statements of a script answer, one after the other. */
    public static Checked<Database.Answer> answer(String text) {
        Checked<Database.Answer> answer =
                Checked.valid(new Database.Answer(Database.of(List.of()), Optional.empty(), List.of()));
        for (Checked<Script> statement : new SqlParser(new Origin.Query()).statements(text)) {
            answer = answer.then(
                    before -> statement.then(script -> before.database().run(script.statements().getFirst(), script)));
        }
        return answer;
    }
}
