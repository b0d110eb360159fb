package lunko.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.util.MultisetStatistics;
import org.openjdk.jmh.util.Statistics;

/** Runs all benchmarks and writes their tables into the docs. */
public final class Benchmarks {
    private static final String BY_HAND = "by hand";
    /** So many processes one after the other: one may have been compiled otherwise than another. */
    private static final int ROUNDS = 4;
    private static final String PERCENTILES = "| | median | 95% under | 99% under |";
    private static final String BELOW = "|---|---:|---:|---:|";

    private Benchmarks() {}

    /** One part of the file, under headings of its own. */
    private interface Part {
        List<String> run() throws RunnerException;
    }

    private static final Map<String, Part> PARTS = new LinkedHashMap<>();

    static {
        PARTS.put("joins", Benchmarks::joins);
        PARTS.put("chains", Benchmarks::chains);
        PARTS.put("steps", Benchmarks::steps);
        PARTS.put("language", Benchmarks::language);
        PARTS.put("keys", Benchmarks::keyCheck);
        PARTS.put("handouts", Benchmarks::handouts);
        PARTS.put("page", PageTimes::lines);
        PARTS.put("window", Benchmarks::window);
        PARTS.put("scenes", Benchmarks::scenes);
    }

    /**
     * Runs them; the arguments are the file to write and the names of the parts to run, or none for all: what else is
     * in the file stays.
     */
    public static void main(String[] arguments) throws RunnerException, IOException {
        Path file = Path.of(arguments[0]);
        List<String> wanted = Arrays.stream(arguments).skip(1).filter(name -> !name.isBlank()).toList();
        List<String> lines = new ArrayList<>(List.of("# Benchmarks", "",
                "Written by `mvn -Pbench verify`. Times of one part are comparable with each other, not with those of "
                        + "another."));
        for (Map.Entry<String, Part> part : PARTS.entrySet()) {
            boolean runs = wanted.isEmpty() || wanted.contains(part.getKey());
            lines.addAll(runs ? marked(part.getKey(), part.getValue().run()) : kept(file, part.getKey()));
        }
        lines.addAll(kept(file, BY_HAND));
        Files.write(file, lines);
        // Nothing happens where no part has started it.
        Platform.exit();
    }

    /** The lines of a part between marks by which it is found again, and when and where it was measured. */
    private static List<String> marked(String name, List<String> lines) {
        List<String> all = new ArrayList<>(List.of("", "<!-- " + name + " -->"));
        all.addAll(lines);
        all.addAll(List.of("", "Measured on " + LocalDate.now() + " with Java " + Runtime.version() + ", "
                + Runtime.getRuntime().availableProcessors() + " processors, " + System.getProperty("os.name") + " "
                + System.getProperty("os.arch") + "."));
        return all;
    }

    private static List<String> joins() throws RunnerException {
        // All by turns: what else the machine does meanwhile is not the same from one quarter of an hour to the next.
        List<RunResult> joins = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) joins.addAll(run(JoinBenchmark.class));
        List<String> lines = new ArrayList<>(List.of("", "## Joins", "",
                "100,000 × 100,000 rows, keys even over 100,000 values, 1% NULL, evaluated and read to the end; "
                        + "milliseconds, the median of " + times(joins, "lunko", "INNER").getN() + " in "
                        + ROUNDS + " processes by turns, from the least to the most, and how many times Lunko's "
                        + "median. The databases have an index on the key. H2 has no full outer join and does the left "
                        + "one there.",
                "", "| kind | Lunko | SQLite | H2 | DuckDB |", "|---|---:|---:|---:|---:|"));
        for (String kind : List.of("INNER", "LEFT_OUTER", "FULL_OUTER", "LEFT_SEMI", "LEFT_ANTI")) {
            Statistics lunko = times(joins, "lunko", kind);
            lines.add("| " + kind.toLowerCase(Locale.ROOT).replace('_', ' ') + " | " + spread(lunko) + " | "
                    + Stream.of("sqlite", "h2", "duckdb").map(name -> times(joins, name, kind))
                            .map(times -> spread(times) + String.format(Locale.ROOT, ", %.1f ×", times.getPercentile(50)
                                    / lunko.getPercentile(50)))
                            .collect(Collectors.joining(" | "))
                    + " |");
        }
        return lines;
    }

    private static List<String> chains() throws RunnerException {
        List<RunResult> chains = new ArrayList<>();
        for (int round = 0; round < 2; round++) chains.addAll(run(ChainBenchmark.class));
        List<String> lines = new ArrayList<>(List.of("", "## Chains", "",
                "Tables of ten rows divided by commas, in an order that says nothing, tied by equalities in WHERE and "
                        + "one of them to a value; read, bound and run, each text anew; microseconds a query, the "
                        + "median of 10 in 2 processes by turns, from the least to the most, and how many times "
                        + "SQLite's median. SQLite has the keys declared. An order of the text that goes "
                        + "through no more than 2,500 rows is kept, as its steps can be followed: small chains cost "
                        + "that.",
                "", "| tables | Lunko | SQLite | |", "|---:|---:|---:|---:|"));
        for (String tables : List.of("4", "8", "16", "32", "64")) {
            Statistics lunko = times(chains, "lunko", "tables", tables);
            Statistics sqlite = times(chains, "sqlite", "tables", tables);
            lines.add("| " + tables + " | " + spread(lunko) + " | " + spread(sqlite) + " | "
                    + String.format(Locale.ROOT, "%.1f × |", lunko.getPercentile(50) / sqlite.getPercentile(50)));
        }
        return lines;
    }

    private static List<String> steps() throws RunnerException {
        List<String> lines = new ArrayList<>(List.of("", "## Steps", "",
                "A left join of 10,000 × 10,000 rows, over 100 million steps, in a heap of 256 MB; microseconds.",
                "", "| | median | 99% under |", "|---|---:|---:|"));
        for (RunResult result : run(TimelineBenchmark.class)) {
            Statistics times = result.getPrimaryResult().getStatistics();
            lines.add(String.format(Locale.ROOT, "| %s | %.1f | %.1f |", switch (result.getPrimaryResult().getLabel()) {
                case "anyStep" -> "going to any step";
                case "earlyStep" -> "going to any of the first hundredth";
                case "lateStep" -> "going to any of the last hundredth";
                case "nextStep" -> "going to the next step";
                default -> "opening the timeline";
            }, times.getPercentile(50) / 1000, times.getPercentile(99) / 1000));
        }
        return lines;
    }

    private static List<String> language() throws RunnerException {
        List<String> lines = new ArrayList<>(List.of("", "## The language", "",
                "The queries of the demo lesson, one of each kind; microseconds each.",
                "", "| | |", "|---|---:|"));
        for (RunResult result : run(LanguageBenchmark.class)) {
            lines.add(String.format(Locale.ROOT, "| %s | %.1f |",
                    result.getPrimaryResult().getLabel().equals("parse") ? "read" : "read, bound and run",
                    result.getPrimaryResult().getScore()));
        }
        return lines;
    }

    private static List<String> keyCheck() throws RunnerException {
        List<String> lines = new ArrayList<>(List.of("", "## Key check", "",
                "10,000 × 10,000 rows with words for keys; milliseconds.", "", "| | |", "|---|---:|"));
        for (RunResult result : run(KeyCheckBenchmark.class)) {
            lines.add(String.format(Locale.ROOT, "| %s | %.1f |",
                    result.getPrimaryResult().getLabel().equals("keyCheck")
                            ? "all that is found, as after an edit" : "only which rows match",
                    result.getPrimaryResult().getScore()));
        }
        return lines;
    }

    private static List<String> handouts() throws RunnerException {
        List<RunResult> results = new ArrayList<>(run(HandoutBenchmark.class));
        Statistics pixels = handout(results, "pixels");
        List<String> lines = new ArrayList<>(List.of("", "## Handouts", "",
                "The left join of the demo lesson at two pixels to a point, the answers to fifteen scenes, and the 89 "
                        + "steps of a chain of two joins, 800 pixels wide; milliseconds, once warm, the median of "
                        + pixels.getN() + " in 2 processes, from the least to the most, and how many times what the "
                        + "JDK needs to compress the pixels of that picture.",
                "", "| | | |", "|---|---:|---:|"));
        Map<String, String> names = new LinkedHashMap<>();
        names.put("pixels", "the pixels compressed");
        names.put("png", "a picture as PNG");
        names.put("svg", "a picture as SVG");
        names.put("pages", "fifteen scenes as PDF");
        names.put("film", "89 steps as GIF");
        names.forEach((label, name) -> {
            Statistics times = handout(results, label);
            lines.add("| " + name + " | " + spread(times) + String.format(Locale.ROOT, " | %.1f × |",
                    times.getPercentile(50) / pixels.getPercentile(50)));
        });
        return lines;
    }

    private static Statistics handout(List<RunResult> results, String label) {
        return results.stream().filter(result -> result.getPrimaryResult().getLabel().equals(label)).findFirst()
                .orElseThrow().getPrimaryResult().getStatistics();
    }

    /** What is done in a window, for which the toolkit runs. */
    private static List<String> window() throws RunnerException {
        WindowTimes.startToolkit();
        List<WindowTimes.Times> editing = EditBenchmark.run();
        WindowTimes.Times inTheShow = EditBenchmark.runInTheShow();
        List<WindowTimes.Times> typing = TypingBenchmark.run();
        ShowBenchmark.Measured show = ShowBenchmark.run();
        List<String> lines = new ArrayList<>(List.of("", "## The bench", "",
                "Two linked tables of 10,000 rows × 20 columns on the bench; the work in the window's thread with "
                        + "its layout, in milliseconds. A picture at 60 a second has 16.",
                "", PERCENTILES, BELOW));
        editing.forEach(times -> lines.add(line(times)));
        lines.add(line(inTheShow));
        lines.addAll(undo());
        lines.addAll(List.of("", "## The query", "",
                "A chain of ten tables; the work in the window's thread with its layout, in milliseconds, pictures "
                        + "made by the processor. A picture at 60 a second has 16.",
                "", PERCENTILES, BELOW));
        typing.forEach(times -> lines.add(line(times)));
        lines.addAll(List.of("",
                "How often a text is read, and a statement bound and evaluated, for what a person does; "
                        + "milliseconds, the median of 30 runs and their spread.",
                "",
                "| | read | evaluated | median | spread |", "|---|---:|---:|---:|---:|"));
        lines.addAll(ReadingBenchmark.run());
        lines.addAll(List.of("", "## The show", "",
                "A left join of 50 × 50 rows, " + show.steps()
                        + " steps; the work in the window's thread with its layout, in milliseconds, pictures made "
                        + "by the processor. A picture at 30 a second has 33.",
                "", PERCENTILES, BELOW));
        show.times().forEach(times -> lines.add(line(times)));
        lines.addAll(List.of("",
                String.format(Locale.ROOT, "In use in the heap after 10,000 steps %.1f MB, after 100,000 more %.1f MB.",
                        show.heapBefore(), show.heapAfter())));
        return lines;
    }

    /** A lesson of many scenes, for which the toolkit runs. */
    private static List<String> scenes() {
        WindowTimes.startToolkit();
        List<WindowTimes.Times> measured = SceneBenchmark.run();
        List<String> lines = new ArrayList<>(List.of("", "## Scenes", "",
                "The work in the window's thread with its layout, in milliseconds, pictures made by the processor. A "
                        + "picture at 60 a second has 16.",
                "", PERCENTILES, BELOW));
        measured.forEach(times -> lines.add(line(times)));
        return lines;
    }

    private static List<String> undo() throws RunnerException {
        List<String> lines = new ArrayList<>(List.of("", "Undo itself, after so many changes; nanoseconds.", "",
                "| changes | |", "|---:|---:|"));
        for (RunResult result : run(HistoryBenchmark.class)) {
            lines.add(String.format(Locale.ROOT, "| %s | %.1f |", result.getParams().getParam("edits"),
                    result.getPrimaryResult().getScore()));
        }
        return lines;
    }

    /** What there is of a part in the file. */
    private static List<String> kept(Path file, String name) throws IOException {
        if (!Files.exists(file)) return List.of();
        List<String> all = Files.readAllLines(file);
        int from = all.indexOf("<!-- " + name + " -->");
        if (from < 0) return List.of();
        List<String> part = all.subList(from + 1, all.size()).stream().takeWhile(line -> !line.startsWith("<!-- "))
                .collect(Collectors.toCollection(ArrayList::new));
        while (!part.isEmpty() && part.getLast().isEmpty()) part.removeLast();
        part.addAll(0, List.of("", "<!-- " + name + " -->"));
        return part;
    }

    private static String line(WindowTimes.Times times) {
        return String.format(Locale.ROOT, "| %s | %.1f | %.1f | %.1f |", times.of(), times.percentile(50),
                times.percentile(95), times.percentile(99));
    }

    private static Collection<RunResult> run(Class<?> benchmark) throws RunnerException {
        return new Runner(new OptionsBuilder().include(benchmark.getName()).build()).run();
    }

    private static Statistics times(Collection<RunResult> results, String name, String kind) {
        return times(results, name, "kind", kind);
    }

    private static Statistics times(Collection<RunResult> results, String name, String parameter, String value) {
        MultisetStatistics all = new MultisetStatistics();
        results.stream().filter(result -> result.getPrimaryResult().getLabel().equals(name)
                && result.getParams().getParam(parameter).equals(value))
                .flatMap(result -> result.getAggregatedResult().getIterationResults().stream())
                .forEach(iteration -> all.addValue(iteration.getPrimaryResult().getScore(), 1));
        return all;
    }

    private static String spread(Statistics times) {
        return String.format(Locale.ROOT, "%.0f (%.0f–%.0f)", times.getPercentile(50), times.getMin(), times.getMax());
    }
}
