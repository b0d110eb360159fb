package lunko.desktop.grid;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;

/** Where column headings are dragged from one table onto another, to say that the two columns belong together. */
public final class DragBoard {

    /** Takes a heading that was let go over a column of another table, or another column of its own. */
    @FunctionalInterface
    public interface Drop {
        /** The heading that was dragged, and the column it is let go over. */
        void onto(ColumnDrag dragged, TableGrid grid, String column);
    }

    private final ObjectProperty<Optional<ColumnDrag>> drag = new SimpleObjectProperty<>(Optional.empty());
    private final List<TableGrid> grids = new ArrayList<>();

    /** What is being dragged. */
    public ReadOnlyObjectProperty<Optional<ColumnDrag>> drag() {
        return drag;
    }

    void set(Optional<ColumnDrag> now) {
        drag.set(now);
    }

    /** Takes part, as a table that is dragged from and onto. */
    void join(TableGrid grid) {
        grids.add(grid);
    }

    /** Takes no part any more. */
    void leave(TableGrid grid) {
        grids.remove(grid);
    }

    /** Takes what is let go anywhere within a node that holds all the tables. */
    public void takeDropsWithin(Node all, Drop drop) {
        all.addEventFilter(MouseEvent.MOUSE_RELEASED, event -> {
            Optional<ColumnDrag> dragged = drag.get();
            drag.set(Optional.empty());
            Point2D place = new Point2D(event.getSceneX(), event.getSceneY());
            dragged.ifPresent(d -> List.copyOf(grids).stream().filter(grid -> grid.isShown()).forEach(grid -> grid.headingAt(place)
                    .filter(column -> grid != d.grid() || !column.equals(d.column())).ifPresent(column -> drop.onto(d, grid, column))));
        });
    }
}
