package lunko.desktop.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import lunko.desktop.words.ShowWords;
import lunko.query.Side;
import lunko.words.Names;

/** What is said in the show, in English. */
record EnglishShow(Names names) implements ShowWords {

    @Override
    public String addRowTo(Side side) {
        return text("Add a row to the {} table", names.side(side));
    }

    @Override
    public String lanes(long count) {
        return text("{} between matching rows", counted(count, "lane"));
    }

    @Override
    public String tableOn(Side side) {
        return text("{} table", names.side(side));
    }

    @Override
    public String headingTip() {
        return "Drag it onto a column of the other table to match the two; right-click to show it, filter and sort.";
    }

    @Override
    public String headingTipAlone() {
        return "Right-click to show it, filter and sort.";
    }

    @Override
    public String madeBefore(Side side) {
        return text("rows on the {}, made by the stages before", names.side(side));
    }

    @Override
    public String nameOfTable(Side side) {
        return text("name of the {} table", names.side(side));
    }

    @Override
    public String aboutRows(Side side, long rows) {
        return text("{} · {}", names.side(side), counted(rows, "row"));
    }

    @Override
    public String aboutTable(String alias, Side side, long rows) {
        return text("{} · {} · {}", alias, names.side(side), counted(rows, "row"));
    }

    @Override
    public String filtered() {
        return "Filtered";
    }

    @Override
    public String groups() {
        return "Groups";
    }

    @Override
    public String selected() {
        return "Selected";
    }

    @Override
    public String distinct() {
        return "Distinct";
    }

    @Override
    public String combined() {
        return "Combined";
    }

    @Override
    public String sorted() {
        return "Sorted";
    }

    @Override
    public String limited() {
        return "Limited";
    }

    @Override
    public String stage(String title, long rows, String sum) {
        return sum.isEmpty() ? text("{}: {}", title, counted(rows, "row"))
                : text("{}: {}, {}", title, counted(rows, "row"), sum);
    }

    @Override
    public String card(String title, String about) {
        return text("{}, {}", title, about);
    }

    @Override
    public String onlyWhere(String condition) {
        return text("Only rows where {}", condition);
    }

    @Override
    public String select(String column) {
        return text("Select {}", column);
    }

    @Override
    public String onlyRowsWhere() {
        return "Only rows where";
    }

    @Override
    public String sortResultBy(String column) {
        return text("Sort the result by {}", column);
    }

    @Override
    public String joinAnotherBy(String column) {
        return text("Join another table by {}", column);
    }

    @Override
    public String smallestFirst() {
        return "smallest first";
    }

    @Override
    public String largestFirst() {
        return "largest first";
    }

    @Override
    public String unsorted() {
        return "not sorted by it";
    }
}
