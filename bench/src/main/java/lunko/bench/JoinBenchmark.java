package lunko.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import lunko.engine.JoinResult;
import lunko.engine.ResultColumn;
import lunko.engine.ResultRow;
import lunko.query.JoinKind;
import lunko.table.Table;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/** A join of 100,000 with 100,000 rows, evaluated and read to its end. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgsAppend = "--enable-native-access=ALL-UNNAMED")
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class JoinBenchmark {
    private static final int ROWS = 100_000;
    private static final int AT_ONCE = 1_000;

    /** The kind of join. */
    @Param({"INNER", "LEFT_OUTER", "FULL_OUTER", "LEFT_SEMI", "LEFT_ANTI"})
    public JoinKind kind;

    private Data data;
    private String sql;
    private Optional<Connection> database = Optional.empty();

    /** Makes the tables. */
    @Setup
    public void load() {
        data = Data.of(ROWS);
        sql = data.lesson(kind).staged().sql();
    }

    /** The database that a benchmark asks, its tables filled when it is first asked. */
    private Connection database(String url) throws SQLException {
        if (database.isEmpty()) {
            Connection opened = DriverManager.getConnection(url);
            load(opened, data.left());
            load(opened, data.right());
            database = Optional.of(opened);
        }
        return database.get();
    }

    private static void load(Connection database, Table table) throws SQLException {
        database.setAutoCommit(false);
        try (Statement create = database.createStatement()) {
            create.execute("CREATE TABLE " + table.name() + " (id INTEGER, label VARCHAR(40))");
        }
        try (Statement insert = database.createStatement()) {
            for (int from = 0; from < table.rows().size(); from += AT_ONCE) {
                insert.execute("INSERT INTO " + table.name() + " VALUES " + table.rows()
                        .subList(from, Math.min(table.rows().size(), from + AT_ONCE)).stream()
                        .map(row -> "(" + row.value(0).sql() + ", " + row.value(1).sql() + ")")
                        .collect(Collectors.joining(", ")));
            }
        }
        // Without it H2 compares every row with every row.
        try (Statement index = database.createStatement()) {
            index.execute("CREATE INDEX " + table.name() + "_id ON " + table.name() + " (id)");
        }
        database.commit();
    }

    /** Closes the database. */
    @TearDown
    public void close() throws SQLException {
        if (database.isPresent()) database.get().close();
    }

    /** Lunko. */
    @Benchmark
    public long lunko() {
        JoinResult outcome = data.outcome(kind);
        List<ResultColumn> columns = outcome.columns();
        long read = 0;
        for (ResultRow row : outcome.rows()) {
            for (ResultColumn column : columns) read += outcome.cell(row, column).value().isNull() ? 0 : 1;
        }
        return read;
    }

    /** SQLite in memory, through JDBC. */
    @Benchmark
    public long sqlite() throws SQLException {
        return read(database("jdbc:sqlite::memory:"), sql);
    }

    /** DuckDB in memory, through JDBC. */
    @Benchmark
    public long duckdb() throws SQLException {
        return read(database("jdbc:duckdb:"), sql);
    }

    /** H2 in memory, through JDBC; it has no full outer join, and is asked for the left one instead. */
    @Benchmark
    public long h2() throws SQLException {
        return read(database("jdbc:h2:mem:;OPTIMIZE_REUSE_RESULTS=FALSE"),
                sql.replace("FULL JOIN", "LEFT JOIN"));
    }

    private static long read(Connection database, String query) throws SQLException {
        long read = 0;
        try (Statement statement = database.createStatement(); ResultSet rows = statement.executeQuery(query)) {
            int columns = rows.getMetaData().getColumnCount();
            while (rows.next()) {
                for (int column = 1; column <= columns; column++) read += rows.getObject(column) == null ? 0 : 1;
            }
        }
        return read;
    }
}
