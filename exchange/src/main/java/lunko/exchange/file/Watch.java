package lunko.exchange.file;

import java.util.function.Function;
import java.util.function.IntPredicate;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.WorkFault;

/** Whoever waits for long work: told how far it is, and asked whether it shall go on. */
@FunctionalInterface
public interface Watch {
    /** Nobody watches: the work goes on to its end. */
    Watch NOBODY = (_, _) -> true;

    /** What is said of work that was stopped. */
    Problem STOPPED = Problem.of(new WorkFault.Stopped());

    /** Whether to go on, with so much done of the whole. Called often, from the thread that works. */
    boolean goesOn(long done, long whole);

    /**
     * Does work that asks, with so much done of the whole, whether to go on; what it comes to, unless it was not to.
     */
    default <T> Checked<T> unlessStopped(int whole, Function<IntPredicate, Checked<T>> work) {
        boolean[] stopped = new boolean[1];
        Checked<T> done = work.apply(so -> {
            stopped[0] = !goesOn(so, whole);
            return !stopped[0];
        });
        return stopped[0] ? stopped() : done;
    }

    /** What work answers that was stopped. */
    static <T> Checked<T> stopped() {
        return Checked.invalid(STOPPED);
    }
}
