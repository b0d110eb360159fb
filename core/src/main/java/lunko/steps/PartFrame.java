package lunko.steps;

import lunko.words.Sentence;

/** Everything of one stage that is visible after one of its steps. */
public sealed interface PartFrame permits MatchFrame, RowFrame {

    /** The step's number within the stage, from 0. */
    long number();

    /** What the step belongs to. */
    StageKind kind();

    /** The sentence that explains the step. */
    Sentence why();

    /** How many comparisons of two rows have been made so far. */
    long comparisons();
}
