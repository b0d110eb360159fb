package lunko.engine.sql;

import static lunko.engine.sql.TeachingScript.DEMO;
import static lunko.engine.sql.TeachingScript.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.beside.Postgres;
import lunko.beside.RealDatabase;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.table.Type;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Queries as learners spell them give what PostgreSQL gives, letter by letter the same text; or are refused by both.
 */
class AsPostgresHasItTest {
    private static final String CASES =
            "CREATE TABLE a (ID INTEGER, x INTEGER); CREATE TABLE b (id INTEGER, y INTEGER);"
                    + "CREATE TABLE sized (d DECIMAL(6, 2), v VARCHAR(3), s SMALLINT);"
                    + "INSERT INTO sized VALUES (2.345, 'abc', 7),"
                    + "(-0.005, 'ab   ', NULL); UPDATE sized SET d = d * 3.333 WHERE s = 7;"
                    + "CREATE TABLE days (day DATE, n INTEGER);"
                    + "INSERT INTO days VALUES ('2026-06-02', 1), ('2026-06-20', 2), (NULL, 3);"
                    + "INSERT INTO a VALUES (1, 10), (2, 20); INSERT INTO b VALUES (2, 200), (3, 300);";
    private static Postgres postgres;

    @BeforeAll
    static void start() throws IOException, SQLException {
        postgres = Postgres.start();
        for (String statement : (DEMO + CASES).split(";")) {
            if (!statement.isBlank()) assertThat(postgres.allows(statement)).as(statement).isTrue();
        }
    }

    @AfterAll
    static void stop() throws IOException, SQLException {
        postgres.close();
    }

    @ParameterizedTest
    @ValueSource(strings = {"SELECT * FROM a NATURAL JOIN b", "SELECT * FROM a NATURAL FULL JOIN b ORDER BY id",
            "SELECT * FROM (SELECT b.ID, y FROM b) q NATURAL JOIN b", "SELECT A.Id FROM a JOIN b USING (ID)",
            "SELECT ROUND(kg), ROUND(kg, 1), ROUND(-kg, 1) FROM harvests ORDER BY kg",
            "SELECT ROUND(2.5), ROUND(-2.5), ROUND(1.005, 2), ROUND(1234.5, -2), ROUND(NULL, 1)",
            "SELECT ROUND(kg, 0) / 2, ROUND('x') FROM harvests", "SELECT ROUND(kg, 1, 2) FROM harvests",
            "SELECT MOD(7, 3), MOD(-7, 3), MOD(7, -3), MOD(7.5, 2), MOD(NULL, 2)", "SELECT MOD(1, 0)",
            "SELECT SUBSTRING(hive, 2), SUBSTRING(hive, 1, 3), SUBSTRING(hive, -1, 4) FROM hives ORDER BY hive_no",
            "SELECT SUBSTR('öäü', 2, 1), SUBSTRING('abc', 9), SUBSTRING('abc', 2, 0), SUBSTRING(NULL, 1, 1)",
            "SELECT SUBSTRING('abc', -2000000000, 5), SUBSTRING('abc', -2147483647, 2147483647)",
            "SELECT ROUND(2.5, 900)",
            "SELECT COUNT(*) AS n, n + 1 FROM hives", "SELECT SUBSTRING('abc', 1, -1)",
            "SELECT SUBSTRING('abc', 2, 2000000000)",
            "SELECT LENGTH(hive), CHAR_LENGTH(hive) FROM hives ORDER BY hive_no",
            "SELECT CAST(2.0 / 3 AS DECIMAL(8, 2)), CAST('abcdef' AS VARCHAR(3)), CAST(7 AS DECIMAL(5))",
            "SELECT CAST(-2.345 AS DECIMAL(6, 2)), CAST(1.5 AS NUMERIC(3)), CAST(12 AS SMALLINT)",
            "SELECT CAST(1234.5 AS DECIMAL(5, 2))", "SELECT CAST(999.995 AS DECIMAL(5, 2))",
            "SELECT CAST(40000 AS SMALLINT)", "SELECT CAST(1 AS DECIMAL(2, 3))", "SELECT CAST('a' AS VARCHAR(0))",
            "SELECT * FROM sized ORDER BY d", "SELECT 1e3", "SELECT 2.5E-1 + 1", "SELECT 12e0 / 5",
            "SELECT hive FROM hives WHERE hive_no != 2 ORDER BY hive",
            "SELECT DISTINCT hive FROM hives ORDER BY hives.hive",
            "SELECT DISTINCT h.hive FROM hives h ORDER BY hive DESC",
            "SELECT DISTINCT hive_no + 1 FROM hives h ORDER BY h.hive_no + 1",
            "SELECT DISTINCT village FROM keepers ORDER BY keeper",
            "SELECT UPPER(village), COUNT(*) FROM keepers GROUP BY upper(village) ORDER BY 1",
            "SELECT k.keeper_id + 1 FROM keepers k GROUP BY keeper_id + 1 ORDER BY K.keeper_id + 1",
            "SELECT k.village FROM keepers k GROUP BY village HAVING COUNT(keeper) = count(k.KEEPER) ORDER BY 1",
            "SELECT village FROM keepers GROUP BY lower(keeper)",
            "SELECT h.keeper_id, k.keeper_id FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id "
                    + "ORDER BY keeper_id",
            "SELECT keeper_id, keeper_id FROM hives WHERE keeper_id > 1 ORDER BY keeper_id",
            "SELECT hive AS x, keeper_id AS x FROM hives ORDER BY x",
            "SELECT * FROM hives h JOIN keepers k USING (keeper_id) ORDER BY keeper_id, hive",
            "SELECT * FROM hives JOIN keepers USING (keeper_id, keeper_id)",
            "SELECT village, COUNT(*) FROM keepers k GROUP BY village, village HAVING EXISTS (SELECT 1 FROM keepers x "
                    + "WHERE x.village = k.village AND x.keeper = 'Oda')",
            "SELECT EXISTS (SELECT * FROM hives) IS NULL",
            "SELECT hive FROM hives h WHERE EXISTS (SELECT * FROM keepers k WHERE k.keeper_id = h.keeper_id) = false",
            "SELECT hive FROM hives h WHERE true = EXISTS (SELECT * FROM keepers k WHERE k.keeper_id = h.keeper_id) "
                    + "ORDER BY hive",
            "SELECT NOT EXISTS (SELECT * FROM hives WHERE hive_no > 9) AND EXISTS (SELECT 1)",
            "SELECT _x.hive AS _y FROM hives _x WHERE _x.hive_no = 1",
            "WITH heavy AS (SELECT hive_no, SUM(kg) AS total FROM harvests GROUP BY hive_no) SELECT hive, total "
                    + "FROM hives LEFT JOIN heavy ON hives.hive_no = heavy.hive_no ORDER BY hive",
            "WITH v (place, n) AS (SELECT village, COUNT(*) FROM keepers GROUP BY village) SELECT a.place, b.place "
                    + "FROM v a JOIN v b ON a.n = b.n AND a.place < b.place ORDER BY 1, 2",
            "WITH a AS (SELECT 1 AS x), b AS (SELECT x + 1 AS y FROM a) SELECT * FROM a, b",
            "WITH keepers AS (SELECT hive AS keeper FROM hives) SELECT keeper FROM keepers ORDER BY keeper",
            "SELECT hive FROM hives WHERE keeper_id IN (WITH q AS (SELECT keeper_id FROM keepers WHERE village = "
                    + "'Ashholt') SELECT q.keeper_id FROM q) ORDER BY hive",
            "SELECT hive FROM hives h WHERE NOT EXISTS (WITH q AS (SELECT * FROM keepers) SELECT 1 FROM q WHERE "
                    + "q.keeper_id = h.keeper_id) ORDER BY hive",
            "WITH keepers AS (SELECT keeper_id, hive FROM hives) SELECT * FROM hives h JOIN keepers k "
                    + "ON h.keeper_id = k.keeper_id ORDER BY 1, 5",
            "SELECT (WITH q AS (SELECT COUNT(*) AS n FROM hives) SELECT n FROM q)",
            "SELECT hive FROM hives WHERE keeper_id IN (WITH q AS (SELECT keeper_id FROM keepers) SELECT * FROM q) "
                    + "ORDER BY hive",
            "WITH a AS (SELECT 1 AS x), a AS (SELECT 2 AS x) SELECT * FROM a",
            "WITH a (x, y) AS (SELECT 1) SELECT * FROM a",
            "WITH a AS (SELECT * FROM b), b AS (SELECT 1) SELECT * FROM a",
            "WITH a AS (SELECT 1 AS x) SELECT x FROM a UNION ALL SELECT x + 1 FROM a ORDER BY 1 LIMIT 1",
            "SELECT hive FROM hives WHERE keeper_id = ANY (SELECT keeper_id FROM keepers) ORDER BY hive",
            "SELECT hive FROM hives WHERE keeper_id <> ALL (SELECT keeper_id FROM keepers) ORDER BY hive",
            "SELECT kg FROM harvests WHERE kg >= ALL (SELECT kg FROM harvests WHERE kg IS NOT NULL)",
            "SELECT kg FROM harvests WHERE NOT kg < SOME (SELECT kg FROM harvests)",
            "SELECT 1 = ANY (SELECT 1 WHERE 1 = 0), 1 = ALL (SELECT 1 WHERE 1 = 0), NULL > ALL (SELECT 1), "
                    + "1 <> ANY (SELECT CAST(NULL AS INTEGER))",
            "SELECT k.keeper, COUNT(*) FROM keepers k JOIN hives h ON h.keeper_id = k.keeper_id GROUP BY k.keeper_id "
                    + "HAVING k.village <> 'Reedmere' ORDER BY keeper",
            "SELECT keeper, village || '!', hive FROM keepers k LEFT JOIN hives h ON h.keeper_id = k.keeper_id "
                    + "GROUP BY k.keeper_id, hive_no ORDER BY UPPER(keeper), hive",
            "SELECT keeper, hive FROM keepers k LEFT JOIN hives h ON h.keeper_id = k.keeper_id GROUP BY k.keeper_id",
            "SELECT keeper FROM (SELECT * FROM keepers) q GROUP BY keeper_id",
            "SELECT keeper FROM keepers GROUP BY village",
            "SELECT GREATEST(1, 2.5, 2), LEAST(3, 1.5), GREATEST('oda', 'tam'), LEAST(1)", "SELECT GREATEST(1, 'x')",
            "SELECT n FROM days WHERE day = '2026-06-02'",
            "SELECT n FROM days WHERE '2026-06-02' < day ORDER BY n",
            "SELECT n FROM days WHERE day BETWEEN '2026-06-01' AND '2026-06-30' ORDER BY n",
            "SELECT n FROM days WHERE day IN ('2026-06-02', DATE '2026-06-20') ORDER BY n",
            "SELECT n FROM days WHERE day = '2026-06-31'", "SELECT 7 % 3, -7 % 3, 2 + 7 % 4 * 2",
            "SELECT hive FROM hives WHERE hive_no % 2 = 1 ORDER BY hive", "SELECT 1 % 0"})
    void whatIsSpelledOtherwise(String sql) throws SQLException {
        assertAsPostgresHasIt(sql);
    }

    private static void assertAsPostgresHasIt(String sql) throws SQLException {
        Checked<ResultTable> own = run(DEMO + CASES + sql);
        Object theirs =
                theirs(sql, own.either(result -> result.columns().stream().map(ResultTable.Column::type).toList(),
                        _ -> List.<Optional<Type>>of()));
        Object ours = own.<Object>either(result -> result.rows().stream()
                .map(row -> row.stream().map(RealDatabase::spelt).toList()).toList(), _ -> "refused");
        assertThat(ours).as(own.either(_ -> sql, Problem::toString)).isEqualTo(theirs);
    }

    private static Object theirs(String sql, List<Optional<Type>> types) {
        try {
            return postgres.rows(sql, types);
        } catch (SQLException refused) {
            return "refused";
        }
    }

    private static final String SCHEMA = """
            CREATE TABLE IF NOT EXISTS meadows (meadow_no INTEGER PRIMARY KEY, meadow VARCHAR(20) NOT NULL,
                shade INTEGER DEFAULT 1 + 2 CONSTRAINT bright CHECK (shade BETWEEN 0 AND 9));
            CREATE TABLE IF NOT EXISTS meadows (other INTEGER);
            CREATE TABLE stands (stand_no INTEGER, meadow_no INTEGER, side TEXT NULL DEFAULT 'south',
                CONSTRAINT stand_key PRIMARY KEY (stand_no), CONSTRAINT of_meadow FOREIGN KEY (meadow_no)
                REFERENCES meadows (meadow_no) ON UPDATE NO ACTION ON DELETE CASCADE, UNIQUE (meadow_no, side));
            CREATE TABLE scales (weight REAL, stand_no INTEGER REFERENCES stands ON DELETE SET NULL);
            CREATE INDEX by_meadow ON stands (meadow_no DESC, side);
            BEGIN;
            INSERT INTO meadows (meadow_no, meadow) VALUES (1, 'Lime Row'), (2, 'Mill Brook'), (3, 'High Field');
            INSERT INTO stands (stand_no, meadow_no) SELECT meadow_no * 10, meadow_no FROM meadows;
            COMMIT;
            INSERT INTO scales SELECT stand_no / 2.0, stand_no FROM stands;
            ALTER TABLE stands ADD COLUMN height INTEGER DEFAULT 40;
            ALTER TABLE stands ADD CONSTRAINT low CHECK (height < 100 OR side = 'north');
            UPDATE stands AS s SET height = s.height + s.stand_no WHERE s.meadow_no > 1;
            DELETE FROM meadows m WHERE m.meadow_no = 2;
            CREATE TABLE jars (jar_no SERIAL PRIMARY KEY, label VARCHAR(20), filled TIMESTAMP);
            INSERT INTO jars (label, filled) VALUES ('clover', TIMESTAMP '2026-06-02 10:00:00'), ('heath', NULL);
            INSERT INTO jars (label) SELECT label FROM jars WHERE label = 'clover';
            CREATE TABLE shelves (shelf INTEGER GENERATED BY DEFAULT AS IDENTITY, place TEXT);
            INSERT INTO shelves (place) VALUES ('left'), ('right');
            CREATE VIEW clover_jars (no, label) AS SELECT jar_no, label FROM jars WHERE label = 'clover';
            CREATE TABLE counted AS SELECT label, COUNT(*) AS n FROM jars GROUP BY label;
            BEGIN;
            DELETE FROM jars WHERE label = 'heath';
            ROLLBACK;
            BEGIN;
            INSERT INTO jars (label) VALUES ('clover');
            COMMIT;
            CREATE OR REPLACE VIEW seen AS SELECT no + 1 AS next FROM clover_jars;
            CREATE VIEW gone AS SELECT 1 AS x;
            DROP VIEW gone;
            """;

    @ParameterizedTest
    @ValueSource(strings = {"SELECT * FROM meadows ORDER BY 1", "SELECT * FROM stands ORDER BY 1",
            "SELECT * FROM scales ORDER BY 1", "SELECT jar_no, label FROM jars ORDER BY 1",
            "SELECT * FROM shelves ORDER BY 1", "SELECT * FROM clover_jars ORDER BY no",
            "SELECT * FROM counted ORDER BY label", "SELECT next FROM seen ORDER BY 1",
            "WITH jars AS (SELECT 1 AS x) SELECT c.no, jars.x FROM clover_jars c, jars ORDER BY 1",
            "SELECT index, action, no, start FROM (SELECT 1 AS index, 2 AS action, 3 AS no, 4 AS start) q"})
    void aScriptOfASchemaMakesTheSameTables(String sql) throws SQLException {
        made();
        ResultTable own = run(SCHEMA + sql).expect();
        assertThat(own.rows().stream().map(row -> row.stream().map(RealDatabase::spelt).toList()).toList())
                .isEqualTo(theirs(sql, own.columns().stream().map(ResultTable.Column::type).toList()));
    }

    /** What reads itself, is asked anew, or compares several values at once. */
    @ParameterizedTest
    @ValueSource(strings = {
            "WITH RECURSIVE line (hive_no, hive, generation) AS (SELECT hive_no, hive, 0 FROM hives WHERE hive_no < 3 "
                    + "UNION ALL SELECT h.hive_no, h.hive, l.generation + 1 FROM hives h JOIN line l ON h.hive_no = "
                    + "l.hive_no + 2) SELECT * FROM line ORDER BY generation, hive_no",
            "WITH RECURSIVE n AS (SELECT 1 AS x UNION SELECT x % 5 + 1 FROM n) SELECT * FROM n ORDER BY x",
            "WITH RECURSIVE n (x) AS (VALUES (1) UNION ALL SELECT x + 1 FROM n WHERE x < 9), even AS (SELECT x FROM n "
                    + "WHERE x % 2 = 0) SELECT a.x, b.x FROM even a JOIN even b ON a.x < b.x ORDER BY 1, 2",
            "WITH RECURSIVE n (x) AS (SELECT 1 UNION ALL SELECT n.x + 1 FROM n WHERE EXISTS (SELECT * FROM hives h "
                    + "WHERE h.hive_no = n.x)) SELECT MAX(x) FROM n",
            "WITH RECURSIVE plain AS (SELECT 1 AS x UNION ALL SELECT 2) SELECT * FROM plain ORDER BY x",
            "WITH RECURSIVE none (x) AS (SELECT 1 WHERE 1 = 2 UNION ALL SELECT x + 1 FROM none) SELECT * FROM none",
            "WITH RECURSIVE n (x) AS (SELECT 1 UNION ALL SELECT x + 0.5 FROM n WHERE x < 3) SELECT * FROM n",
            "WITH RECURSIVE n (x) AS (SELECT x FROM n UNION ALL SELECT 1) SELECT * FROM n",
            "WITH RECURSIVE n (x) AS (SELECT 1 UNION ALL SELECT x, x FROM n) SELECT * FROM n",
            "SELECT h.hive, q.day FROM hives h LEFT JOIN LATERAL (SELECT r.day FROM harvests r WHERE r.hive_no = "
                    + "h.hive_no ORDER BY r.day DESC LIMIT 1) q ON TRUE ORDER BY h.hive_no",
            "SELECT h.hive, v.n FROM hives h, LATERAL (VALUES (h.hive_no), (h.keeper_id)) v (n) ORDER BY 1, 2",
            "SELECT a.id, q.s FROM a, b, LATERAL (SELECT a.x + b.y AS s) q ORDER BY 1, 2",
            "SELECT n, q.m FROM days CROSS JOIN LATERAL (SELECT COUNT(*) AS m FROM days d WHERE d.day <= days.day) q "
                    + "ORDER BY n",
            "SELECT a.id, p.y, q.z FROM a JOIN LATERAL (SELECT y FROM b WHERE b.id >= a.id) p ON p.y > 100 LEFT JOIN "
                    + "LATERAL (SELECT p.y + 1 AS z WHERE p.y > 200) q ON a.id = 1 ORDER BY 1, 2",
            "SELECT * FROM a RIGHT JOIN LATERAL (SELECT a.x) q ON TRUE", "SELECT * FROM a, (SELECT a.x) q",
            "SELECT * FROM a LEFT JOIN LATERAL (SELECT y FROM b) q",
            "SELECT hive FROM hives WHERE (hive_no, keeper_id) IN ((1, 11), (2, NULL), (4, 12)) ORDER BY 1",
            "SELECT hive FROM hives WHERE (hive_no, keeper_id) NOT IN (SELECT hive_no, keeper_id FROM visits)",
            "SELECT ID, x FROM a WHERE (id, x) >= (1, 15) AND (x, 1) < (20, 2) AND (id, x) <> (1, 10) ORDER BY 1",
            "SELECT * FROM a JOIN b ON (a.id, 200) = (b.id, b.y)", "SELECT * FROM a WHERE (id, x) = (1, 2, 3)",
            "SELECT * FROM a WHERE (id, x) IN (SELECT id FROM b)", "SELECT * FROM a WHERE (id, x) IN (SELECT 'y', 1)",
            "SELECT * FROM (VALUES (1, 'a'), (2, NULL), (NULL, 'c')) v (x, y) ORDER BY x",
            "VALUES (2, 'b'), (1, 'a') ORDER BY 1", "SELECT * FROM (VALUES (1), (2.5)) q WHERE column1 > 1",
            "SELECT * FROM (VALUES (1, 2), (3)) v", "SELECT * FROM (VALUES (1), ('x')) v (n)",
            "SELECT j.hive, j.keeper FROM (hives JOIN keepers USING (keeper_id)) AS j ORDER BY 1",
            "SELECT hives.hive FROM (hives JOIN keepers USING (keeper_id)) AS j",
            "SELECT 'a%b' LIKE 'a!%b' ESCAPE '!', 'axb' LIKE 'a!%b' ESCAPE '!', 'a_' LIKE '%#_' ESCAPE '#'",
            "SELECT 'x' LIKE 'x' ESCAPE 'ab'", "SELECT 'Oda' ILIKE 'o%', 'oda' NOT ILIKE '%D%', NULL ILIKE 'x'",
            "SELECT POSITION('d' IN 'Oda'), POSITION('' IN 'x'), POSITION('z' IN ''), POSITION(NULL IN 'x')",
            "SELECT EXTRACT(YEAR FROM day), EXTRACT(month FROM day), EXTRACT(DAY FROM day) FROM days ORDER BY n",
            "SELECT EXTRACT(YEAR FROM n) FROM days", "SELECT EXTRACT(FLOWER FROM day) FROM days",
            "SELECT SUBSTRING('abcdef' FROM 2 FOR 3), SUBSTRING('abcdef' FROM 5)",
            "SELECT village, STRING_AGG(keeper, ', ' ORDER BY keeper DESC) FROM keepers GROUP BY village ORDER BY 1",
            "SELECT STRING_AGG(hive, '/' ORDER BY keeper_id NULLS FIRST, hive_no) FROM hives",
            "SELECT STRING_AGG(DISTINCT village, ',' ORDER BY village) FROM keepers WHERE keeper_id < 99",
            "SELECT STRING_AGG(keeper, ',') FROM keepers WHERE keeper_id > 99",
            "SELECT STRING_AGG(keeper_id, 1) FROM hives",
            "SELECT hive FROM hives WHERE STRING_AGG(hive, ',') = 'x'",
            "SELECT k.keeper, STRING_AGG(h.hive, ' and ' ORDER BY h.hive) FROM keepers k LEFT JOIN hives h ON "
                    + "h.keeper_id = k.keeper_id GROUP BY k.keeper HAVING COUNT(h.hive) <> 1 ORDER BY 1",
            "SELECT (SELECT MAX(t.x)) FROM a t", "SELECT (SELECT MAX(a.x) + b.y FROM b WHERE b.id = 2) FROM a",
            "SELECT id, (SELECT SUM(a.x) FROM b) FROM a GROUP BY id ORDER BY 1",
            "SELECT id, (SELECT MAX(b.y) FROM b WHERE b.id > COUNT(a.x)) FROM a GROUP BY id ORDER BY 1",
            "SELECT (SELECT COUNT(a.x) + COUNT(b.y) FROM b) FROM a", "SELECT x FROM a WHERE x = (SELECT MAX(a.x))",
            "SELECT x, (SELECT MAX(a.x)) FROM a",
            "SELECT id FROM a GROUP BY id HAVING EXISTS (SELECT * FROM b WHERE b.y = "
                    + "10 * SUM(a.x)) ORDER BY 1",
            "SELECT (SELECT (SELECT MAX(a.x) + MIN(b.y))) FROM a, b", "SELECT (SELECT MAX(x) FROM b) FROM a",
            "SELECT CONCAT('a', NULL, 1, 2.50), CONCAT(NULL), 'x' || CONCAT('', '')",
            "SELECT day + 7, 7 + day, day - 1, day - DATE '2026-06-01' FROM days ORDER BY n",
            "SELECT day * 2 FROM days", "SELECT day + day FROM days", "SELECT n - day FROM days",
            "SELECT day + 1.5 FROM days", "SELECT CAST('7' AS INTEGER) + '2026-06-01'::date, '1.5'::decimal(4, 2) * 2",
            "SELECT keeper_id AS k, COUNT(*) FROM hives GROUP BY k ORDER BY k",
            "SELECT keeper_id + 1, COUNT(*) FROM hives GROUP BY 1 ORDER BY 1",
            "SELECT COUNT(*) AS n FROM hives GROUP BY n", "SELECT COUNT(*) FROM hives GROUP BY 1",
            "SELECT hive_no FROM hives GROUP BY 2",
            "SELECT x AS id, COUNT(*) FROM a GROUP BY id, x ORDER BY 1", "SELECT hive FROM public.hives ORDER BY 1"})
    void whatReadsItselfIsAskedAnewOrComparesRows(String sql) throws SQLException {
        assertAsPostgresHasIt(sql);
    }

    /** What a schema forbids is refused. */
    @ParameterizedTest
    @ValueSource(strings = {"INSERT INTO meadows VALUES (4, 'Wood', 10)", "DELETE FROM stands WHERE height > 100 / 0",
            "INSERT INTO stands SELECT stand_no, 1, 'north', 1 FROM stands",
            "INSERT INTO stands (stand_no) SELECT 1, 2",
            "ALTER TABLE meadows ADD COLUMN meadow TEXT", "ALTER TABLE stands ADD CHECK (height > 50)",
            "UPDATE meadows SET meadow_no = 9 WHERE meadow_no = 1", "INSERT INTO scales SELECT 'x', 10",
            "CREATE TABLE more (x INTEGER CHECK (y > 1))", "CREATE VIEW jars AS SELECT 1 AS x",
            "CREATE TABLE seen (x INTEGER)", "CREATE VIEW more AS SELECT nothing FROM jars",
            "CREATE TABLE more AS SELECT jar_no, jar_no FROM jars", "CREATE TABLE more (a, b) AS SELECT 1",
            "SELECT * FROM gone", "INSERT INTO clover_jars VALUES (1)"})
    void whatASchemaForbidsIsRefused(String sql) {
        made();
        assertThat(postgres.allows(sql)).as(sql).isFalse();
        assertThat(run(SCHEMA + sql)).isInstanceOf(Checked.Invalid.class);
    }

    private static void made() {
        for (String statement : ("DROP VIEW IF EXISTS seen; DROP VIEW IF EXISTS clover_jars; "
                + "DROP TABLE IF EXISTS jars; "
                + "DROP TABLE IF EXISTS shelves; DROP TABLE IF EXISTS counted; DROP TABLE IF EXISTS scales; "
                + "DROP TABLE IF EXISTS stands; DROP TABLE IF EXISTS meadows;" + SCHEMA).split(";")) {
            if (!statement.isBlank()) assertThat(postgres.allows(statement)).as(statement).isTrue();
        }
    }

    /** What does not fit is refused, and nothing of the statement is done. */
    @ParameterizedTest
    @ValueSource(strings = {"INSERT INTO sized VALUES (1, 'a', 1), (123456.7, 'a', 1)",
            "INSERT INTO sized VALUES (1, 'abcd', 1)", "INSERT INTO sized VALUES (1, 'a', 40000)",
            "UPDATE sized SET v = v || 'x'", "UPDATE sized SET d = d * 10000"})
    void whatDoesNotFitIsRefused(String sql) {
        assertThat(postgres.allows(sql)).isFalse();
        assertThat(run(DEMO + CASES + sql)).isInstanceOf(Checked.Invalid.class);
    }

    /**
     * What is no number is none, and a word of it is not taken for a name. Names are the same whatever their case, so
     * that NATURAL cannot tell two of them apart that differ in it alone.
     */
    @ParameterizedTest
    @ValueSource(strings = {
            "SELECT * FROM (SELECT id AS p, x AS \"P\" FROM a) q NATURAL JOIN (SELECT id AS p FROM b) r", "SELECT 0x1F",
            "SELECT 5x", "SELECT 1e", "SELECT 1.5kg FROM harvests", "SELECT 1e99999"})
    void whatIsNoNumberOrMeansTwoThingsIsRefused(String sql) {
        assertThat(Stream.of(run(DEMO + CASES + sql)).allMatch(Checked.Invalid.class::isInstance)).isTrue();
    }
}
