package lunko.desktop.work;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Finds out about the latest of many questions, one at a time, beside the window's thread; those that come in between
 * are never asked. To be used in the window's thread.
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

    /** Asks something. The answer is never handed on before this returns. */
    public void ask(Q question) {
        waiting = Optional.of(question);
        if (!atWork) work();
    }

    /** Forgets what has been asked and not been begun. */
    public void forget() {
        waiting = Optional.empty();
    }

    private void work() {
        Q question = waiting.orElseThrow();
        waiting = Optional.empty();
        atWork = true;
        Thread.ofVirtual().name(title).start(() -> {
            Optional<A> answer = answer(question);
            Platform.runLater(() -> tell(answer));
        });
    }

    private void tell(Optional<A> answer) {
        atWork = false;
        // An answer to an older question is of no use any more.
        if (waiting.isPresent()) work();
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
