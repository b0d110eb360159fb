package lunko.table;

import java.util.List;
import java.util.stream.IntStream;

/** A rectangle of cells: rows and columns from the first to the last, counted from 0, both included. */
public record Block(int firstRow, int lastRow, int firstColumn, int lastColumn) {

    /** The block between two cells that are corners of it. */
    public static Block between(int row, int column, int otherRow, int otherColumn) {
        return new Block(Math.min(row, otherRow), Math.max(row, otherRow), Math.min(column, otherColumn),
                Math.max(column, otherColumn));
    }

    /** One cell. */
    public static Block cell(int row, int column) {
        return new Block(row, row, column, column);
    }

    /** All cells of one column of a table. */
    public static Block column(Table table, int column) {
        return new Block(0, table.rows().size() - 1, column, column);
    }

    /** Whether a cell is in it. */
    public boolean contains(int row, int column) {
        return row >= firstRow && row <= lastRow && column >= firstColumn && column <= lastColumn;
    }

    /** How many cells it has. */
    public int size() {
        return (lastRow - firstRow + 1) * (lastColumn - firstColumn + 1);
    }

    /** How many rows it has. */
    public int height() {
        return lastRow - firstRow + 1;
    }

    /** What one would type to fill the block as it is in a table; cells that the table has not are left out. */
    public List<List<String>> typed(Table table) {
        return IntStream.rangeClosed(firstRow, Math.min(lastRow, table.rows().size() - 1))
                .mapToObj(row -> IntStream.rangeClosed(firstColumn, Math.min(lastColumn, table.columns().size() - 1))
                        .mapToObj(column -> table.columns().get(column).typed(table.rows().get(row).entry(column)))
                        .toList())
                .toList();
    }
}
