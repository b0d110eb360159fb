package lunko.exchange.sql;

import static org.assertj.core.api.Assertions.assertThat;

import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.io.IOException;
import java.math.BigDecimal;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import lunko.engine.Stage;
import lunko.exchange.Said;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.WrittenQuery;
import lunko.query.JoinKind;
import lunko.query.change.SqlDialect;
import lunko.table.Value;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The script with the tables, and queries adapted to a database, run there: they give the rows that Lunko shows. */
class DialectAdapterTest {
    private static final Lesson DEMO = DemoLesson.lesson();
    /** Those that PostgreSQL stands for: it has all that they have. */
    private static final Set<SqlDialect> SERVED =
            Set.of(SqlDialect.STANDARD, SqlDialect.POSTGRESQL, SqlDialect.PLAINEST);
    private static final List<String> MORE = List.of(
            "SELECT * FROM hives NATURAL JOIN keepers", "SELECT * FROM Hives h FULL JOIN Keepers k USING (keeper_id)",
            "SELECT * FROM hives h NATURAL RIGHT JOIN keepers k",
            "SELECT h.hive, r.kg FROM hives h LEFT JOIN harvests r ON r.hive_no = h.hive_no WHERE r.kg IS NULL OR "
                    + "r.kg > 2.5 ORDER BY kg DESC, hive OFFSET 1 ROW FETCH FIRST 5 ROWS ONLY",
            "SELECT hive, keeper FROM hives h FULL JOIN keepers k ON k.keeper_id = h.keeper_id WHERE hive IS NULL "
                    + "OR CHAR_LENGTH(hive) > 5 ORDER BY hive, keeper FETCH FIRST 4 ROWS ONLY",
            "SELECT day, SUM(kg) AS kg FROM harvests WHERE day > DATE '2026-06-02' AND (kg > 3) IS NOT UNKNOWN "
                    + "GROUP BY day HAVING COUNT(*) > 0 ORDER BY day -- by day",
            "SELECT hive FROM hives WHERE keeper_id IN (SELECT keeper_id FROM keepers ORDER BY keeper_id LIMIT 1) "
                    + "UNION ALL SELECT keeper FROM keepers ORDER BY 1 OFFSET 2 ROWS",
            "SELECT keeper, day FROM hives NATURAL JOIN keepers NATURAL LEFT JOIN visits WHERE keeper_id > 10 ORDER "
                    + "BY keeper_id, day",
            "SELECT h.hive, k.keeper, r.kg FROM hives h FULL JOIN keepers k ON h.keeper_id = k.keeper_id LEFT JOIN "
                    + "harvests r ON r.hive_no = h.hive_no ORDER BY k.keeper DESC, hive, r.kg LIMIT 6 OFFSET 1",
            "SELECT * FROM harvests r LEFT JOIN (hives h FULL JOIN keepers k ON h.keeper_id = k.keeper_id) ON "
                    + "r.hive_no = h.hive_no",
            "SELECT DISTINCT k.village FROM hives h FULL JOIN keepers k ON h.keeper_id = k.keeper_id FULL JOIN "
                    + "visits v ON v.keeper_id = k.keeper_id",
            "SELECT hive FROM hives WHERE (hive_no, keeper_id) IN (SELECT hive_no, keeper_id FROM visits)",
            "SELECT hive FROM garden.hives WHERE hive ILIKE '%l%' AND keeper_id::text LIKE '1!1' ESCAPE '!'",
            "WITH RECURSIVE line (no, generation) AS (SELECT hive_no, 0 FROM hives WHERE mother_no IS NULL UNION ALL "
                    + "SELECT h.hive_no, l.generation + 1 FROM hives h JOIN line l ON h.mother_no = l.no) SELECT no, "
                    + "generation FROM line",
            "SELECT k.village, STRING_AGG(k.keeper, '/' ORDER BY k.keeper DESC) FROM keepers k GROUP BY k.village "
                    + "ORDER BY k.village",
            "SELECT g.grade, r.kg FROM harvests r JOIN grades g ON r.kg BETWEEN g.from_kg AND g.to_kg ORDER BY kg, "
                    + "grade");

    @ParameterizedTest
    @EnumSource
    void whatIsWrittenForADatabaseGivesTheSameRowsThere(SqlDialect target) throws SQLException, IOException {
        try (EmbeddedPostgres server =
                SERVED.contains(target) ? EmbeddedPostgres.builder().setLocaleConfig("locale", "C").start() : null;
                Connection connection = server != null ? server.getPostgresDatabase().getConnection()
                        : DriverManager.getConnection(switch (target) {
                            case SQLITE -> "jdbc:sqlite::memory:";
                            case H2 -> "jdbc:h2:mem:";
                            case DUCKDB -> "jdbc:duckdb:";
                            case STANDARD, POSTGRESQL, PLAINEST -> throw new IllegalStateException();
                        })) {
            StringBuilder script = new StringBuilder();
            ScriptWriter.write(DEMO.set(), target, script, Said.ENGLISH.files());
            // Where a name without quotes means capitals, or is compared as it is, the tables are called as the
            // queries call them.
            assertThat(script.toString().contains("CREATE TABLE \"hives\"")).isEqualTo(target == SqlDialect.H2);
            try (Statement statement = connection.createStatement()) {
                for (String one : script.toString().split(";\n")) if (!one.isBlank()) statement.execute(one);
            }
            for (String sql : queries()) {
                Stage own = WrittenQuery.of(sql).on(DEMO.tables()).expect();
                String adapted = WrittenQuery.of(sql).writtenFor(target, DEMO.tables()).expect();
                if (target == SqlDialect.STANDARD) assertThat(adapted).doesNotContain("LIMIT");
                // PostgreSQL stands for the standard, and has another name for it.
                if (adapted.contains("LISTAGG") && SERVED.contains(target)) continue;
                assertThat(rows(connection, adapted, own)).as(adapted)
                        .isEqualTo(own.rows().stream().map(row -> row.stream().map(DialectAdapterTest::spelt).toList())
                                .sorted(sql.contains("ORDER BY") ? (_, _) -> 0 : Comparator.comparing(Object::toString))
                                .toList());
            }
        }
    }

    /** The plain join of each kind, and others. */
    private static List<String> queries() {
        List<String> all = new ArrayList<>(MORE);
        for (JoinKind kind : JoinKind.values())
            all.add(new SceneEdit.ChooseKind(kind).applyTo(DEMO).expect().staged().sql());
        return all;
    }

    private static List<List<String>> rows(Connection connection, String sql, Stage own) throws SQLException {
        try (Statement statement = connection.createStatement(); ResultSet result = statement.executeQuery(sql)) {
            List<List<String>> rows = new ArrayList<>();
            while (result.next()) {
                List<String> row = new ArrayList<>();
                for (int i = 1; i <= own.headings().size(); i++) row.add(spelt(result.getString(i)));
                rows.add(row);
            }
            if (!sql.contains("ORDER BY")) rows.sort(Comparator.comparing(Object::toString));
            return rows;
        }
    }

    private static String spelt(Value value) {
        return value.isNull() ? "NULL" : spelt(value.shown());
    }

    private static String spelt(String text) {
        if (text == null) return "NULL";
        return text.matches("-?\\d+(\\.\\d+)?") ? new BigDecimal(text).stripTrailingZeros().toPlainString() : text;
    }
}
