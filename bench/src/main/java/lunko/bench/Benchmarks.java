package lunko.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import javafx.application.Platform;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.util.Statistics;

/** Runs all benchmarks and writes their tables into the docs. */
public final class Benchmarks {
    private static final String BY_HAND = "## Before and after";

    private Benchmarks() {}

    /** Runs them; the argument is the file to write. */
    public static void main(String[] arguments) throws RunnerException, IOException {
        Collection<RunResult> joins = run(JoinBenchmark.class);
        Collection<RunResult> check = run(KeyCheckBenchmark.class);
        WindowTimes.startToolkit();
        List<WindowTimes.Times> editing = EditBenchmark.run();
        WindowTimes.Times inTheShow = EditBenchmark.runInTheShow();
        List<WindowTimes.Times> typing = TypingBenchmark.run();
        ShowBenchmark.Measured show = ShowBenchmark.run();
        Platform.exit();
        List<String> readings = ReadingBenchmark.run();
        Collection<RunResult> history = run(HistoryBenchmark.class);
        Collection<RunResult> language = run(LanguageBenchmark.class);
        Collection<RunResult> steps = run(TimelineBenchmark.class);
        List<String> lines = new ArrayList<>(List.of("# Benchmarks", "",
                "Written by `mvn -Pbench verify`, last on " + LocalDate.now() + " with Java " + Runtime.version() + ", "
                        + Runtime.getRuntime().availableProcessors() + " processors, " + System.getProperty("os.name")
                        + " "
                        + System.getProperty("os.arch")
                        + ". Times of one run are comparable with each other, not with those of another.",
                "", "## Joins", "",
                "100,000 × 100,000 rows, keys even over 100,000 values, 1% NULL, evaluated and read to the end; "
                        + "milliseconds, and in brackets how many times Lunko's. The databases have an index on the "
                        + "key. H2 has no full outer join and does the left one there.",
                "", "| kind | Lunko | SQLite | H2 | DuckDB |", "|---|---:|---:|---:|---:|"));
        for (String kind : List.of("INNER", "LEFT_OUTER", "FULL_OUTER", "LEFT_SEMI", "LEFT_ANTI")) {
            double lunko = time(joins, "lunko", kind);
            lines.add(String.format(Locale.ROOT, "| %s | %.0f | %s | %s | %s |",
                    kind.toLowerCase(Locale.ROOT).replace('_', ' '), lunko,
                    beside(time(joins, "sqlite", kind), lunko), beside(time(joins, "h2", kind), lunko),
                    beside(time(joins, "duckdb", kind), lunko)));
        }
        lines.addAll(List.of("", "## Steps", "",
                "A left join of 10,000 × 10,000 rows, over 100 million steps, in a heap of 256 MB; microseconds.",
                "", "| | median | 99% under |", "|---|---:|---:|"));
        for (RunResult result : steps) {
            Statistics times = result.getPrimaryResult().getStatistics();
            lines.add(String.format(Locale.ROOT, "| %s | %.1f | %.1f |", switch (result.getPrimaryResult().getLabel()) {
                case "anyStep" -> "going to any step";
                case "earlyStep" -> "going to any of the first hundredth";
                case "lateStep" -> "going to any of the last hundredth";
                case "nextStep" -> "going to the next step";
                default -> "opening the timeline";
            }, times.getPercentile(50) / 1000, times.getPercentile(99) / 1000));
        }
        lines.addAll(List.of("", "## The language", "",
                "The queries of the demo lesson, one of each kind; microseconds each.",
                "", "| | |", "|---|---:|"));
        for (RunResult result : language) {
            lines.add(String.format(Locale.ROOT, "| %s | %.1f |",
                    result.getPrimaryResult().getLabel().equals("parse") ? "read"
                            : "read, bound and run",
                    result.getPrimaryResult().getScore()));
        }
        lines.addAll(List.of("", "## Key check", "", "10,000 × 10,000 rows with words for keys; milliseconds.", "",
                "| | |", "|---|---:|"));
        for (RunResult result : check) {
            lines.add(String.format(Locale.ROOT, "| %s | %.1f |",
                    result.getPrimaryResult().getLabel().equals("keyCheck")
                            ? "all that is found, as after an edit" : "only who is whose partner",
                    result.getPrimaryResult().getScore()));
        }
        lines.addAll(List.of("", "## The bench", "",
                "Two linked tables of 10,000 rows × 20 columns on the bench; the work in the window's thread with "
                        + "its layout, in milliseconds. A picture at 60 a second has 16.",
                "", "| | median | 95% under | 99% under |", "|---|---:|---:|---:|"));
        editing.forEach(times -> lines.add(line(times)));
        lines.add(line(inTheShow));
        lines.addAll(
                List.of("", "Undo itself, after so many changes; nanoseconds.", "", "| changes | |", "|---:|---:|"));
        for (RunResult result : history) {
            lines.add(String.format(Locale.ROOT, "| %s | %.1f |", result.getParams().getParam("edits"),
                    result.getPrimaryResult().getScore()));
        }
        lines.addAll(List.of("", "## The query", "",
                "A chain of ten tables; the work in the window's thread with its layout, in milliseconds, pictures "
                        + "made by the processor. A picture at 60 a second has 16.",
                "", "| | median | 95% under | 99% under |", "|---|---:|---:|---:|"));
        typing.forEach(times -> lines.add(line(times)));
        lines.addAll(List.of("",
                "How often a text is read, and a statement bound and evaluated, for what a person does; "
                        + "milliseconds, the median of 30 runs and their spread.",
                "",
                "| | read | evaluated | median | spread |", "|---|---:|---:|---:|---:|"));
        lines.addAll(readings);
        lines.addAll(List.of("", "## The show", "",
                "A left join of 50 × 50 rows, " + show.steps()
                        + " steps; the work in the window's thread with its layout, in milliseconds, pictures made "
                        + "by the processor. A picture at 30 a second has 33.",
                "", "| | median | 95% under | 99% under |", "|---|---:|---:|---:|"));
        show.times().forEach(times -> lines.add(line(times)));
        lines.addAll(List.of("",
                String.format(Locale.ROOT, "In use in the heap after 10,000 steps %.1f MB, after 100,000 more %.1f MB.",
                        show.heapBefore(), show.heapAfter())));
        Path file = Path.of(arguments[0]);
        lines.addAll(kept(file));
        Files.write(file, lines);
    }

    /** What somebody has written at the end of the file, which stays. */
    private static List<String> kept(Path file) throws IOException {
        if (!Files.exists(file)) return List.of();
        List<String> all = Files.readAllLines(file);
        int from = all.indexOf(BY_HAND);
        return from < 0 ? List.of() : Stream.concat(Stream.of(""), all.stream().skip(from)).toList();
    }

    private static String line(WindowTimes.Times times) {
        return String.format(Locale.ROOT, "| %s | %.1f | %.1f | %.1f |", times.of(), times.percentile(50),
                times.percentile(95), times.percentile(99));
    }

    private static Collection<RunResult> run(Class<?> benchmark) throws RunnerException {
        return new Runner(new OptionsBuilder().include(benchmark.getName()).build()).run();
    }

    private static double time(Collection<RunResult> results, String name, String kind) {
        return results.stream().filter(result -> result.getPrimaryResult().getLabel().equals(name)
                && result.getParams().getParam("kind").equals(kind)).findFirst().orElseThrow().getPrimaryResult()
                .getScore();
    }

    private static String beside(double time, double lunko) {
        return String.format(Locale.ROOT, "%.0f (%.1f)", time, time / lunko);
    }
}
