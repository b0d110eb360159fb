package lunko.engine.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import lunko.Said;
import lunko.beside.Postgres;
import lunko.beside.RealDatabase;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.table.Table;
import lunko.table.Type;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.lifecycle.AfterContainer;
import net.jqwik.api.lifecycle.BeforeContainer;

/** Statements that change tables do, or are forbidden, as PostgreSQL has it: keys, NOT NULL, UNIQUE, foreign keys. */
class ScriptsProperties {
    private static final List<String> MADE = List.of("DROP TABLE IF EXISTS hives", "DROP TABLE IF EXISTS keepers",
            "CREATE TABLE keepers (keeper_id INTEGER PRIMARY KEY, keeper VARCHAR(20) UNIQUE, since DATE)",
            "CREATE TABLE hives (hive_no INTEGER, part INTEGER, kg DECIMAL, keeper_id INTEGER REFERENCES keepers, "
                    + "mother INTEGER NOT NULL, PRIMARY KEY (hive_no, part))");
    private static final List<Optional<Type>> TYPES = List.of(Optional.of(Type.INTEGER), Optional.of(Type.INTEGER),
            Optional.of(Type.DECIMAL), Optional.of(Type.INTEGER), Optional.of(Type.INTEGER));
    private static final List<Optional<Type>> KEEPER_TYPES =
            List.of(Optional.of(Type.INTEGER), Optional.of(Type.TEXT), Optional.of(Type.DATE));

    private static RealDatabase database;
    private static int done;
    private static int forbidden;

    @BeforeContainer
    static void start() throws Exception {
        database = Postgres.start();
    }

    @AfterContainer
    static void stop() throws Exception {
        database.close();
        // Otherwise everything could be refused on either side, and nobody would notice.
        assertThat(done).isGreaterThan(forbidden / 4);
        assertThat(forbidden).isGreaterThan(done / 8);
    }

    @Property(tries = 60, edgeCases = EdgeCasesMode.NONE)
    void areDoneOrForbiddenAsInPostgres(@ForAll long seed) throws SQLException {
        Random random = new Random(seed);
        Database ours = Database.of(List.of());
        for (String statement : MADE) ours = both(ours, statement);
        for (int i = 0; i < 30; i++) {
            ours = both(ours, statement(random));
            compare(ours, "hives", TYPES);
            compare(ours, "keepers", KEEPER_TYPES);
        }
    }

    private static Database both(Database before, String statement) throws SQLException {
        Script script = new SqlParser(new Origin.Query()).parse(statement).expect();
        Checked<Database.Answer> answer = before.run(script.statements().getFirst(), script);
        boolean allowed = database.allows(statement);
        assertThat(answer instanceof Checked.Valid<Database.Answer>)
                .as(statement + ": " + answer.either(_ -> "done", Said::fault)).isEqualTo(allowed);
        if (allowed) done++;
        else forbidden++;
        return answer.either(Database.Answer::database, _ -> before);
    }

    private static void compare(Database ours, String name, List<Optional<Type>> types) throws SQLException {
        Table table = ours.tables().stream().filter(each -> each.name().equals(name)).findFirst().orElseThrow();
        List<List<String>> rows =
                table.rows().stream().map(row -> row.values().stream().map(RealDatabase::spelt).toList()).toList();
        assertThat(rows).containsExactlyInAnyOrderElementsOf(database.rows("SELECT * FROM " + name, types));
    }

    private static String statement(Random random) {
        return switch (random.nextInt(10)) {
            case 0, 1 -> "INSERT INTO keepers VALUES " + rows(random, () -> "(" + number(random) + ", " + text(random)
                    + ", " + (random.nextBoolean() ? "NULL" : "DATE '2026-05-0" + (1 + random.nextInt(9)) + "'") + ")");
            case 2, 3, 4 -> "INSERT INTO hives (mother, part, hive_no, keeper_id) VALUES "
                    + rows(random, () -> "(" + number(random) + ", 1, " + number(random) + ", " + number(random) + ")");
            case 5 -> "UPDATE hives SET keeper_id = " + number(random) + ", kg = hive_no / 2.0 WHERE " + where(random);
            case 6 -> "UPDATE keepers SET keeper = " + text(random) + " WHERE keeper_id = " + number(random);
            case 7 -> "DELETE FROM hives WHERE " + where(random);
            case 8 -> "DELETE FROM keepers WHERE keeper_id NOT IN (SELECT h.keeper_id FROM hives h WHERE "
                    + "h.keeper_id IS NOT NULL) AND keeper_id > " + random.nextInt(5);
            default -> "DELETE FROM keepers WHERE keeper_id = " + number(random);
        };
    }

    private interface RowMaker {
        String row();
    }

    private static String rows(Random random, RowMaker maker) {
        List<String> rows = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(2); i++) rows.add(maker.row());
        return String.join(", ", rows);
    }

    private static String number(Random random) {
        return random.nextInt(8) == 0 ? "NULL" : String.valueOf(1 + random.nextInt(6));
    }

    private static String text(Random random) {
        return List.of("NULL", "'Oda'", "'Tam'", "'Bert'", "'Ula'", "'Yara'", "'Jon'").get(random.nextInt(7));
    }

    private static String where(Random random) {
        return List.of("keeper_id IS NULL", "hive_no > 3", "mother = hive_no", "keeper_id = " + number(random),
                "part = 2 OR mother < 3").get(random.nextInt(5));
    }
}
