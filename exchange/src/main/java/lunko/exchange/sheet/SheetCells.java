package lunko.exchange.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import lunko.exchange.sheet.Spreadsheet.Cell;
import lunko.problem.Limits;

/** The cells of a sheet while it is read: as many as show that it is too large, if it is. */
final class SheetCells {
    static final int MOST_ROWS = 2 * Limits.ROWS;
    static final int MOST_COLUMNS = 3 * Limits.COLUMNS;
    private static final long MOST_CELLS = 2L * Limits.CELLS;

    private final List<List<Optional<Cell>>> rows = new ArrayList<>();
    private long cells;
    private boolean isCut;

    /** Adds a row, counted from 0, and the same as often as it is repeated. An empty one is made if another follows. */
    void add(long number, List<Optional<Cell>> row, long times) {
        if (row.isEmpty()) return;
        isCut |= number + times > MOST_ROWS || cells > MOST_CELLS;
        if (number >= MOST_ROWS || isFull()) return;
        while (rows.size() < number) rows.add(List.of());
        long copies = Math.min(times, MOST_ROWS - number);
        rows.addAll(Collections.nCopies((int) copies, List.copyOf(row)));
        cells += copies * row.size();
    }

    /** Puts a cell into a row, counted from 0, and the same beside it as often as it is repeated. */
    void put(List<Optional<Cell>> row, long column, Optional<Cell> cell, long times) {
        if (cell.isEmpty()) return;
        isCut |= column + times > MOST_COLUMNS;
        if (column >= MOST_COLUMNS) return;
        while (row.size() < column) row.add(Optional.empty());
        row.addAll(Collections.nCopies((int) Math.min(times, MOST_COLUMNS - column), cell));
    }

    /** Whether there are so many that nothing more is needed. */
    boolean isFull() {
        return cells > MOST_CELLS;
    }

    int size() {
        return rows.size();
    }

    Spreadsheet spreadsheet(String source, String name) {
        return new Spreadsheet(source, name, rows, isCut);
    }
}
