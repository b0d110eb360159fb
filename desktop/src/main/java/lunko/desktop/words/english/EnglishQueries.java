package lunko.desktop.words.english;

import static lunko.words.english.Say.capital;
import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.either;
import static lunko.words.english.Say.say;
import static lunko.words.english.Say.text;

import java.util.OptionalLong;
import lunko.desktop.words.QueryWords;
import lunko.phrase.Phrase;
import lunko.words.Names;

/** What is said of the query, in English. */
record EnglishQueries(Names names) implements QueryWords {

    @Override
    public String build() {
        return "Build the query";
    }

    @Override
    public String buildWithoutTyping() {
        return "Build the query without typing";
    }

    @Override
    public String buildAbout(OptionalLong rows) {
        return rows.isPresent()
                ? text("gives {} · the text follows, and keeps its layout and comments",
                        counted(rows.getAsLong(), "row"))
                : "cannot be shown yet · the text follows, and keeps its layout and comments";
    }

    @Override
    public String combined() {
        return "This combines two queries: change the text of the one you mean.";
    }

    @Override
    public String tables() {
        return "Tables";
    }

    @Override
    public String columns() {
        return "Columns";
    }

    @Override
    public String conditions() {
        return "Conditions";
    }

    @Override
    public String order() {
        return "Order";
    }

    @Override
    public String limit() {
        return "Limit";
    }

    @Override
    public String tableName(String table) {
        return text("name of {} in the query", table);
    }

    @Override
    public String joinAnother() {
        return "Join another table";
    }

    @Override
    public String swapSides() {
        return "Swap the sides of this join: left becomes right";
    }

    @Override
    public String removeRight() {
        return "Remove the right table of this join";
    }

    @Override
    public String nameFor(String expression) {
        return text("name for {}", expression);
    }

    @Override
    public String furtherLeft() {
        return "Further left";
    }

    @Override
    public String furtherRight() {
        return "Further right";
    }

    @Override
    public String hide(String expression) {
        return text("Do not select {}", expression);
    }

    @Override
    public String selectColumn() {
        return "Select a column";
    }

    @Override
    public String allColumns() {
        return "all columns (*)";
    }

    @Override
    public String distinct() {
        return "remove duplicates (DISTINCT)";
    }

    @Override
    public String moveTo(String place) {
        return text("move to {}", place);
    }

    @Override
    public String removeCondition() {
        return "Remove this condition";
    }

    @Override
    public String changeCondition() {
        return "Type another condition over it, and press Enter";
    }

    @Override
    public String condition(String condition) {
        return text("the condition {}", condition);
    }

    @Override
    public String reverseOrder() {
        return "Reverse the order";
    }

    @Override
    public String removeOrder() {
        return "Do not sort by this";
    }

    @Override
    public String sortBy() {
        return "Sort by";
    }

    @Override
    public String mostRows() {
        return "maximum number of rows";
    }

    @Override
    public String rowsAtMost() {
        return "rows at most";
    }

    @Override
    public String noLimit() {
        return "all";
    }

    @Override
    public String columnName() {
        return "name";
    }

    @Override
    public String completions() {
        return "what can be written here";
    }

    @Override
    public String newConditionColumn() {
        return "the column of the new condition";
    }

    @Override
    public String newConditionComparison() {
        return "how it is compared";
    }

    @Override
    public String valueOrColumn() {
        return "a value, or a column";
    }

    @Override
    public String newConditionValue() {
        return "what it is compared with: a value, or a column";
    }

    @Override
    public String newConditionPlace() {
        return "where the new condition goes";
    }

    @Override
    public String add() {
        return "Add";
    }

    @Override
    public String into() {
        return "into";
    }

    @Override
    public String nextProblem(int number, int all) {
        return text("{} of {}: next", number, all);
    }

    @Override
    public String onOrWhere() {
        return "ON or WHERE";
    }

    @Override
    public String onOrWhereWhat() {
        return "ON or WHERE: a condition moved from one to the other";
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
    public String write() {
        return "Write the query";
    }

    @Override
    public String next() {
        return "Next problem in the query";
    }

    @Override
    public String twoTables() {
        return "Back to the two tables, as Lunko writes them";
    }

    @Override
    public String queryText() {
        return "the query as SQL";
    }

    @Override
    public String query() {
        return "Query";
    }

    @Override
    public String queryMenu() {
        return "More for the query";
    }

    @Override
    public String suggested() {
        return "suggested links:";
    }

    @Override
    public String notLinked(String left, String right) {
        return text("no columns of {} and {} are linked yet:", left, right);
    }

    @Override
    public String linkThem() {
        return "Link them at the tables";
    }

    @Override
    public String noRows(String table) {
        return text("{} has no rows yet:", table);
    }

    @Override
    public String typeThem() {
        return "Type some at the tables";
    }

    @Override
    public String matchThem(String reason) {
        return text("Match these columns: they have {}", reason);
    }

    @Override
    public String match(String left, String right) {
        return text("match {} with {}", left, right);
    }

    @Override
    public String allQueries() {
        return "The result of each query";
    }

    @Override
    public String runAll() {
        return "Run all queries of the text";
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
    public String onOfJoin(int join) {
        return text("ON of join {}", join);
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
    public String equivalent() {
        return "Equivalent queries";
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
    public String translate() {
        return "Translate for a database";
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
    public String keyword() {
        return "keyword";
    }

    @Override
    public String table() {
        return "table";
    }

    @Override
    public String column() {
        return "column";
    }
}
