package lunko.desktop.look;

import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import lunko.query.JoinKind;
import lunko.query.Side;

/**
 * The sign of a kind of join: a unmatched left row, a pair, and a unmatched right row as small bars, filled where the
 * kind lets them through.
 */
public final class RowGlyph extends GridPane {

    /** The sign of a kind. */
    public RowGlyph(JoinKind kind) {
        getStyleClass().add("row-glyph");
        boolean everything = !kind.compares();
        boolean met = kind.bringsPairs() || kind.only().isPresent() && kind.takesMatched();
        row(0, kind.takesAlone(Side.LEFT) || everything, everything);
        row(1, met && kind.shows(Side.LEFT), met && kind.shows(Side.RIGHT));
        row(2, everything, kind.takesAlone(Side.RIGHT) || everything);
    }

    private void row(int row, boolean left, boolean right) {
        add(bar("left", left), 0, row);
        add(bar("right", right), 1, row);
    }

    private static Region bar(String side, boolean filled) {
        Region bar = new Region();
        bar.getStyleClass().addAll("bar", filled ? side : "empty");
        return bar;
    }
}
