package lunko.desktop.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.either;
import static lunko.words.english.Say.named;
import static lunko.words.english.Say.text;

import java.util.List;
import lunko.desktop.words.TableWords;
import lunko.query.Side;
import lunko.table.Column;
import lunko.table.Type;
import lunko.words.Names;

/** What is said at the tables, in English. */
record EnglishTables(Names names) implements TableWords {

    @Override
    public String newTable() {
        return "New table";
    }

    @Override
    public String pasteAsTable() {
        return "Paste as a new table";
    }

    @Override
    public String generateRows() {
        return "Generate rows…";
    }

    @Override
    public String linkSuggested() {
        return "Link the suggested columns";
    }

    @Override
    public String typeToAddRow() {
        return "type to add a row";
    }

    @Override
    public String more() {
        return "More for this table";
    }

    @Override
    public String joinAs(Side side) {
        return text("Join as the {} table", names.side(side));
    }

    @Override
    public String joinWithItself() {
        return "Join with itself";
    }

    @Override
    public String view() {
        return "view";
    }

    @Override
    public String followsQuery(String sql) {
        return text("A view: its rows are what this query gives, whatever is changed:\n{}", sql);
    }

    @Override
    public String showQuery() {
        return "Show its query";
    }

    @Override
    public String replaceWithFile() {
        return "Replace with a file…";
    }

    @Override
    public String replaceWithCopied() {
        return "Replace with the clipboard";
    }

    @Override
    public String copyTable() {
        return "Copy the whole table";
    }

    @Override
    public String saveAs() {
        return "Save as…";
    }

    @Override
    public String delete(String table) {
        return text("Delete {}", table);
    }

    @Override
    public String about(boolean left, boolean right, long rows) {
        return text(left && right ? "left and right · {}" : left ? "left · {}" : right ? "right · {}" : "{}",
                counted(rows, "row"));
    }

    @Override
    public String table(String table) {
        return text("table {}", table);
    }

    @Override
    public String unfold(String table) {
        return text("Unfold {}", table);
    }

    @Override
    public String fold(String table) {
        return text("Fold {}", table);
    }

    @Override
    public String notNull(String column) {
        return text("{} must not be NULL.", column);
    }

    @Override
    public String setUp() {
        return "Set up a situation";
    }

    @Override
    public String setUpAbout() {
        return "changes just enough rows; Undo restores them";
    }

    @Override
    public String heading(String column, String about) {
        return text("{}, {}", column, about);
    }

    @Override
    public String matchedHeading(String column, String about) {
        return text("{}, {}, matched", column, about);
    }

    @Override
    public String headingTip(String heading) {
        return text(
                "{}\nDrag it onto a column of another table to match the two.\nDouble-click to rename it; "
                        + "right-click to change its type and more.",
                heading);
    }

    @Override
    public String headingTipInShow(String heading) {
        return text(
                "{}\nDrag it onto a column of another table to match the two.\nDouble-click to rename it; "
                        + "right-click to show it, filter, sort, change its type and more.",
                heading);
    }

    @Override
    public String about(Column column) {
        return text(column.key() ? "{} · key" : column.nullable() ? "{}" : "{} · NOT NULL",
                column.open() ? "any type" : names.type(column.type(), column.size()));
    }

    @Override
    public String keyOf(String table) {
        return text("Part of the key of {}", table);
    }

    @Override
    public String allowNull() {
        return "Allow NULL";
    }

    @Override
    public String rename() {
        return "Rename";
    }

    @Override
    public String insertLeft() {
        return "Insert a column to the left";
    }

    @Override
    public String insertRight() {
        return "Insert a column to the right";
    }

    @Override
    public String duplicateColumn() {
        return "Duplicate the column";
    }

    @Override
    public String moveLeft() {
        return "Move left";
    }

    @Override
    public String moveRight() {
        return "Move right";
    }

    @Override
    public String typeOf(Column column) {
        return text("Type: {}", column.open() ? "that of the first value" : names.type(column.type(), column.size()));
    }

    @Override
    public String sizeOf(Type type) {
        return type == Type.TEXT ? "Length" : "Digits";
    }

    @Override
    public String typeFits(Column column, List<String> misfits) {
        String type = names.type(column.type(), column.size());
        return misfits.isEmpty() ? text("{} – everything fits", type)
                : text(either(misfits.size(), "{} – {} does not fit: {}", "{} – {} do not fit: {}"), type,
                        misfits.size(), named(misfits.stream().map(misfit -> text("“{}”", misfit)).toList()));
    }

    @Override
    public String matchWith() {
        return "Match with";
    }

    @Override
    public String columnOfType(String column, Type type) {
        return text("{} – {}", column, names.type(type));
    }

    @Override
    public String cell(String column, String value) {
        return text("{} {}", column, value);
    }

    @Override
    public String emptyText() {
        return "empty text";
    }

    @Override
    public String changeCell() {
        return "Change the selected cell";
    }

    @Override
    public String clearCells() {
        return "Clear the selected cells";
    }

    @Override
    public String makeNull() {
        return "Make the selected cells NULL";
    }

    @Override
    public String fillFromAbove() {
        return "Fill the selected cells from above";
    }

    @Override
    public String selectTable() {
        return "Select the whole table";
    }

    @Override
    public String copyCells() {
        return "Copy the selected cells";
    }

    @Override
    public String cutCells() {
        return "Cut the selected cells";
    }

    @Override
    public String pasteCells() {
        return "Paste over the cells from the selected one on";
    }

    @Override
    public String addRow() {
        return "Add a row at the end";
    }

    @Override
    public String insertRow() {
        return "Insert a row above";
    }

    @Override
    public String duplicateRows() {
        return "Duplicate the selected rows";
    }

    @Override
    public String deleteRows() {
        return "Delete the selected rows";
    }

    @Override
    public String rowsUp() {
        return "Move the selected rows up";
    }

    @Override
    public String rowsDown() {
        return "Move the selected rows down";
    }

    @Override
    public String columnLeft() {
        return "Move the column to the left";
    }

    @Override
    public String columnRight() {
        return "Move the column to the right";
    }

    @Override
    public String replaceTable() {
        return "Replace the table in hand with the clipboard";
    }

    @Override
    public String selectFirst() {
        return "Select a cell first: click one.";
    }

    @Override
    public String renameTable() {
        return "Type a new name for the table.";
    }
}
