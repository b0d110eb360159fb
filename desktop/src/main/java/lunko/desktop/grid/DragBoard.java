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
        /** The heading that was dragged, and the column it is let go over, counted from 0. */
        void onto(ColumnDrag dragged, GridTable<?> grid, int column);
    }

    private final ObjectProperty<Optional<ColumnDrag>> drag = new SimpleObjectProperty<>(Optional.empty());
    private final List<DragHandles> tables = new ArrayList<>();

    /** What is being dragged. */
    public ReadOnlyObjectProperty<Optional<ColumnDrag>> drag() {
        return drag;
    }

    void set(Optional<ColumnDrag> now) {
        drag.set(now);
    }

    /** Lets a table take part, to be dragged from and onto. */
    void join(DragHandles table) {
        tables.add(table);
    }

    /** Lets it take no part any more. */
    void leave(DragHandles table) {
        tables.remove(table);
    }

    /** Takes what is let go anywhere within a node that holds all the tables. */
    public void takeDropsWithin(Node all, Drop drop) {
        all.addEventFilter(MouseEvent.MOUSE_RELEASED, event -> {
            Optional<ColumnDrag> dragged = drag.get();
            set(Optional.empty());
            Point2D place = new Point2D(event.getSceneX(), event.getSceneY());
            dragged.ifPresent(drag -> List.copyOf(tables).stream().filter(table -> table.grid().isShown())
                    .forEach(table -> table.at(place).ifPresent(column -> {
                        if (!drag.isOf(table.grid(), column)) drop.onto(drag, table.grid(), column);
                    })));
        });
    }
}
