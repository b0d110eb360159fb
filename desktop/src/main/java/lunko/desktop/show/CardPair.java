package lunko.desktop.show;

import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import lunko.query.Side;

/** The left and the right table as cards, and the column that is dragged from one to the other to match the two. */
final class CardPair {

    /** Makes the card of a side. */
    interface Maker {
        TableCard card(ShowModel model, Side side, ColumnWidths widths, ObjectProperty<Optional<KeyDrag>> drag, ShowActions actions);
    }

    private final ObjectProperty<Optional<KeyDrag>> drag = new SimpleObjectProperty<>(Optional.empty());
    private final ColumnWidths leftWidths = new ColumnWidths();
    private final ColumnWidths rightWidths = new ColumnWidths();
    private final TableCard left;
    private final TableCard right;

    CardPair(ShowModel model, ShowActions actions, Maker maker) {
        left = maker.card(model, Side.LEFT, leftWidths, drag, actions);
        right = maker.card(model, Side.RIGHT, rightWidths, drag, actions);
    }

    TableCard card(Side side) {
        return side.of(left, right);
    }

    ColumnWidths widths(Side side) {
        return side.of(leftWidths, rightWidths);
    }

    ObjectProperty<Optional<KeyDrag>> drag() {
        return drag;
    }

    /** Matches the columns when one is let go over the other, anywhere within a node that holds both cards. */
    void takeDropsWithin(Node both) {
        both.addEventFilter(MouseEvent.MOUSE_RELEASED, event -> {
            Optional<KeyDrag> dragged = drag.get();
            drag.set(Optional.empty());
            dragged.ifPresent(d -> card(d.side().opposite()).receive(d, new Point2D(event.getSceneX(), event.getSceneY())));
        });
    }
}
