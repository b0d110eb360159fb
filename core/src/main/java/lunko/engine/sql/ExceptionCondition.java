package lunko.engine.sql;

import java.util.function.Supplier;
import lunko.problem.Checked;
import lunko.problem.Problem;

/**
 * What ends a statement while its values are computed: a division by zero, a number out of range, a query of two rows
 * where one value is wanted (ISO/IEC 9075-1, exception conditions). What is wrong with the text itself is never one:
 * {@link Diagnostics} notes it while names are bound, and then nothing is computed.
 */
final class ExceptionCondition extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Problem problem;

    ExceptionCondition(Problem problem) {
        super(problem.fault().toString(), null, false, false);
        this.problem = problem;
    }

    /** What is computed, or the problem that it has no value. */
    static <T> Checked<T> checked(Supplier<T> computed) {
        try {
            return Checked.valid(computed.get());
        } catch (ExceptionCondition raised) {
            return Checked.invalid(raised.problem);
        }
    }
}
