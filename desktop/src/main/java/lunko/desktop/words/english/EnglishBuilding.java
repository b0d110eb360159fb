package lunko.desktop.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import java.util.OptionalLong;
import lunko.desktop.words.BuildWords;
import lunko.words.Names;

/** What is said where a query is put together without typing, in English. */
record EnglishBuilding(Names names) implements BuildWords {

    @Override
    public String combined() {
        return "This combines two queries: change the text of the one you mean.";
    }

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
}
