package lunko.desktop.words.english;

import static lunko.words.english.Say.say;
import static lunko.words.english.Say.text;

import lunko.desktop.words.StepWords;
import lunko.phrase.Phrase;
import lunko.words.Names;

/** What is said of the steps, and how they are gone through, in English. */
record EnglishSteps(Names names) implements StepWords {

    @Override
    public String pause() {
        return "Pause";
    }

    @Override
    public String play() {
        return "Play";
    }

    @Override
    public String forward() {
        return "One step forward";
    }

    @Override
    public String back() {
        return "One step back";
    }

    @Override
    public String nextResultRow() {
        return "To the next row of the result";
    }

    @Override
    public String nextLeftRow() {
        return "To the next left row";
    }

    @Override
    public String toStart() {
        return "To the start";
    }

    @Override
    public String toEnd() {
        return "To the end";
    }

    @Override
    public String faster() {
        return "Faster";
    }

    @Override
    public String slower() {
        return "Slower";
    }

    @Override
    public String on() {
        return "On: a step, and at the end to the next scene";
    }

    @Override
    public String backOn() {
        return "Back: a step, and at the start to the scene before";
    }

    @Override
    public String openHere() {
        return "Open the scene like this: step, way and picture";
    }

    @Override
    public String endOfStage() {
        return "To the end of the stage";
    }

    @Override
    public String playEveryStep() {
        return "Play every step";
    }

    @Override
    public String playOnlyPairs() {
        return "Play only the pairs: skip steps that add no row";
    }

    @Override
    public String step() {
        return "step";
    }

    @Override
    public String onlyPairs() {
        return "only pairs";
    }

    @Override
    public String howMatched() {
        return "How matches are found";
    }

    @Override
    public String speed() {
        return "speed";
    }

    @Override
    public String speedOneInThree() {
        return "1 in 3 s";
    }

    @Override
    public String speedOneInTwo() {
        return "1 in 2 s";
    }

    @Override
    public String speedOne() {
        return "1 a second";
    }

    @Override
    public String speedTwo() {
        return "2 a second";
    }

    @Override
    public String speedFour() {
        return "4 a second";
    }

    @Override
    public String speedTen() {
        return "10 a second";
    }

    @Override
    public String speedWhole() {
        return "all in 3 s";
    }

    @Override
    public String stepOf(String step, String last) {
        return text("step {} of {}", step, last);
    }

    @Override
    public String noSteps() {
        return "no steps";
    }

    @Override
    public String toStep(long step) {
        return text("To step {}", step);
    }

    @Override
    public Phrase withoutOn() {
        return say("The query above cannot run as it is written. What you see is what it would make without `ON`: "
                + "every row paired with every row.");
    }

    @Override
    public Phrase stale() {
        return say("The query above cannot run as it is written. What you see is the one before it.");
    }
}
