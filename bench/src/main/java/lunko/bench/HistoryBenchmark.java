package lunko.bench;

import java.util.concurrent.TimeUnit;
import lunko.lesson.CellEdit;
import lunko.lesson.DemoLesson;
import lunko.lesson.History;
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
import org.openjdk.jmh.annotations.Warmup;

/** Undo takes the same time however much has been done. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
public class HistoryBenchmark {
    /** How much has been done. */
    @Param({"10", "100000"})
    public int edits;

    private History history;

    /** Does it. */
    @Setup
    public void work() {
        history = History.of(DemoLesson.lesson());
        for (int i = 0; i < edits; i++)
            history = history.after(new CellEdit.Type("hives", 0, 2, Integer.toString(i))).expect();
    }

    /** Takes the last change back. */
    @Benchmark
    public History undo() {
        return history.undo();
    }
}
