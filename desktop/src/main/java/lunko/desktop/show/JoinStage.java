package lunko.desktop.show;

import javafx.geometry.Orientation;
import javafx.scene.layout.Pane;
import lunko.desktop.grid.GridTable;
import lunko.desktop.look.PhraseFlow;
import lunko.query.Side;

/** The stage: the two tables side by side, the lanes between them, and the result under both. */
final class JoinStage extends Pane {
    private static final double LEAST_GAP = 128;
    private static final double LEAST_HEIGHT = 300;
    private static final double TITLE = 32;
    private static final double HEAD = 34;
    private static final double FRAME = 2;

    private final ShowModel model;
    private final CardPair cards;
    private final Lanes lanes;
    private final ResultGrid result;
    private final ResultLinks between;
    private final Flights flights;

    JoinStage(ShowModel model, CardActions actions, Motions motions) {
        this.model = model;
        cards = new CardPair(model, actions);
        StageCard left = card(Side.LEFT);
        StageCard right = card(Side.RIGHT);
        flights = new Flights(motions);
        result = new ResultGrid(model, cards.widths(Side.LEFT), cards.widths(Side.RIGHT), flights.arrival());
        lanes = new Lanes(model, left::grid, right::grid, cards.drags(), motions.time());
        between = result.between();
        getChildren().addAll(left, right, result.title(), result.card(Side.LEFT), between, result.card(Side.RIGHT),
                lanes, flights);
        for (Side side : Side.values()) {
            card(side).onMoved(lanes::place);
            result.part(side).scrollAlongWith(card(side).source(), Orientation.HORIZONTAL);
            result.part(side).scrollAlongWith(card(side).derived(), Orientation.HORIZONTAL);
        }
        cards.takeDropsWithin(this);
        model.showing().addListener((_, before, now) -> {
            if (before.lesson() != now.lesson() || !now.isOfSameJoin(before)) requestLayout();
            flights.show(before, now, new Flights.Tables() {
                @Override
                public GridTable<?> source(Side side) {
                    return card(side).grid();
                }

                @Override
                public int landed() {
                    // A row that is taken back flies from where it was.
                    return result.landed() + (Motion.between(before, now) == Motion.BACK ? 1 : 0);
                }

                @Override
                public GridTable<?> result(Side side) {
                    return result.part(side);
                }
            });
        });
    }

    /** The table of a side. */
    StageCard card(Side side) {
        return cards.card(side);
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double height = getHeight();
        double left = cardWidth(Side.LEFT, width);
        double right = cardWidth(Side.RIGHT, width);
        double sources = sourceHeight(height);
        PhraseFlow title = result.title();
        card(Side.LEFT).resizeRelocate(0, 0, left, sources);
        card(Side.RIGHT).resizeRelocate(width - right, 0, right, sources);
        lanes.resizeRelocate(left, 0, width - left - right, sources);
        title.resizeRelocate(0, sources + 9, width, TITLE - 9);
        double top = sources + TITLE;
        result.card(Side.LEFT).resizeRelocate(0, top, left, height - top);
        between.resizeRelocate(left, top, width - left - right, height - top);
        result.card(Side.RIGHT).resizeRelocate(width - right, top, right, height - top);
        flights.resizeRelocate(0, 0, width, height);
        lanes.place();
    }

    @Override
    protected double computePrefHeight(double width) {
        return LEAST_HEIGHT;
    }

    @Override
    protected double computeMinHeight(double width) {
        return LEAST_HEIGHT;
    }

    /** The gap between the tables is narrower where they need the room, and where one needs little the other has more. */
    private double cardWidth(Side side, double width) {
        double roomy = Math.floor((width - Math.max(LEAST_GAP, Math.round(width * 0.185))) / 2);
        double half = Math.floor((width - LEAST_GAP) / 2);
        double wanted = Math.max(roomy, Math.ceil(cards.widths(side).wanted()));
        double other = Math.max(roomy, Math.ceil(cards.widths(side.opposite()).wanted()));
        if (wanted + other <= width - LEAST_GAP) return wanted;
        return wanted <= half ? Math.min(wanted, Math.ceil(cards.widths(side).wanted())) : Math.max(half, width - LEAST_GAP - Math.min(half, cards.widths(side.opposite()).wanted()));
    }

    /** As high as the longer table needs, but leaving the result at least as much room as its sources take. */
    private double sourceHeight(double height) {
        int rows = Math.max(card(Side.LEFT).grid().getItems().size(), card(Side.RIGHT).grid().getItems().size());
        double wanted = FRAME + HEAD + GridTable.HEADER_HEIGHT + (rows + 0.5) * GridTable.ROW_HEIGHT;
        double most = (height - TITLE) * 0.52;
        double least = Math.min(most, FRAME + HEAD + GridTable.HEADER_HEIGHT + 3 * GridTable.ROW_HEIGHT);
        return Math.round(Math.clamp(wanted, least, most));
    }
}
