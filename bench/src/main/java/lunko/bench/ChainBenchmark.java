package lunko.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.sql.Database;
import lunko.problem.Origin;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Tables of ten rows divided by commas in any order, each tied to another by an equality in WHERE, and one of them to a
 * value: read, bound and run.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(value = 1, jvmArgsAppend = "--enable-native-access=ALL-UNNAMED")
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class ChainBenchmark {
    private static final int QUERIES = 20;
    private static final int ROWS = 10;

    /** How many tables are joined. */
    @Param({"4", "8", "16", "32", "64"})
    public int tables;

    private final List<Table> stored = new ArrayList<>();
    private final List<String> texts = new ArrayList<>();
    private Database database;
    private Connection sqlite;

    /** Makes the tables and the queries. */
    @Setup(Level.Trial)
    public void make() throws SQLException {
        Random random = new Random(tables);
        for (int table = 1; table <= tables; table++) stored.add(table(table, random));
        database = Database.of(stored);
        for (int i = 0; i < QUERIES; i++) texts.add(query(random));
        sqlite = DriverManager.getConnection("jdbc:sqlite::memory:");
        try (Statement load = sqlite.createStatement()) {
            for (Table table : stored) load(load, table);
        }
    }

    private static Table table(int number, Random random) {
        List<Integer> own = shuffled(ROWS, random);
        List<Integer> other = shuffled(ROWS, random);
        return Table.of("t" + number, List.of(new Column("a" + number, Type.INTEGER),
                new Column("b" + number, Type.INTEGER), new Column("x" + number, Type.TEXT)),
                IntStream.range(0, ROWS).mapToObj(row -> List.of(Value.of((long) own.get(row)),
                        Value.of((long) other.get(row)),
                        Value.of("table t" + number + " row " + own.get(row)))).toList());
    }

    private static void load(Statement load, Table table) throws SQLException {
        String columns = table.columns().stream().map(Column::name).collect(Collectors.joining(", "));
        load.execute("CREATE TABLE " + table.name() + " (" + columns + ", PRIMARY KEY ("
                + table.columns().getFirst().name() + "))");
        load.execute("INSERT INTO " + table.name() + " VALUES " + table.rows().stream()
                .map(row -> row.values().stream().map(Value::sql).collect(Collectors.joining(", ", "(", ")")))
                .collect(Collectors.joining(", ")));
    }

    private static List<Integer> shuffled(int count, Random random) {
        List<Integer> numbers = new ArrayList<>(IntStream.rangeClosed(1, count).boxed().toList());
        Collections.shuffle(numbers, random);
        return numbers;
    }

    private String query(Random random) {
        List<Integer> chain = shuffled(tables, random);
        List<String> conditions = new ArrayList<>();
        for (int i = 1; i < tables; i++)
            conditions.add("a" + chain.get(i) + " = b" + chain.get(random.nextInt(i)));
        conditions.add("b" + chain.get(random.nextInt(tables)) + " = " + (1 + random.nextInt(ROWS)));
        Collections.shuffle(conditions, random);
        List<Integer> from = shuffled(tables, random);
        return "SELECT " + from.stream().map(table -> "x" + table).collect(Collectors.joining(", ")) + " FROM "
                + shuffled(tables, random).stream().map(table -> "t" + table).collect(Collectors.joining(", "))
                + " WHERE " + String.join(" AND ", conditions);
    }

    /** By Lunko. */
    @Benchmark
    @OperationsPerInvocation(QUERIES)
    public int lunko() {
        int rows = 0;
        for (String text : texts) {
            Script script = new SqlParser(new Origin.Query()).parse(text).expect();
            rows += database.run(script.statements().getFirst(), script).expect().result().orElseThrow().rows().size();
        }
        return rows;
    }

    /** By SQLite. */
    @Benchmark
    @OperationsPerInvocation(QUERIES)
    public int sqlite() throws SQLException {
        int rows = 0;
        try (Statement statement = sqlite.createStatement()) {
            for (String text : texts) {
                try (ResultSet result = statement.executeQuery(text)) {
                    while (result.next()) {
                        for (int column = 1; column <= tables; column++) result.getString(column);
                        rows++;
                    }
                }
            }
        }
        return rows;
    }

    /** Closes the database. */
    @TearDown
    public void close() throws SQLException {
        sqlite.close();
    }
}
