package lunko.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.Scene;

/**
 * The work in the window's thread, measured in the window itself, picture by picture: what is done at once, and the
 * styles and layout after it.
 */
final class WindowTimes {
    private static final int WARM_UP = 600;
    private static final int MEASURED = 600;

    private final BlockingQueue<Long> pictures = new ArrayBlockingQueue<>(1);
    private static boolean started;
    private long atOnce;
    private long began;
    private boolean waiting;

    /** Times in milliseconds, from the shortest to the longest. */
    record Times(String of, List<Double> sorted) {

        /** The time that so many of a hundred are under. */
        double percentile(int percent) {
            return sorted.get(Math.min(sorted.size() - 1, sorted.size() * percent / 100));
        }
    }

    /** Measures in a scene that is shown; to be called in the window's thread. */
    WindowTimes(Scene scene) {
        scene.addPreLayoutPulseListener(() -> began = System.nanoTime());
        scene.addPostLayoutPulseListener(() -> {
            if (waiting) pictures.add(atOnce + System.nanoTime() - began);
            waiting = false;
        });
    }

    /** Starts the toolkit without a display, pictures made by the processor. */
    static void startToolkit() {
        if (started) return;
        started = true;
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        Platform.startup(() -> {});
        Platform.setImplicitExit(false);
    }

    /** What something gives that is done in the window's thread. */
    static <T> T inWindow(Supplier<T> work) {
        FutureTask<T> task = new FutureTask<>(work::get);
        Platform.runLater(task);
        try {
            return task.get();
        } catch (InterruptedException | ExecutionException failed) {
            throw new IllegalStateException(failed);
        }
    }

    /** How long something takes that is done again and again, a picture after each. */
    Times measure(String what, Runnable work) {
        return measure(what, () -> {}, work);
    }

    /** The same of something that is got ready before, which is not counted. */
    Times measure(String what, Runnable ready, Runnable work) {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < WARM_UP + MEASURED; i++) {
            Platform.runLater(() -> {
                ready.run();
                long start = System.nanoTime();
                work.run();
                atOnce = System.nanoTime() - start;
                waiting = true;
                Platform.requestNextPulse();
            });
            double millis = taken() / 1e6;
            if (i >= WARM_UP) times.add(millis);
        }
        times.sort(Double::compare);
        return new Times(what, times);
    }

    private long taken() {
        try {
            return pictures.take();
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }
}
