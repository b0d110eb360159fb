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
    public String cancel() {
        return "Cancel";
    }

    @Override
    public String takeTables() {
        return "Import";
    }

    @Override
    public String importFile(String file) {
        return text("Import {}", file);
    }

    @Override
    public String importInPlace(String file, String table) {
        return text("Import {} in place of {}", file, table);
    }

    @Override
    public String betweenFields() {
        return "between fields";
    }

    @Override
    public String aroundFields() {
        return "around fields";
    }

    @Override
    public String encoding() {
        return "encoding";
    }

    @Override
    public String firstLineNames() {
        return "the first line has the column names";
    }

    @Override
    public String firstRowNames() {
        return "the first row has the column names";
    }

    @Override
    public String sign(char sign) {
        return switch (sign) {
            case ',' -> "comma  ,";
            case ';' -> "semicolon  ;";
            case '\t' -> "tab";
            case '|' -> "bar  |";
            case '"' -> "double quotes  \"";
            case '\'' -> "single quotes  '";
            default -> String.valueOf(sign);
        };
    }

    @Override
    public String allCells() {
        return "all cells, or B2:D9";
    }

    @Override
    public String rangeTo() {
        return "to";
    }

    @Override
    public String sheets() {
        return "sheets";
    }

    @Override
    public String cells() {
        return "cells";
    }

    @Override
    public String keyCheck() {
        return "Key check";
    }

    @Override
    public String rowsByKind() {
        return "Rows by kind of join";
    }

    @Override
    public String joinedWithItself(String table) {
        return text("{} is joined with itself: one table under two names.", table);
    }

    @Override
    public String checkingKeys() {
        return "Checking the keys…";
    }

    @Override
    public String nothingMatched(String left, String right) {
        return text(
                "No columns of {} and {} are matched: drag a column name onto one of the other table to see what "
                        + "can be said about the two.",
                left, right);
    }

    @Override
    public String stopMatching() {
        return "Stop matching these columns";
    }

    @Override
    public String stopMatchingColumns(String left, String right) {
        return text("stop matching {} with {}", left, right);
    }

    @Override
    public String suggestedLinks() {
        return "Suggested links";
    }

    @Override
    public String link() {
        return "Link";
    }

    @Override
    public String fix() {
        return "Fix";
    }

    @Override
    public String makeAlike() {
        return "Make one of the two like the other";
    }

    @Override
    public String retypeAlike(String column, Type type) {
        return text("Make {} {}, like the other", column, names.type(type));
    }

    @Override
    public String noRowHasKey(String table) {
        return text("No row of {} has this key.", table);
    }

    @Override
    public String nullKey() {
        return "This row has a NULL key, and NULL never matches.";
    }

    @Override
    public String keyRepeats() {
        return "Another row has the same key, which should be unique.";
    }

    @Override
    public String notNull(String column) {
        return text("{} must not be NULL.", column);
    }

    @Override
    public String linked(String left, String right, List<String> columns) {
        return text("{} and {} by {}", left, right, String.join(", ", columns));
    }

    @Override
    public String linkTip(String link) {
        return text("{}\nClick to show this link; right-click to delete it.", link);
    }

    @Override
    public String linkOf(String link) {
        return text("link of {}", link);
    }

    @Override
    public String deleteLink() {
        return "Delete this link";
    }

    @Override
    public String linkThese() {
        return "Link these?";
    }

    @Override
    public String proposalTip(String link) {
        return text("{}\nSuggested link: click to make it.", link);
    }

    @Override
    public String linkThem(String link) {
        return text("link {}", link);
    }

    @Override
    public String keysOfOther() {
        return "the other table's keys";
    }

    @Override
    public String keysOfRange() {
        return "a range of numbers";
    }

    @Override
    public String useRows() {
        return "Use these rows";
    }

    @Override
    public String replaceRows(long rows) {
        return text("Replace the {} there", counted(rows, "row"));
    }

    @Override
    public String keysMayRepeat() {
        return "keys may repeat";
    }

    @Override
    public String generateTitle() {
        return "Generate rows";
    }

    @Override
    public String generateAgain() {
        return "Generate again";
    }

    @Override
    public String forTable() {
        return "for table";
    }

    @Override
    public String rows() {
        return "rows";
    }

    @Override
    public String keysFrom() {
        return "keys from";
    }

    @Override
    public String range() {
        return "the range";
    }

    @Override
    public String nullPercent() {
        return "% with a NULL key";
    }

    @Override
    public String unmatchedPercent() {
        return "% without a match";
    }

    @Override
    public String texts() {
        return "texts";
    }

    @Override
    public String amounts() {
        return "amounts";
    }

    @Override
    public String dates() {
        return "dates";
    }

    @Override
    public String seed() {
        return "seed (the same seed gives the same rows)";
    }

    @Override
    public String numberedTexts() {
        return "h1, h2, h3 …";
    }

    @Override
    public String wordTexts() {
        return "words";
    }

    @Override
    public String moreRowsAndColumns(long rows, long columns) {
        return rows > 0 && columns > 0 ? text("and {}, {}", counted(rows, "more row"), counted(columns, "more column"))
                : rows > 0 ? text("and {}", counted(rows, "more row"))
                        : columns > 0 ? counted(columns, "more column") : "";
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
                column.open() ? "any type" : names.type(column.type()));
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
        return text("Type: {}", column.open() ? "that of the first value" : names.type(column.type()));
    }

    @Override
    public String typeFits(Type type, List<String> misfits) {
        return misfits.isEmpty() ? text("{} – everything fits", names.type(type))
                : text(either(misfits.size(), "{} – {} does not fit: {}", "{} – {} do not fit: {}"), names.type(type),
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
