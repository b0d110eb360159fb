package lunko.desktop.grid;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.MouseEvent;

/** The headings of a table as handles: each can be dragged onto a heading of another table, or another of its own. */
public final class DragHandles {
    private static final PseudoClass TARGET = PseudoClass.getPseudoClass("target");

    private final GridTable<?> grid;
    private final DragBoard board;
    private List<Node> headings = List.of();

    /** Handles of a table, on the board where they are dragged. */
    public DragHandles(GridTable<?> grid, DragBoard board) {
        this.grid = grid;
        this.board = board;
        board.join(this);
        board.drag().subscribe(this::showTarget);
    }

    /** Takes these headings, one for each column, in the place of those before. */
    public void take(List<? extends Node> now) {
        List<Node> before = headings;
        headings = List.copyOf(now);
        headings.stream().filter(heading -> !before.contains(heading)).forEach(heading -> heading
                .addEventHandler(MouseEvent.ANY, event -> drag(event, headings.indexOf(heading))));
    }

    /** Takes no part any more, because the table is gone. */
    void retire() {
        board.leave(this);
    }

    GridTable<?> grid() {
        return grid;
    }

    /** The column whose heading, or the space around it in its header cell, is at a place in the scene. */
    OptionalInt at(Point2D place) {
        return IntStream.range(0, headings.size()).filter(column -> isAt(headings.get(column), place)).findFirst();
    }

    private static boolean isAt(Node heading, Point2D place) {
        Parent cell = heading.getParent();
        return cell != null && cell.localToScene(cell.getLayoutBounds()).contains(place);
    }

    private void drag(MouseEvent event, int column) {
        if (event.getTarget() instanceof TextInputControl) return;
        Point2D place = new Point2D(event.getSceneX(), event.getSceneY());
        if (event.getEventType() == MouseEvent.MOUSE_PRESSED && event.isPrimaryButtonDown()) {
            board.set(Optional.of(new ColumnDrag(grid, column, place, place)));
        } else if (event.getEventType() == MouseEvent.MOUSE_DRAGGED) {
            board.set(board.drag().get().map(under -> under.to(place)));
        } else {
            return;
        }
        // The table's own header would take it for a click on the column.
        event.consume();
    }

    private void showTarget(Optional<ColumnDrag> dragged) {
        for (int i = 0; i < headings.size(); i++) {
            int column = i;
            headings.get(i).pseudoClassStateChanged(TARGET, dragged
                    .filter(drag -> !drag.isOf(grid, column) && isAt(headings.get(column), drag.at())).isPresent());
        }
    }
}
