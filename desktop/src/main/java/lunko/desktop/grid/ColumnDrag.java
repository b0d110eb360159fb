package lunko.desktop.grid;

import javafx.geometry.Point2D;

/** A column heading on its way to the column that it belongs to; places are in the scene. */
public record ColumnDrag(TableGrid grid, String column, Point2D from, Point2D at) {

    /** The same heading, farther on its way. */
    ColumnDrag to(Point2D place) {
        return new ColumnDrag(grid, column, from, place);
    }
}
