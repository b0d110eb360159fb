package lunko.engine.sql;

import lunko.problem.RunFault;

/**
 * How much has been done for a statement: so many conditions asked and rows put together. It ends one that nobody would
 * wait for, wherever in it the work is, and has no say in what is looked at afterwards.
 */
final class Effort {
    /** The most that is done for one statement: some seconds on an old machine. */
    static final long MOST = 5_000_000;

    private final Diagnostics diagnostics;
    private long done;
    private boolean isOver;

    Effort(Diagnostics diagnostics) {
        this.diagnostics = diagnostics;
    }

    /** Something is done for a part of the statement; ends the statement if that is too much. */
    void take(long steps, Object part) {
        if (isOver) return;
        done += steps;
        if (done > MOST) {
            isOver = true;
            throw diagnostics.raised(part, new RunFault.TooManySteps(MOST));
        }
    }

    /** The statement has been run. */
    void end() {
        isOver = true;
    }
}
