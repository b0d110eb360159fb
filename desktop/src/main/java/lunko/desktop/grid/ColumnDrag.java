package lunko.desktop.grid;

import javafx.geometry.Point2D;

/** The heading of a column, counted from 0, on its way to the column that it belongs to; places are in the scene. */
public record ColumnDrag(GridTable<?> grid, int column, Point2D from, Point2D at) {

    /** The same heading, farther on its way. */
    ColumnDrag to(Point2D place) {
        return new ColumnDrag(grid, column, from, place);
    }

    /** Whether it is the heading of that column. */
    boolean isOf(GridTable<?> other, int index) {
        return grid == other && column == index;
    }
}
