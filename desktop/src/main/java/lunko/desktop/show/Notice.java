package lunko.desktop.show;

import lunko.problem.Problem;

/** A sentence for the person at the window: that something could not be done, or that it has been. */
public sealed interface Notice {

    /** Something could not be done. */
    record Trouble(Problem problem) implements Notice {}

    /** Something has been done. */
    record Success(String sentence) implements Notice {}

    /** The sentence. */
    default String sentence() {
        return switch (this) {
            case Trouble(Problem problem) -> problem.inWords();
            case Success(String sentence) -> sentence;
        };
    }
}
