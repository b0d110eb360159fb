package lunko.desktop.words;

import lunko.phrase.Phrase;

/** What is said of the steps, and how they are gone through. */
public interface StepWords {

    /** {@code Pause}. */
    String pause();

    /** {@code Play}. */
    String play();

    /** {@code One step forward}. */
    String forward();

    /** {@code One step back}. */
    String back();

    /** {@code To the next row of the result}. */
    String nextResultRow();

    /** {@code To the next left row}. */
    String nextLeftRow();

    /** {@code To the start}. */
    String toStart();

    /** {@code To the end}. */
    String toEnd();

    /** {@code Faster}. */
    String faster();

    /** {@code Slower}. */
    String slower();

    /** {@code On: a step, and at the end to the next scene}. */
    String on();

    /** {@code Back: a step, and at the start to the scene before}. */
    String backOn();

    /** {@code Open the scene like this: step, way and picture}. */
    String openHere();

    /** {@code To the end of the stage}. */
    String endOfStage();

    /** {@code Play every step}. */
    String playEveryStep();

    /** {@code Play only the pairs: skip steps that add no row}. */
    String playOnlyPairs();

    /** {@code step}. */
    String step();

    /** {@code only pairs}. */
    String onlyPairs();

    /** {@code How matches are found}. */
    String howMatched();

    /** {@code speed}. */
    String speed();

    /** {@code 1 in 3 s}. */
    String speedOneInThree();

    /** {@code 1 in 2 s}. */
    String speedOneInTwo();

    /** {@code 1 a second}. */
    String speedOne();

    /** {@code 2 a second}. */
    String speedTwo();

    /** {@code 4 a second}. */
    String speedFour();

    /** {@code 10 a second}. */
    String speedTen();

    /** {@code all in 3 s}. */
    String speedWhole();

    /** As in {@code step … of …}. */
    String stepOf(String step, String last);

    /** {@code no steps}. */
    String noSteps();

    /** As in {@code To step …}. */
    String toStep(long step);

    /**
     * {@code The query above cannot run as it is written. What you see is what it would make without ON: every row
     * paired with every row.}.
     */
    Phrase withoutOn();

    /** {@code The query above cannot run as it is written. What you see is the one before it.}. */
    Phrase stale();
}
