package lunko.desktop.look;

import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import lunko.insight.picture.KindSign;
import lunko.query.JoinKind;
import lunko.query.Side;

/**
 * The sign of a kind of join: an unmatched left row, a pair, and an unmatched right row as small bars, filled where the
 * kind lets them through.
 */
public final class RowGlyph extends GridPane {

    /** The sign of a kind. */
    public RowGlyph(JoinKind kind) {
        getStyleClass().add("row-glyph");
        for (KindSign.Line line : KindSign.Line.values()) {
            for (Side side : Side.values())
                add(bar(side.id(), new KindSign(kind).isFilled(line, side)), side.ordinal(), line.ordinal());
        }
    }

    private static Region bar(String side, boolean filled) {
        Region bar = new Region();
        bar.getStyleClass().addAll("bar", filled ? side : "empty");
        return bar;
    }
}
