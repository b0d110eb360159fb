package lunko.desktop.show;

import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Orientation;
import javafx.geometry.Point2D;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.util.Duration;
import lunko.desktop.look.PhraseFlow;
import lunko.lesson.Edit;
import lunko.lesson.Lesson;
import lunko.query.Side;
import lunko.table.Row;

/** The stage: the two tables side by side, the lanes between them, and the result under both. */
final class JoinStage extends Pane {
    private static final double LEAST_GAP = 130;
    private static final double TITLE = 32;
    private static final double HEAD = 34;
    private static final double FRAME = 2;

    private final ShowModel model;
    private final ObjectProperty<Optional<KeyDrag>> drag = new SimpleObjectProperty<>(Optional.empty());
    private final TableCard left;
    private final TableCard right;
    private final Lanes lanes;
    private final ResultGrid result;
    private final Region between;
    private final Flights flights;

    JoinStage(ShowModel model, ShowActions actions, ObservableValue<Duration> motionTime) {
        this.model = model;
        ColumnWidths leftWidths = new ColumnWidths();
        ColumnWidths rightWidths = new ColumnWidths();
        left = new TableCard(model, Side.LEFT, leftWidths, drag, actions);
        right = new TableCard(model, Side.RIGHT, rightWidths, drag, actions);
        flights = new Flights(motionTime);
        result = new ResultGrid(model, leftWidths, rightWidths, flights.arrival());
        lanes = new Lanes(model, left.grid(), right.grid(), drag, motionTime);
        between = result.between();
        getChildren().addAll(left, right, result.title(), result.card(Side.LEFT), between, result.card(Side.RIGHT),
                lanes, flights);
        for (Side side : Side.values()) {
            card(side).onMoved(lanes::place);
            result.part(side).scrollAlongWith(card(side).grid(), Orientation.HORIZONTAL);
        }
        addEventFilter(MouseEvent.MOUSE_RELEASED, this::drop);
        model.showing().addListener((_, before, now) -> {
            if (before.lesson() != now.lesson()) requestLayout();
            flights.show(before, now, new Flights.Tables() {
                @Override
                public GridTable<?> source(Side side) {
                    return card(side).grid();
                }

                @Override
                public GridTable<?> result(Side side) {
                    return result.part(side);
                }
            });
        });
    }

    /** The table of a side. */
    TableCard card(Side side) {
        return side.of(left, right);
    }

    /** The row that is selected in a table. */
    Optional<Row> selectedRow(Side side) {
        return card(side).selectedRow();
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double height = getHeight();
        double gap = Math.max(LEAST_GAP, Math.round(width * 0.185));
        double card = Math.floor((width - gap) / 2);
        double sources = sourceHeight(model.showing().get().lesson(), height);
        PhraseFlow title = result.title();
        left.resizeRelocate(0, 0, card, sources);
        right.resizeRelocate(width - card, 0, card, sources);
        lanes.resizeRelocate(card, 0, width - 2 * card, sources);
        title.resizeRelocate(0, sources + 9, width, TITLE - 9);
        double top = sources + TITLE;
        result.card(Side.LEFT).resizeRelocate(0, top, card, height - top);
        between.resizeRelocate(card, top, width - 2 * card, height - top);
        result.card(Side.RIGHT).resizeRelocate(width - card, top, card, height - top);
        flights.resizeRelocate(0, 0, width, height);
        lanes.place();
    }

    /** As high as the longer table needs, but leaving the result at least as much room as its sources take. */
    private static double sourceHeight(Lesson lesson, double height) {
        int rows = Math.max(lesson.left().rows().size(), lesson.right().rows().size());
        double wanted = FRAME + HEAD + GridTable.HEADER_HEIGHT + (rows + 0.5) * GridTable.ROW_HEIGHT;
        double most = (height - TITLE) * 0.52;
        double least = Math.min(most, FRAME + HEAD + GridTable.HEADER_HEIGHT + 3 * GridTable.ROW_HEIGHT);
        return Math.round(Math.clamp(wanted, least, most));
    }

    private void drop(MouseEvent event) {
        Optional<KeyDrag> dragged = drag.get();
        drag.set(Optional.empty());
        dragged.ifPresent(d -> card(d.side().opposite()).headingAt(new Point2D(event.getSceneX(), event.getSceneY()))
                .ifPresent(heading -> model.edit(new Edit.Match(d.with(heading.column().name())))));
    }
}
