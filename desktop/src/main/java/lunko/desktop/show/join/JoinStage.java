package lunko.desktop.show.join;

import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Orientation;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import lunko.desktop.grid.GridTable;
import lunko.desktop.show.ask.Cover;
import lunko.desktop.show.model.Motion;
import lunko.desktop.show.model.Motions;
import lunko.desktop.show.model.MovingOver;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.result.ResultGrid;
import lunko.desktop.show.result.ResultLinks;
import lunko.engine.JoinResult;
import lunko.insight.question.Question;
import lunko.query.Side;

/** The stage: the two tables side by side, the lanes between them, and the result under both. */
public final class JoinStage extends Pane {
    private static final double LEAST_GAP = 92;
    private static final double LEAST_HEIGHT = 300;
    private static final double TITLE = 29;
    private static final double HEAD = 33;
    private static final double FRAME = 2;
    /**
     * Room under the rows for a scroll bar: where one has once come, it would itself be the reason for the other to
     * stay.
     */
    private static final double SPARE = 9;
    /** Rows of a few more tables are made lower than usual, down to this, if that shows all of them. */
    private static final double LOWEST_ROW = 23.5;
    /** Where there are few, each may be a little higher. */
    private static final double TALLEST_ROW = 34;
    private static final double LOW_ROW = 28;

    private final ShowModel model;
    private final CardPair cards;
    private final Lanes lanes;
    private final ResultGrid result;
    private final ResultLinks links;
    /** Where they are, between the two parts of the result. */
    private final StackPane between;
    private final Flights flights;
    private final StackPane cover = Cover.of();

    /** The stage of the joins of what a model shows. */
    public JoinStage(ShowModel model, CardActions actions, Motions motions) {
        this.model = model;
        cards = new CardPair(model, actions, motions);
        StageCard left = card(Side.LEFT);
        StageCard right = card(Side.RIGHT);
        flights = new Flights(motions);
        result = new ResultGrid(model, actions.results(), cards::widths,
                flights.arrival(), motions);
        lanes = new Lanes(model, left::grid, right::grid, cards.drags(), motions.time());
        links = result.between();
        between = new StackPane(links);
        getChildren().addAll(left, right, result.head(), result.card(Side.LEFT), between, result.card(Side.RIGHT),
                lanes, flights, cover);
        Runnable covering = () -> cover.setVisible(model.covers(Question.Cover.RESULT)
                && model.staged().get().number() == 0);
        model.asking().subscribe(_ -> covering.run());
        model.staged().subscribe(_ -> covering.run());
        // What happens inside one of them is no reason to lay out the others: where each has its place is known here.
        getChildren().forEach(child -> child.setManaged(false));
        for (Side side : Side.values()) {
            card(side).onMoved(lanes::place);
            result.part(side).scrollAlongWith(card(side).source(), Orientation.HORIZONTAL);
            result.part(side).scrollAlongWith(card(side).derived(), Orientation.HORIZONTAL);
        }
        cards.takeDropsWithin(this);
        MovingOver over = new MovingOver(motions);
        model.staged().addListener((_, before, now) -> {
            if (MovingOver.leads(before, now) && now.isMatching())
                over.from(result.card(Side.LEFT).getLayoutY(), card(Side.LEFT));
            if (before.lesson() != now.lesson() || !now.isOfSameJoin(before)
                    || before.changes().isPresent() != now.changes().isPresent())
                requestLayout();
            flights.show(before, now, new Flights.Tables() {
                @Override
                public GridTable<?> source(Side side) {
                    return card(side).grid();
                }

                @Override
                public int landed() {
                    // A row that is taken back flies from where it was.
                    return result.last() + 1 + (Motion.between(before, now) == Motion.BACK ? 1 : 0);
                }

                @Override
                public GridTable<?> result(Side side) {
                    return result.part(side);
                }
            });
        });
    }

    /** The panes whose content nobody needs in the first picture. */
    public Stream<Pane> canWait() {
        return Stream.of(result.head(), result.card(Side.LEFT), between, result.card(Side.RIGHT));
    }

    /** The table of a side. */
    StageCard card(Side side) {
        return cards.card(side);
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double height = getHeight();
        double row = rowHeight(height);
        for (GridTable<?> grid : List.of(card(Side.LEFT).source(), card(Side.LEFT).derived(), card(Side.RIGHT).source(),
                card(Side.RIGHT).derived(),
                result.part(Side.LEFT), result.part(Side.RIGHT), links))
            grid.setFixedCellSize(row);
        double sources = sourceHeight(height, row);
        long resultRows = model.staged().get().outcome().map(JoinResult::size).orElse(0L);
        double top = sources + TITLE;
        cards.widths(Side.LEFT).scrolling(scrolls(card(Side.LEFT).grid().getItems().size(), row, sources - HEAD));
        cards.widths(Side.RIGHT).scrolling(scrolls(card(Side.RIGHT).grid().getItems().size(), row, sources - HEAD)
                || scrolls(resultRows, row, height - top));
        double left = cardWidth(Side.LEFT, width);
        double right = cardWidth(Side.RIGHT, width);
        card(Side.LEFT).resizeRelocate(0, 0, left, sources);
        card(Side.RIGHT).resizeRelocate(width - right, 0, right, sources);
        lanes.resizeRelocate(left, 0, width - left - right, sources);
        result.head().resizeRelocate(0, sources + 6, width, TITLE - 6);
        result.card(Side.LEFT).resizeRelocate(0, top, left, height - top);
        between.resizeRelocate(left, top, width - left - right, height - top);
        result.card(Side.RIGHT).resizeRelocate(width - right, top, right, height - top);
        flights.resizeRelocate(0, 0, width, height);
        cover.resizeRelocate(0, sources + 2, width, Math.max(0, height - sources - 2));
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

    /** What is said between the parts of the result is short where the tables need the room. */
    private double gap(double width) {
        double said = Math.max(LEAST_GAP, links.wanted());
        double tables = Math.ceil(cards.widths(Side.LEFT).wanted()) + Math.ceil(cards.widths(Side.RIGHT).wanted());
        return tables + said <= width ? said : Math.max(LEAST_GAP, links.least());
    }

    /**
     * The gap between the tables is narrower where they need the room, and where one needs little the other has more.
     */
    private double cardWidth(Side side, double width) {
        double gap = gap(width);
        double roomy = Math.floor((width - Math.max(gap, Math.round(width * 0.185))) / 2);
        double wanted = Math.max(roomy, Math.ceil(cards.widths(side).wanted()));
        double other = Math.max(roomy, Math.ceil(cards.widths(side.opposite()).wanted()));
        if (wanted + other <= width - gap) return wanted;
        double room = width - gap;
        double least = Math.ceil(cards.widths(side).least());
        double otherLeast = Math.ceil(cards.widths(side.opposite()).least());
        if (least + otherLeast <= room) return least + Math.floor((room - least - otherLeast) / 2);
        double half = Math.floor(room / 2);
        return least <= half ? least : Math.max(half, room - Math.min(half, otherLeast));
    }

    /** Whether rows of so many must be scrolled to. */
    private static boolean scrolls(long rows, double row, double height) {
        return rows * row > height - FRAME - GridTable.HEADER_HEIGHT;
    }

    private int sourceRows() {
        return Math.max(card(Side.LEFT).grid().getItems().size(), card(Side.RIGHT).grid().getItems().size());
    }

    /**
     * The height at which the longer table and a result as long as it can be seen whole, or one at which long tables
     * are easy to read.
     */
    private double rowHeight(double height) {
        double room =
                (height - TITLE - HEAD - 2 * FRAME - SPARE - 2 * GridTable.HEADER_HEIGHT) / (2 * sourceRows() + 0.2);
        return room < LOWEST_ROW ? LOW_ROW : Math.min(TALLEST_ROW, Math.floor(room * 2) / 2);
    }

    /** As high as the longer table needs, but leaving the result at least as much room as its sources take. */
    private double sourceHeight(double height, double row) {
        double wanted = FRAME + HEAD + GridTable.HEADER_HEIGHT + sourceRows() * row
                + Math.max(SPARE, row < GridTable.ROW_HEIGHT ? 0 : row * 0.4);
        double most = (height - TITLE) * 0.54;
        double least = Math.min(most, FRAME + HEAD + GridTable.HEADER_HEIGHT + 3 * row);
        return Math.round(Math.clamp(wanted, least, most));
    }
}
