package lunko.desktop.show;

import javafx.geometry.Point2D;
import lunko.query.KeyPair;
import lunko.query.Side;

/** A column heading on its way to the column that it belongs to; places are in the scene. */
record KeyDrag(Side side, String column, Point2D from, Point2D at) {

    /** The same heading, farther on its way. */
    KeyDrag to(Point2D place) {
        return new KeyDrag(side, column, from, place);
    }

    /** The pair that it makes with a column of the other side. */
    KeyPair with(String other) {
        return side == Side.LEFT ? new KeyPair(column, other) : new KeyPair(other, column);
    }
}
