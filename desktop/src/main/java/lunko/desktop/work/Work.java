package lunko.desktop.work;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.concurrent.Task;
import lunko.exchange.file.Watch;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Runs one long piece of work at a time and says which one is running. */
public final class Work {
    private static final Logger LOG = LoggerFactory.getLogger(Work.class);
    private final ReadOnlyObjectWrapper<Optional<Task<?>>> running = new ReadOnlyObjectWrapper<>(Optional.empty());

    /** The work that is running, for its title and progress, and to be cancelled. */
    public ReadOnlyObjectProperty<Optional<Task<?>>> running() {
        return running.getReadOnlyProperty();
    }

    /**
     * Starts a piece of work. Its answer is handed on in the window's thread; a failure nobody expected is logged and
     * handed on as a problem.
     */
    public <T> void start(String title, Function<Watch, Checked<T>> work, Consumer<Checked<T>> then) {
        if (running.get().isPresent()) {
            then.accept(Checked.invalid(new WorkFault.Busy()));
            return;
        }
        Task<Checked<T>> task = new Task<>() {
            @Override
            protected Checked<T> call() {
                updateTitle(title);
                return work.apply((done, whole) -> {
                    updateProgress(done, whole);
                    return !isCancelled();
                });
            }
        };
        running.set(Optional.of(task));
        task.setOnSucceeded(_ -> finish(then, task.getValue()));
        task.setOnCancelled(_ -> finish(then, Watch.stopped()));
        task.setOnFailed(_ -> {
            LOG.error("{} failed", title, task.getException());
            finish(then, Checked.invalid(Problem.of(new WorkFault.Failed(title))));
        });
        Thread.ofVirtual().name(title).start(task);
    }

    private <T> void finish(Consumer<Checked<T>> then, Checked<T> answer) {
        running.set(Optional.empty());
        then.accept(answer);
    }
}
