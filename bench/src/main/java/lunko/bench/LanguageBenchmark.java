package lunko.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import lunko.engine.sql.Database;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.problem.Origin;
import lunko.query.JoinKind;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The queries of the demo lesson, one of each kind, as texts. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class LanguageBenchmark {
    private static final int QUERIES = 9;

    private final Lesson lesson = DemoLesson.lesson();
    private final Database database = Database.of(lesson.tables());
    private final List<String> texts =
            Stream.of(JoinKind.values()).map(kind -> lesson.of(kind).staged().sql()).toList();

    /** Reading a query. */
    @Benchmark
    @OperationsPerInvocation(QUERIES)
    public int parse() {
        return texts.stream().mapToInt(text -> script(text).statements().size()).sum();
    }

    /** Reading a query, finding its names and types, and running it on the few rows of the demo. */
    @Benchmark
    @OperationsPerInvocation(QUERIES)
    public int parseBindAndRun() {
        return texts.stream().mapToInt(text -> {
            Script script = script(text);
            return database.run(script.statements().getFirst(), script).expect().stages().orElseThrow().rows().size();
        }).sum();
    }

    private static Script script(String text) {
        return new SqlParser(new Origin.Query()).parse(text).expect();
    }
}
