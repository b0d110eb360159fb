package lunko.desktop.grid;

import lunko.table.Block;

/**
 * What is selected in a grid: the block between two cells, of which one has the keyboard. Rows and columns are counted
 * from 0.
 *
 * @param anchorRow where the block begins
 * @param anchorColumn where the block begins
 * @param row the cell that has the keyboard
 * @param column the cell that has the keyboard
 */
record Selection(int anchorRow, int anchorColumn, int row, int column) {

    /** One cell. */
    static Selection cell(int row, int column) {
        return new Selection(row, column, row, column);
    }

    /** The same beginning, and another cell that has the keyboard. */
    Selection to(int otherRow, int otherColumn) {
        return new Selection(anchorRow, anchorColumn, otherRow, otherColumn);
    }

    /** The cells. */
    Block block() {
        return Block.between(anchorRow, anchorColumn, row, column);
    }

    boolean isCursor(int otherRow, int otherColumn) {
        return row == otherRow && column == otherColumn;
    }
}
