package lunko.desktop.command;

import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import javafx.application.Platform;
import lunko.desktop.look.Look;
import lunko.desktop.machine.Display;

/** The JavaFX toolkit of this process, on the display or, where there is none, on the headless platform. */
final class Toolkit {
    private Toolkit() {}

    /** Made when it is first asked for. */
    private static final class OnDisplay {
        static final CompletableFuture<Boolean> STARTED = CompletableFuture.supplyAsync(() -> {
            if (!Display.isThere()) return false;
            start();
            return true;
        });
    }

    /** Starts it on the display, beside what else is done meanwhile; false if there is no display. */
    static CompletableFuture<Boolean> onDisplay() {
        return OnDisplay.STARTED;
    }

    /** Starts it offscreen, if it is not running yet, where it needs neither a display nor a system package. */
    static void startOffscreen() {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        start();
    }

    private static void start() {
        // Pictures that are handed out are drawn on no screen.
        System.setProperty("java.awt.headless", "true");
        CompletableFuture<Void> started = new CompletableFuture<>();
        Runnable prepare = () -> {
            Look.install();
            started.complete(null);
        };
        try {
            Platform.startup(prepare);
        } catch (IllegalStateException running) {
            Platform.runLater(prepare);
        }
        started.join();
    }

    /** Does something in the toolkit's thread and waits for it. */
    static <T> T call(Callable<T> work) {
        CompletableFuture<T> answer = new CompletableFuture<>();
        Platform.runLater(() -> {
            try {
                answer.complete(work.call());
            } catch (Exception failed) {
                answer.completeExceptionally(failed);
            }
        });
        try {
            return answer.join();
        } catch (CompletionException failed) {
            throw new IllegalStateException(failed.getCause());
        }
    }
}
