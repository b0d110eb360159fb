package lunko.bench;

import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import lunko.engine.Join;
import lunko.engine.Joined;
import lunko.engine.Matching;
import lunko.insight.keys.KeyCheck;
import lunko.lesson.Lesson;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A key check of 10,000 with 10,000 rows with words for keys, a third of them unmatched and some misspelt. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 2)
public class KeyCheckBenchmark {
    private static final int ROWS = 10_000;
    private static final List<KeyPair> ON = List.of(new KeyPair("k", "k"));

    private Table left;
    private Table right;
    private Join join;

    /** Makes the tables. */
    @Setup
    public void make() {
        left = table("hives", new Random(1));
        right = table("keepers", new Random(2));
        join = ((Joined) Lesson.of("", left, JoinKind.INNER, right, ON).staged().result().expect()).join();
    }

    private static Table table(String name, Random random) {
        return Table.of(name, List.of(new Column("k", Type.TEXT)), IntStream.range(0, ROWS).mapToObj(_ -> {
            String word = "meadow" + random.nextInt(ROWS);
            return List.of(random.nextInt(100) == 0 ? Value.NULL
                    : Value.of(random.nextInt(20) == 0 ? word.toUpperCase(Locale.ROOT) : word));
        }).toList());
    }

    /** All that a key check finds, as after an edit. */
    @Benchmark
    public KeyCheck keyCheck() {
        return KeyCheck.of(left, right, ON);
    }

    /** Only which rows match, for comparison. */
    @Benchmark
    public Matching matching() {
        return Matching.of(join);
    }
}
