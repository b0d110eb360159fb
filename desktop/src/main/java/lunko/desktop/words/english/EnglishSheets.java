package lunko.desktop.words.english;

import static lunko.words.english.Say.capital;
import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.say;
import static lunko.words.english.Say.text;

import lunko.desktop.words.SheetWords;
import lunko.phrase.Phrase;
import lunko.words.Names;

/** What is said on the sheets that take the place of the stage, in English. */
record EnglishSheets(Names names) implements SheetWords {

    @Override
    public String onOrWhere() {
        return "ON or WHERE";
    }

    @Override
    public String onOrWhereAbout() {
        return "a condition in ON decides which rows match, one in WHERE which rows stay";
    }

    @Override
    public String nothingToMove() {
        return "This query has no condition that could be moved: it needs a join with ON. Write a condition into "
                + "ON or WHERE first.";
    }

    @Override
    public String move(String condition, String from, String to) {
        return text("{}   {} → {}", condition, from, to);
    }

    @Override
    public String asItIs(String place, long rows) {
        return text("In {}, as it is: {}", place, counted(rows, "row"));
    }

    @Override
    public String inOther(String place, long rows) {
        return text("In {}: {}", place, counted(rows, "row"));
    }

    @Override
    public String sameWherever() {
        return "The same rows either way: no unmatched row is kept that the condition would remove.";
    }

    @Override
    public String moveIt() {
        return "Move it there";
    }

    @Override
    public Phrase withItIn(String place, Phrase why) {
        return say("**With it in {}:** {}", place, why);
    }

    @Override
    public String allQueries() {
        return "The result of each query";
    }

    @Override
    public String writeMore() {
        return "write more queries above, with a semicolon between them";
    }

    @Override
    public String queries(long count) {
        return text("{} queries", count);
    }

    @Override
    public String noResult() {
        return "no result";
    }

    @Override
    public String onTheStage() {
        return "on the stage";
    }

    @Override
    public String showThis() {
        return "Show this one";
    }

    @Override
    public String restOfTable(long rows, long shown) {
        return rows == 0 ? "no rows" : rows > shown ? text("and {}", counted(rows - shown, "more row")) : "";
    }

    @Override
    public String backToStage() {
        return "Back to the stage";
    }

    @Override
    public String trying() {
        return "trying each on your tables…";
    }

    @Override
    public String tried(long queries) {
        return text("{}, tried on your tables", queries == 1 ? "1 query" : queries(queries));
    }

    @Override
    public String noneKnown() {
        return "Lunko knows no equivalent of this query.";
    }

    @Override
    public String useThis() {
        return "Use this one";
    }

    @Override
    public String way(String title) {
        return capital(title);
    }

    @Override
    public String asItIsNow(long rows) {
        return text("as it is now: {}", counted(rows, "row"));
    }

    @Override
    public String soInstead(long rows) {
        return text("with this one: {}", counted(rows, "row"));
    }

    @Override
    public String notAlwaysTheSame() {
        return "Not always equivalent: on which tables?";
    }

    @Override
    public String translateAbout() {
        return "the same rows there, in its SQL";
    }

    @Override
    public String database(String name) {
        return capital(name);
    }

    @Override
    public String copyQuery() {
        return "Copy the query";
    }

    @Override
    public String queryCopied() {
        return "The query is copied.";
    }

    @Override
    public String copyScript() {
        return "Copy a script with its tables";
    }

    @Override
    public String scriptCopied() {
        return "The script is copied: it makes the tables and runs the query.";
    }

    @Override
    public String runsAsItIs() {
        return "It runs there as it is.";
    }

    @Override
    public String partsDiffer() {
        return "Parts of it are written differently there.";
    }

    @Override
    public String moreLines(long lines) {
        return text("and {} more lines, which are copied too", lines);
    }

    @Override
    public String sideBySide() {
        return "Results side by side";
    }

    @Override
    public String sideBySideAbout() {
        return "what comes from the same rows is in one line; point at a gap for the why";
    }

    @Override
    public String compareWith() {
        return "Compare with";
    }

    @Override
    public String leaveOut(String title) {
        return text("leave out {}", title);
    }

    @Override
    public String asShown() {
        return "on the stage";
    }

    @Override
    public String queryNumber(int number) {
        return text("query {}", number);
    }

    @Override
    public String beforeChange(String change) {
        return text("before: {}", change);
    }

    @Override
    public String resultTitle(String title, long rows) {
        return text("{}: {}", title, counted(rows, "row"));
    }

    @Override
    public String cannotCompare(String title, String problem) {
        return text("{}: {}", title, problem);
    }

    @Override
    public String onlyFirstRows(int most) {
        return text("Lined up: the first {} of each result.", counted(most, "row"));
    }

    @Override
    public String notThere() {
        return "not there";
    }
}
