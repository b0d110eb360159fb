package lunko.desktop.words.english;

import static lunko.words.english.Say.number;
import static lunko.words.english.Say.text;

import java.math.BigDecimal;
import java.time.LocalDate;

import lunko.desktop.words.WindowWords;
import lunko.words.Names;

/** What the window says, in English. */
record EnglishWindow(Names names) implements WindowWords {

    @Override
    public String scenes() {
        return "Scenes";
    }

    @Override
    public String tables() {
        return "Tables";
    }

    @Override
    public String show() {
        return "Show";
    }

    @Override
    public String steps() {
        return "Steps";
    }

    @Override
    public String kindsOfJoin() {
        return "Kinds of join";
    }

    @Override
    public String theQuery() {
        return "The query";
    }

    @Override
    public String lesson() {
        return "Lesson";
    }

    @Override
    public String view() {
        return "View";
    }

    @Override
    public String meaning(String term, String meaning) {
        return text("{}: {}", term, meaning);
    }

    @Override
    public String wordsTitle() {
        return "Words";
    }

    @Override
    public String keys() {
        return "Keys and words";
    }

    @Override
    public String keysPrompt() {
        return "what to do, or a key";
    }

    @Override
    public String keysFilter() {
        return "filter the list of keys";
    }

    @Override
    public String inATable() {
        return "In a table: arrows, Tab and Enter move, with Shift arrows select a block, typing replaces a cell, "
                + "Escape cancels. NULL is typed as NULL, and the empty text as ''.";
    }

    @Override
    public String noKey() {
        return "No key does that.";
    }

    @Override
    public String retitle() {
        return "Type a new title for the lesson.";
    }

    @Override
    public String titleOfLesson() {
        return "title of the lesson";
    }

    @Override
    public String speakerNotes() {
        return "Speaker notes";
    }

    @Override
    public String showNotes() {
        return "Show the notes under the page";
    }

    @Override
    public String hideNotes() {
        return "Hide the notes";
    }

    @Override
    public String newHere() {
        return "New here? A lesson in five minutes shows what Lunko does.";
    }

    @Override
    public String firstSteps() {
        return "First steps: a lesson in five minutes";
    }

    @Override
    public String keep() {
        return "Keep";
    }

    @Override
    public String wholeNumber(int least, int most) {
        return text("Type a whole number from {} to {}.", number(least), number(most));
    }

    @Override
    public String decimalNumber(BigDecimal least, BigDecimal most) {
        return text("Type a number from {} to {}.", least.toPlainString(), most.toPlainString());
    }

    @Override
    public String day(LocalDate one) {
        return text("Type a day as year, month and day: {}.", one.toString());
    }

    @Override
    public String cancel() {
        return "Cancel";
    }

    @Override
    public String closeNotice() {
        return "Close this message";
    }

    @Override
    public String stop() {
        return "Stop";
    }

    @Override
    public String toScenes() {
        return "To the scenes";
    }

    @Override
    public String toTables() {
        return "To the tables";
    }

    @Override
    public String toShow() {
        return "To the show";
    }

    @Override
    public String listOfKeys() {
        return "List of keys";
    }

    @Override
    public String present() {
        return "Present: the stage alone";
    }

    @Override
    public String larger() {
        return "Larger";
    }

    @Override
    public String smaller() {
        return "Smaller";
    }

    @Override
    public String fitToWindow() {
        return "Fit to window";
    }

    @Override
    public String fade() {
        return "Fade instead of moving";
    }

    @Override
    public String light() {
        return "Light";
    }

    @Override
    public String dark() {
        return "Dark";
    }

    @Override
    public String lightContrast() {
        return "Light, high contrast";
    }

    @Override
    public String darkContrast() {
        return "Dark, high contrast";
    }
}
