package lunko.words.english;

import static lunko.words.english.Say.text;

import lunko.words.PageSentences;

/** What stands on the page that learners are given, in English. */
final class EnglishPages implements PageSentences {

    @Override
    public String language() {
        return "en";
    }

    @Override
    public String sceneOf(int number, int all) {
        return text("Scene {} of {}", number, all);
    }

    @Override
    public String sceneBefore() {
        return "Scene before";
    }

    @Override
    public String nextScene() {
        return "Next scene";
    }

    @Override
    public String stepOf(long number, long last) {
        return text("Step {} of {}", number, last);
    }

    @Override
    public String toStart() {
        return "To the start";
    }

    @Override
    public String stepBack() {
        return "Step back";
    }

    @Override
    public String play() {
        return "Play";
    }

    @Override
    public String pause() {
        return "Pause";
    }

    @Override
    public String stepOn() {
        return "Next step";
    }

    @Override
    public String toEnd() {
        return "To the end";
    }

    @Override
    public String speed() {
        return "How fast";
    }

    @Override
    public String aSecond(String times) {
        return text("{} a second", times);
    }

    @Override
    public String query() {
        return "The query";
    }

    @Override
    public String kind() {
        return "Kind of join";
    }

    @Override
    public String way() {
        return "How rows are matched";
    }

    @Override
    public String tryIt() {
        return "Try it yourself";
    }

    @Override
    public String addRow() {
        return "Add a row";
    }

    @Override
    public String deleteRow(String row) {
        return text("Delete row {}", row);
    }

    @Override
    public String undo() {
        return "Undo";
    }

    @Override
    public String redo() {
        return "Redo";
    }

    @Override
    public String asItWas() {
        return "As it was";
    }

    @Override
    public String save() {
        return "Save as a file";
    }

    @Override
    public String print() {
        return "Print";
    }

    @Override
    public String picture() {
        return "Picture";
    }

    @Override
    public String circles() {
        return "Venn diagram";
    }

    @Override
    public String noCircles() {
        return "There are no circles here: rows are not compared. The pair grid shows all pairs.";
    }

    @Override
    public String pairs() {
        return "Pair grid";
    }

    @Override
    public String kinds() {
        return "Every kind";
    }

    @Override
    public String stages() {
        return "Stages";
    }

    @Override
    public String covered() {
        return "Covered until you have answered";
    }

    @Override
    public String check() {
        return "Check my answer";
    }

    @Override
    public String hint() {
        return "A hint";
    }

    @Override
    public String uncover() {
        return "Show the answer";
    }

    @Override
    public String answer() {
        return "Your answer";
    }

    @Override
    public String tickRows() {
        return "Tick them in the table.";
    }

    @Override
    public String tickPairs() {
        return "Tick them in the pair grid.";
    }

    @Override
    public String scenes() {
        return "All scenes";
    }

    @Override
    public String asks() {
        return "asks";
    }

    @Override
    public String answered() {
        return "answered";
    }

    @Override
    public String score(int right, int all, int alone) {
        return text("{} of {} questions answered rightly, {} of them without the answer shown", right, all, alone);
    }

    @Override
    public String copyResults() {
        return "Copy my results";
    }

    @Override
    public String copied() {
        return "Your results are on the clipboard.";
    }

    @Override
    public String result(int number, String scene, String came) {
        return text("{}. {}: {}", number, scene, came);
    }

    @Override
    public String rightAfterwards() {
        return "right, after the answer was shown";
    }

    @Override
    public String notYet() {
        return "not yet";
    }

    @Override
    public String worksAlone() {
        return "Works without a network";
    }

    @Override
    public String tooOld() {
        return "This browser is too old to step through the lesson: take a newer one.";
    }

    @Override
    public String notKept() {
        return "This browser keeps nothing: what you change is there until the page is closed.";
    }

    @Override
    public String broken() {
        return "Something went wrong in this page. Load it again: what you changed is still there.";
    }
}
