package lunko.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.page.file.PageFile;
import lunko.page.session.Handed;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import lunko.words.english.English;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeOptions;

/** The learner's page in a browser: until it is there, a step, and an edit; beside them an empty page. */
final class PageTimes {
    private static final int OPENED = 10;
    private static final int ROWS = 50;

    /** How long each press of the button for the next step takes, from the start to the end and again. */
    private static final String STEPS = """
            const times = [], at = key => document.querySelector(`[data-key=${key}]`);
            for (let round = 0; round < 5; round++) {
                at('start').click();
                while (!at('on').disabled) {
                    const began = performance.now();
                    at('on').click();
                    document.body.offsetHeight;
                    times.push(performance.now() - began);
                }
            }
            return times;""";
    /** How long it takes to change a key, one row after the other. */
    private static final String EDITS = """
            const times = [];
            document.querySelector('[data-key=try]').click();
            for (let row = 0; row < 50; row++) {
                const cell = document.querySelector(`[data-key=cell-one-${row}-0]`);
                cell.value = String(row % 7);
                const began = performance.now();
                cell.dispatchEvent(new Event('change'));
                document.body.offsetHeight;
                times.push(performance.now() - began);
            }
            return times;""";

    private PageTimes() {}

    static List<String> lines() {
        try {
            Path folder = Files.createTempDirectory("lunko-page");
            Path empty = Files.writeString(folder.resolve("empty.html"),
                    "<!DOCTYPE html><title>empty</title><p>empty</p>");
            Path demo = page(folder.resolve("demo.html"), DemoLesson.lesson());
            Path fifty = page(folder.resolve("fifty.html"), fifty());
            Map<String, List<Double>> times = new LinkedHashMap<>();
            for (int i = 0; i < OPENED; i++) measure(empty, demo, fifty, times);
            return table(times, Files.size(demo));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static Path page(Path file, Lesson lesson) throws IOException {
        return Files.write(file, PageFile.of(Handed.of(lesson, List.of(0), true), English.language()));
    }

    /** Two tables of so many rows, their keys even over half as many values. */
    private static Lesson fifty() {
        Random random = new Random(1);
        return Lesson.of("Fifty", some("one", random), JoinKind.LEFT_OUTER, some("other", random),
                List.of(new KeyPair("key", "key")));
    }

    private static Table some(String name, Random random) {
        return Table.of(name, List.of(new Column("key", Type.INTEGER), new Column("text", Type.TEXT)),
                IntStream.range(0, ROWS).mapToObj(row -> List.<Value>of(Value.of((long) random.nextInt(ROWS / 2)),
                        Value.of(name + " " + row))).toList());
    }

    /** In a browser that has just been started. */
    private static void measure(Path empty, Path demo, Path fifty, Map<String, List<Double>> times) {
        ChromeOptions options = new ChromeOptions();
        options.addArguments("--headless=new", "--no-sandbox", "--disable-gpu", "--disable-dev-shm-usage",
                "--window-size=1280,800");
        ChromeDriver browser = new ChromeDriver(options);
        try {
            browser.get(empty.toUri().toString());
            add(times, "an empty page: its first picture", painted(browser));
            open(browser, demo);
            add(times, "the page: its first picture", painted(browser));
            add(times, "the page: ready to step",
                    browser.executeScript("return performance.getEntriesByName('ready')[0].startTime"));
            add(times, "a step of the demo lesson", browser.executeScript(STEPS));
            open(browser, fifty);
            add(times, "an edit of 50 × 50 rows", browser.executeScript(EDITS));
        } finally {
            browser.quit();
        }
    }

    private static void open(ChromeDriver browser, Path file) {
        browser.get(file.toUri().toString());
        while (!Boolean.TRUE.equals(browser.executeScript("return 'ready' in document.documentElement.dataset"))) {
            Thread.onSpinWait();
        }
    }

    private static Object painted(ChromeDriver browser) {
        Object painted = null;
        while (painted == null)
            painted = browser.executeScript(
                    "return performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? null");
        return painted;
    }

    private static void add(Map<String, List<Double>> times, String what, Object measured) {
        List<Double> all = times.computeIfAbsent(what, _ -> new ArrayList<>());
        if (measured instanceof List<?> several) several.forEach(one -> all.add(((Number) one).doubleValue()));
        else all.add(((Number) measured).doubleValue());
    }

    private static List<String> table(Map<String, List<Double>> times, long bytes) {
        List<String> lines = new ArrayList<>(List.of("", "## The learner's page", "",
                String.format(Locale.ROOT, "In Chromium without a window, started anew %d times; milliseconds, and how "
                        + "many times the first picture of an empty page. A step and an edit with all that is drawn "
                        + "of them, before the pixels; a picture at 60 a second has 16. The page of the demo lesson "
                        + "has %.2f MB.", OPENED, bytes / 1e6),
                "", "| | median | 95% under | |", "|---|---:|---:|---:|"));
        double empty = percentile(times.values().iterator().next(), 50);
        times.forEach((what, all) -> lines.add(String.format(Locale.ROOT, "| %s | %.1f | %.1f | %.1f × |", what,
                percentile(all, 50), percentile(all, 95), percentile(all, 50) / empty)));
        return lines;
    }

    private static double percentile(List<Double> all, int percent) {
        List<Double> sorted = all.stream().sorted().toList();
        return sorted.get(Math.min(sorted.size() - 1, sorted.size() * percent / 100));
    }
}
