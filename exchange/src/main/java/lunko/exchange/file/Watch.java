package lunko.exchange.file;

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

    /** What work answers that was stopped. */
    static <T> Checked<T> stopped() {
        return Checked.invalid(STOPPED);
    }
}
