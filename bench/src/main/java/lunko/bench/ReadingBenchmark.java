package lunko.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import java.util.stream.Stream;
import lunko.lesson.DemoLesson;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.WrittenQuery;
import lunko.query.JoinKind;
import lunko.show.Followed;
import lunko.show.JoinAtHand;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;

/** How often a text is read and evaluated for what a person does with it, and how long that takes. */
final class ReadingBenchmark {
    private static final int RUNS = 30;
    private static final String CHAIN =
            "SELECT h.hive, r.kg FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id JOIN harvests r ON "
                    + "r.hive_no = h.hive_no WHERE r.kg > 2";

    private ReadingBenchmark() {}

    /** The lines of a table: what is done, how often a text is read, a statement evaluated, and the milliseconds. */
    static List<String> run() {
        Readings.count();
        Lesson demo = DemoLesson.lesson();
        return List.of(line("a lesson is shown", () -> Showing.of(DemoLesson.lesson(), JoinAlgorithm.NESTED_LOOP)),
                line("a pause in typing a chain", () -> typed(demo, CHAIN)),
                line("a pause in typing that is wrong", () -> typed(demo, CHAIN + " AND r.kq > 1")),
                line("another kind is chosen", () -> chosen(demo)),
                line("the other ways to say a join",
                        () -> demo.staged().query().otherWays(demo.tables(), 0, "keepers")));
    }

    private static Followed typed(Lesson demo, String text) {
        Showing before = Showing.of(demo, JoinAlgorithm.NESTED_LOOP);
        // What was shown has been found out before.
        Readings.READ.set(0);
        Readings.EVALUATED.set(0);
        Followed found = Followed.of(new Followed.Typed(WrittenQuery.of(text), History.of(demo), before, false));
        found.after().ifPresent(after -> after.showing().words());
        return found;
    }

    private static Showing chosen(Lesson demo) {
        Showing before = Showing.of(demo, JoinAlgorithm.NESTED_LOOP);
        Readings.READ.set(0);
        Readings.EVALUATED.set(0);
        SceneEdit choose = new JoinAtHand(before).choosing(JoinKind.FULL_OUTER).orElseThrow();
        return Showing.of(choose.applyTo(demo).expect(), JoinAlgorithm.NESTED_LOOP);
    }

    private static String line(String what, Supplier<?> work) {
        Stream.generate(work).limit(RUNS).forEach(_ -> {});
        List<Double> millis = new ArrayList<>();
        for (int i = 0; i < RUNS; i++) {
            Readings.READ.set(0);
            Readings.EVALUATED.set(0);
            long start = System.nanoTime();
            work.get();
            millis.add((System.nanoTime() - start) / 1e6);
        }
        millis.sort(Double::compare);
        return String.format(Locale.ROOT, "| %s | %d | %d | %.2f | %.2f–%.2f |", what, Readings.READ.get(),
                Readings.EVALUATED.get(), millis.get(RUNS / 2), millis.getFirst(), millis.getLast());
    }
}
