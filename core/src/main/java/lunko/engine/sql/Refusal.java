package lunko.engine.sql;

import lunko.problem.Problem;

/**
 * Carries a problem from where it is found, deep in an expression, to the statement, which answers with it. It never
 * leaves this package.
 */
final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Problem problem;

    Refusal(Problem problem) {
        super(problem.sentence(), null, false, false);
        this.problem = problem;
    }

    Problem problem() {
        return problem;
    }
}
