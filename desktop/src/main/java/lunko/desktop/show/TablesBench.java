package lunko.desktop.show;

import javafx.geometry.Point2D;
import javafx.scene.layout.Pane;
import lunko.query.Side;
import lunko.table.Table;

/** The bench: the tables as they are, with room for all their rows, and the link between the columns that are matched. */
final class TablesBench extends Pane {
    private static final double LEAST_GAP = 110;
    private static final double LEFT_TOP = 24;
    private static final double RIGHT_TOP = 74;

    private final ShowModel model;
    private final CardPair cards;
    private final KeyLink link;

    TablesBench(ShowModel model, ShowActions actions) {
        this.model = model;
        cards = new CardPair(model, actions, TableCard::onBench);
        link = new KeyLink(model, cards.drag());
        getStyleClass().add("bench");
        getChildren().addAll(card(Side.LEFT), card(Side.RIGHT), link);
        cards.takeDropsWithin(this);
        model.showing().subscribe((before, now) -> {
            if (before.lesson() != now.lesson()) requestLayout();
        });
    }

    /** The table of a side. */
    TableCard card(Side side) {
        return cards.card(side);
    }

    @Override
    protected void layoutChildren() {
        double most = Math.floor((getWidth() - LEAST_GAP) / 2);
        double leftWidth = Math.min(most, Math.max(most * 0.84, cards.widths(Side.LEFT).wanted()));
        double rightWidth = Math.min(most, Math.max(most * 0.84, cards.widths(Side.RIGHT).wanted()));
        card(Side.LEFT).resizeRelocate(0, LEFT_TOP, leftWidth, height(Side.LEFT, LEFT_TOP));
        card(Side.RIGHT).resizeRelocate(getWidth() - rightWidth, RIGHT_TOP, rightWidth, height(Side.RIGHT, RIGHT_TOP));
        link.resizeRelocate(0, 0, getWidth(), getHeight());
        double heading = 1 + TableCard.HEAD + GridTable.HEADER_HEIGHT / 2.0;
        link.place(new Point2D(leftWidth, LEFT_TOP + heading), new Point2D(getWidth() - rightWidth, RIGHT_TOP + heading));
    }

    /** As high as its rows, or as there is room. */
    private double height(Side side, double top) {
        Table table = model.showing().get().lesson().table(side);
        double wanted = 3 + TableCard.HEAD + GridTable.HEADER_HEIGHT + (Math.max(3, table.rows().size()) + 0.4) * GridTable.ROW_HEIGHT;
        return Math.min(wanted, Math.max(120, getHeight() - top - 8));
    }
}
