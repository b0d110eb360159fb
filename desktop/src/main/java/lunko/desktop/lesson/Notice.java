package lunko.desktop.lesson;

import static lunko.desktop.words.Spoken.words;

import lunko.problem.Problem;

/** A sentence for the person at the window: that something could not be done, or that it has been. */
public sealed interface Notice {

    /** Something could not be done. */
    record Failure(Problem problem) implements Notice {}

    /** Something has been done. */
    record Success(String sentence) implements Notice {}

    /** Something can be done about it, by a button. */
    record Offer(String sentence, String label, Runnable accepted) implements Notice {}

    /** The sentence. */
    default String sentence() {
        return switch (this) {
            case Failure(Problem problem) -> words().problems().of(problem).text();
            case Success(String sentence) -> sentence;
            case Offer(String sentence, String _, Runnable _) -> sentence;
        };
    }
}
