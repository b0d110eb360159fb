package lunko.bench;

import java.util.Random;
import java.util.concurrent.TimeUnit;
import lunko.query.JoinKind;
import lunko.steps.JoinAlgorithm;
import lunko.steps.MatchFrame;
import lunko.steps.MatchTimeline;
import lunko.words.Language;
import lunko.words.english.English;
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

/** A left join of 10,000 with 10,000 rows, over 100 million steps, in a heap of 256 MB. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Fork(value = 1, jvmArgsAppend = "-Xmx256m")
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
public class TimelineBenchmark {
    private static final Language ENGLISH = English.language();

    private Data data;
    private MatchTimeline timeline;
    private Random random;
    private long next;

    /** Makes the tables and opens a timeline. */
    @Setup
    public void open() {
        data = Data.of(10_000);
        timeline = MatchTimeline.of(data.outcome(JoinKind.LEFT_OUTER), JoinAlgorithm.NESTED_LOOP);
        random = new Random(3);
    }

    /** Going to any step, and reading what is at hand there. */
    @Benchmark
    public int anyStep() {
        return look(timeline.at(random.nextLong(timeline.last() + 1)));
    }

    /** Going to any step of the first hundredth. */
    @Benchmark
    public int earlyStep() {
        return look(timeline.at(random.nextLong(timeline.last() / 100)));
    }

    /** Going to any step of the last hundredth. */
    @Benchmark
    public int lateStep() {
        return look(timeline.at(timeline.last() - random.nextLong(timeline.last() / 100)));
    }

    /** Going to the next step, for comparison. */
    @Benchmark
    public int nextStep() {
        next = next == timeline.last() ? 0 : next + 1;
        return look(timeline.at(next));
    }

    /** Opening the timeline. */
    @Benchmark
    public MatchTimeline opening() {
        return MatchTimeline.of(data.outcome(JoinKind.LEFT_OUTER), JoinAlgorithm.NESTED_LOOP);
    }

    private static int look(MatchFrame frame) {
        return frame.why().in(ENGLISH).parts().size() + frame.landed().size() + frame.left().get(0).ordinal();
    }
}
