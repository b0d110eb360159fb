package lunko.desktop.show.rows;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import lunko.desktop.grid.GridTable;
import lunko.desktop.show.lane.LaneDrawing;
import lunko.desktop.show.lane.LaneShape;
import lunko.desktop.show.model.ShowModel;
import lunko.engine.Stage;
import lunko.query.Side;
import lunko.show.RowsAtHand.Place;
import lunko.show.RowsAtHand;
import lunko.steps.RowFrame.RowProgress;

/**
 * The lanes from the rows that a stage takes to the rows that it makes of them; struck-out rows have one that ends in a
 * cross.
 */
final class RowsLanes extends Pane {
    private final ShowModel model;
    private final LaneDrawing drawn = new LaneDrawing();
    private List<? extends GridTable<?>> before = List.of();
    private Optional<GridTable<?>> after = Optional.empty();

    RowsLanes(ShowModel model) {
        this.model = model;
        getStyleClass().add("lanes");
        setMouseTransparent(true);
        getChildren().add(drawn);
        model.pointing().row().subscribe((_, _) -> place());
    }

    /** Leads from these grids, one for each input of the stage, to that one. */
    void between(List<? extends GridTable<?>> inputs, GridTable<?> result) {
        before = inputs;
        after = Optional.of(result);
        place();
    }

    /** Draws what has changed, where the rows are now. */
    void place() {
        List<LaneShape> lanes = new ArrayList<>();
        model.showing().get().rowsAtHand().filter(hand -> hand.timeline().stage().inputs().size() == before.size())
                .ifPresent(hand -> after.ifPresent(result -> draw(hand, result, lanes)));
        drawn.show(lanes);
    }

    private void draw(RowsAtHand hand, GridTable<?> result, List<LaneShape> lanes) {
        int landed = hand.frame().landed();
        for (int row = result.firstInView(); row < Math.min(result.endOfView(), landed); row++) {
            if (!result.isInView(row)) continue;
            for (Stage.Origin origin : hand.timeline().stage().origins(row)) {
                GridTable<?> input = before.get(origin.input());
                if (!isShown(input) || !input.isInView(origin.row())) continue;
                int number = hand.offset(origin.input()) + origin.row();
                boolean now = row == landed - 1 && hand.frame().now().stream().anyMatch(one -> one == number);
                LaneShape.Look look = now ? LaneShape.Look.LANDING
                        : model.pointing().lights(hand, new Place(true, number))
                                && model.pointing().lights(hand, new Place(false, row)) ? LaneShape.Look.LIT
                                        : LaneShape.Look.PLAIN;
                lanes.add(
                        new LaneShape.Lane(y(input, origin.row()), y(result, row), getWidth(), look, Optional.empty()));
            }
        }
        for (int i = 0; i < before.size(); i++) {
            GridTable<?> input = before.get(i);
            if (!isShown(input)) continue;
            for (int row = input.firstInView(); row < input.endOfView(); row++) {
                int number = hand.offset(i) + row;
                if (!input.isInView(row) || hand.fate(number) != RowProgress.STRUCK_OUT) continue;
                lanes.add(new LaneShape.End(Side.LEFT, y(input, row), getWidth(), false));
            }
        }
    }

    /** Of many inputs, not all are shown at once. */
    private static boolean isShown(Node grid) {
        return Stream.iterate(grid, Objects::nonNull, Node::getParent).allMatch(Node::isVisible);
    }

    private double y(GridTable<?> grid, int row) {
        return sceneToLocal(grid.localToScene(0, grid.rowMiddle(row))).getY();
    }
}
