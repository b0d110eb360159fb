package lunko.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import lunko.words.QuestionSentences;

/** What a class is asked, in English. */
final class EnglishQuestions implements QuestionSentences {

    @Override
    public String howMany() {
        return "how many rows";
    }

    @Override
    public String whichRows() {
        return "which rows";
    }

    @Override
    public String whichPairs() {
        return "which pairs";
    }

    @Override
    public String whichKind() {
        return "which kind";
    }

    @Override
    public String whatStands() {
        return "what stands there";
    }

    @Override
    public String writeQuery() {
        return "write the query";
    }

    @Override
    public String fillGap() {
        return "fill the gap";
    }

    @Override
    public String sayWithoutJoin() {
        return "say it without JOIN";
    }

    @Override
    public String changeData() {
        return "change the tables";
    }

    @Override
    public String matchResults() {
        return "match queries and results";
    }

    @Override
    public String inWords() {
        return "in your own words";
    }

    @Override
    public String askHowMany() {
        return "How many rows will the result have?";
    }

    @Override
    public String askRows(String table) {
        return text("Which rows of {} come into the result?", table);
    }

    @Override
    public String askUnmatched(String table, String other) {
        return text("Which rows of {} match no row of {}?", table, other);
    }

    @Override
    public String askPairs(String left, String right) {
        return text("Which rows of {} and {} match?", left, right);
    }

    @Override
    public String askKind() {
        return "Which kind of join gives this result?";
    }

    @Override
    public String askCell(int row, String column) {
        return text("What stands in row {} of the result under {}?", row, column);
    }

    @Override
    public String askQuery(boolean order, boolean headings) {
        return text("Which query gives these rows{}{}?", order ? ", in this order" : "",
                headings ? ", with columns of these names" : "");
    }

    @Override
    public String askGap(String query) {
        return text("What is missing? {}", query);
    }

    @Override
    public String askWithoutJoin() {
        return "Which query gives the same rows without the word JOIN?";
    }

    @Override
    public String askAlike(String kinds) {
        return text("Change the tables so that {} give the same number of rows, and at least one.", kinds);
    }

    @Override
    public String askDiffer(String query) {
        return text("Change the tables so that the query gives other rows than this one: {}", query);
    }

    @Override
    public String askMatches() {
        return "Which result does each query give?";
    }

    @Override
    public String result(int number) {
        return String.valueOf((char) ('A' + number));
    }

    @Override
    public String matched(int query, int result) {
        return text("{} – {}", query, result(result));
    }

    @Override
    public String reached(boolean now) {
        return now ? "That is so now." : "That is not so yet.";
    }

    @Override
    public String right() {
        return "Right";
    }

    @Override
    public String notQuite() {
        return "Not quite";
    }

    @Override
    public String answer() {
        return "The answer";
    }

    @Override
    public String count(long rows) {
        return counted(rows, "row");
    }

    @Override
    public String none() {
        return "none";
    }

    @Override
    public String missed(String names) {
        return text("missed: {}", names);
    }

    @Override
    public String tooMany(String names) {
        return text("too many: {}", names);
    }
}
