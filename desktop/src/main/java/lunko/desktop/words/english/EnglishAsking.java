package lunko.desktop.words.english;

import static lunko.words.english.Say.text;

import lunko.desktop.words.AskWords;
import lunko.query.Side;
import lunko.words.Names;

/** What is said of questions, in English. */
record EnglishAsking(Names names) implements AskWords {

    @Override
    public String covered() {
        return "covered: X uncovers";
    }

    @Override
    public String uncover() {
        return "Uncover the answer";
    }

    @Override
    public String coverAgain() {
        return "Cover the answer again";
    }

    @Override
    public String guess() {
        return "Your guess";
    }

    @Override
    public String chooseKind() {
        return "Choose a kind above.";
    }

    @Override
    public String clickCells() {
        return "Click the cells of the pair grid.";
    }

    @Override
    public String clickRows() {
        return "Click the rows in their table.";
    }

    @Override
    public String chooseResults() {
        return "Choose a result for each query.";
    }

    @Override
    public String orderCounts() {
        return "the order of the rows counts";
    }

    @Override
    public String headingsCount() {
        return "the names of the columns count";
    }

    @Override
    public String otherQuery(int number) {
        return text("another query ({})", number);
    }

    @Override
    public String otherMeaning(String sql, String tables) {
        return text(
                "Another query gives this here as well, and nobody can tell which is meant: “{}”. The two differ on "
                        + "{}.",
                sql, tables);
    }

    @Override
    public String sameResult() {
        return "Two of these queries have the same result here: either counts as right.";
    }

    @Override
    public String guessedKind(String kind) {
        return text("guess: {}", kind);
    }

    @Override
    public String score(int right, int all) {
        return text("{} of {} right", right, all);
    }

    @Override
    public String answered(String what) {
        return text("answered: {}", what);
    }

    @Override
    public String practise() {
        return "Practise";
    }

    @Override
    public String stopPractising() {
        return "Stop practising";
    }

    @Override
    public String typeAnswer(boolean gap) {
        return gap ? "what is missing, Enter" : "type a query, then Enter";
    }

    @Override
    public String changeTables() {
        return "change the tables";
    }

    @Override
    public String kindsAlike() {
        return "five kinds, as many rows";
    }

    @Override
    public String differ() {
        return "other rows than this query";
    }

    @Override
    public String taken() {
        return "taken as the guess";
    }

    @Override
    public String cannotAsk() {
        return "This cannot be asked of what is shown: choose another question, or another query.";
    }

    @Override
    public String askTheClass() {
        return "Before it plays, ask the class";
    }

    @Override
    public String nothing() {
        return "nothing";
    }

    @Override
    public String putItYourself() {
        return "the question in your own words";
    }

    @Override
    public String theAnswer() {
        return "the answer";
    }

    @Override
    public String computed(String answer) {
        return text("The answer is computed: {}", answer);
    }

    @Override
    public String rowsThatCome(Side side) {
        return text("{} rows in the result", names.side(side));
    }

    @Override
    public String rowsUnmatched(Side side) {
        return text("{} rows without a match", names.side(side));
    }

    @Override
    public String row() {
        return "row";
    }

    @Override
    public String column() {
        return "column";
    }

    @Override
    public String cannotTell(String kinds) {
        return text("On these tables {} give the same rows: each of them counts as right.", kinds);
    }

    @Override
    public String tellApart(Side side) {
        return text("Add a {} row without a match, to tell them apart", names.side(side));
    }

    @Override
    public String asks(String what) {
        return text("asks: {}", what);
    }
}
