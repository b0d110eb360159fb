package lunko.desktop.work;

import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.util.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Finds out about the latest of many questions, one at a time, beside the window's thread; those that come in between
 * are never asked.
 * To be used in the window's thread.
 *
 * @param <Q> what is asked
 * @param <A> the answer
 */
public final class Latest<Q, A> {
    private static final Logger LOG = LoggerFactory.getLogger(Latest.class);

    private final String title;
    private final Function<Q, A> find;
    private final Consumer<A> then;
    private Optional<Q> waiting = Optional.empty();
    private boolean atWork;

    /** Answers by {@code find}, which must be safe in any thread, and hands the answers on in the window's thread. */
    public Latest(String title, Function<Q, A> find, Consumer<A> then) {
        this.title = title;
        this.find = find;
        this.then = then;
    }

    /** Asks something. */
    public void ask(Q question) {
        ask(question, Duration.ZERO);
    }

    /** Asks something, and waits a while for the answer: if it comes in time, it is handed on before this returns. */
    public void ask(Q question, Duration patience) {
        waiting = Optional.of(question);
        if (!atWork) work(patience);
    }

    /** Forgets what has been asked and not been begun. */
    public void forget() {
        waiting = Optional.empty();
    }

    private void work(Duration patience) {
        Q question = waiting.orElseThrow();
        waiting = Optional.empty();
        atWork = true;
        CompletableFuture<Optional<A>> answer = CompletableFuture.supplyAsync(() -> answer(question),
                task -> Thread.ofVirtual().name(title).start(task));
        try {
            // A patience of nothing hands nothing on before it has returned.
            if (patience.greaterThan(Duration.ZERO)) {
                tell(answer.get((long) patience.toMillis(), TimeUnit.MILLISECONDS));
                return;
            }
        } catch (TimeoutException late) {
            LOG.debug("{} takes long", title);
        } catch (InterruptedException | ExecutionException stopped) {
            throw new IllegalStateException(stopped);
        }
        answer.thenAccept(found -> Platform.runLater(() -> tell(found)));
    }

    private void tell(Optional<A> answer) {
        atWork = false;
        // An answer to an older question is of no use any more.
        if (waiting.isPresent()) work(Duration.ZERO);
        else answer.ifPresent(then);
    }

    private Optional<A> answer(Q question) {
        try {
            return Optional.of(find.apply(question));
        } catch (RuntimeException defect) {
            LOG.error("{} failed", title, defect);
            return Optional.empty();
        }
    }
}
