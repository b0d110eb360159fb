package lunko.desktop.show.join;

import javafx.scene.Node;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.grid.DragBoard;
import lunko.desktop.show.model.Motions;
import lunko.desktop.show.model.ShowModel;
import lunko.query.Side;

/** The left and the right table as cards, and the column that is dragged from one to the other to match the two. */
final class CardPair {
    private final ShowModel model;
    private final DragBoard drags = new DragBoard();
    private final ColumnWidths leftWidths;
    private final ColumnWidths rightWidths;
    private final StageCard left;
    private final StageCard right;

    CardPair(ShowModel model, CardActions actions, Motions motions) {
        this.model = model;
        leftWidths = ColumnWidths.folding(model.opened(Side.LEFT));
        rightWidths = ColumnWidths.folding(model.opened(Side.RIGHT));
        left = new StageCard(model, Side.LEFT, leftWidths, drags, actions, motions);
        right = new StageCard(model, Side.RIGHT, rightWidths, drags, actions, motions);
    }

    StageCard card(Side side) {
        return side.of(left, right);
    }

    ColumnWidths widths(Side side) {
        return side.of(leftWidths, rightWidths);
    }

    DragBoard drags() {
        return drags;
    }

    /** Matches the columns when one is let go over the other, anywhere within a node that holds both cards. */
    void takeDropsWithin(Node both) {
        drags.takeDropsWithin(both, (dragged, grid, column) -> {
            if (dragged.grid() == grid) return;
            boolean fromLeft = dragged.grid() == left.grid();
            model.match(fromLeft ? dragged.column() : column, fromLeft ? column : dragged.column());
        });
    }
}
