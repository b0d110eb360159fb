package lunko.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import java.util.List;
import lunko.words.HandoutSentences;

/** What stands on pictures and papers, in English. */
final class EnglishHandouts implements HandoutSentences {

    @Override
    public String result() {
        return "Result";
    }

    @Override
    public String soFar(long rows, long all) {
        return rows == all ? counted(all, "row") : text("{} of {}", rows, counted(all, "row"));
    }

    @Override
    public String moreRows(long rows) {
        return text(rows == 1 ? "… and {} more row" : "… and {} more rows", rows);
    }

    @Override
    public String rows() {
        return "rows";
    }

    @Override
    public String page(int number, int of) {
        return text("{} of {}", number, of);
    }

    @Override
    public String foot(String lesson) {
        return text("Lunko · {}", lesson);
    }

    @Override
    public String title(String lesson, String scene) {
        return text("{} · {}", lesson, scene);
    }

    @Override
    public String worksheet(String letter) {
        return text("Worksheet {}", letter);
    }

    @Override
    public String name() {
        return "Name";
    }

    @Override
    public String date() {
        return "Date";
    }

    @Override
    public String answersTo(String title) {
        return text("Answers · {}", title);
    }

    @Override
    public String drawLines() {
        return "Draw a line between the rows that match. Mark those that have no match with a diamond.";
    }

    @Override
    public String writeMissing() {
        return "Write what is missing in the query.";
    }

    @Override
    public String howManyRows() {
        return "How many rows does it give?";
    }

    @Override
    public String writeResult() {
        return "Write down the result. There are more lines than you need.";
    }

    @Override
    public String writeFirst(long rows) {
        return text("Write down the first {} of the result.", counted(rows, "row"));
    }

    @Override
    public String theseRows() {
        return "This is its result.";
    }

    @Override
    public String writtenFor(String letter, String answer) {
        return text("{} (written for worksheet {})", answer, letter);
    }

    @Override
    public String why() {
        return "Why";
    }

    @Override
    public String everyKind(String lesson) {
        return text("Every kind of join · {}", lesson);
    }

    @Override
    public String numbered(int number, String title) {
        return text("{}. {}", number, title);
    }

    @Override
    public String worksheets() {
        return "Worksheet";
    }

    @Override
    public String answerSheets() {
        return "Answers";
    }

    @Override
    public String summarySheet() {
        return "Every kind on a page";
    }

    @Override
    public String pagesOfPictures() {
        return "Pages with pictures";
    }

    @Override
    public String drawings() {
        return "Pictures of any size";
    }

    @Override
    public String pictures() {
        return "Pictures";
    }

    @Override
    public String picturesOfSteps() {
        return "A picture of each step";
    }

    @Override
    public String drawingsOfSteps() {
        return "A picture of each step, of any size";
    }

    @Override
    public String movingPictures() {
        return "Moving picture";
    }

    @Override
    public String markdown() {
        return "Text with pictures";
    }

    @Override
    public String learnersPage() {
        return "Page to step through and practise with (HTML)";
    }

    @Override
    public String notebook() {
        return "Notebook";
    }

    @Override
    public String script() {
        return "Script for a database";
    }

    @Override
    public String missing(List<String> characters) {
        return text("No typeface here has {}: their numbers stand in their place.", Say.named(characters));
    }

    @Override
    public String notShown(List<Integer> scenes) {
        return scenes.size() == 1 ? text("Scene {} cannot be shown: its page says why.", scenes.getFirst())
                : text("Scenes {} cannot be shown: their pages say why.",
                        Say.list(scenes.stream().map(String::valueOf).toList()));
    }

    @Override
    public String scene() {
        return "Scene";
    }

    @Override
    public String stage() {
        return "Rows of the step";
    }

    @Override
    public String venn() {
        return "Venn diagram";
    }

    @Override
    public String pairGrid() {
        return "Pair grid";
    }

    @Override
    public String kinds() {
        return "Chart of all kinds";
    }

    @Override
    public String stages() {
        return "Stages of the query";
    }

    @Override
    public String data() {
        return "Tables with their rows";
    }

    @Override
    public String tables() {
        return "Diagram of the tables";
    }
}
