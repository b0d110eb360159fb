package lunko.desktop.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.collections.FXCollections;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.FontWeight;
import javafx.util.Duration;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.grid.GridTable;
import lunko.desktop.look.Typeface;
import lunko.engine.Chosen;
import lunko.engine.Stage;
import lunko.phrase.Words;
import lunko.steps.RowTimeline;
import lunko.steps.StageKind;

/**
 * The stage where a query does something other than matching: on the left the rows it takes, struck out or taken on, on the right
 * those it gives, and lanes from the ones to the others. The result as a whole stands alone.
 */
final class RowsStage extends Pane {
    private static final double GAP = 128;
    private static final double BETWEEN = 10;
    private static final double REASON = 250;
    private static final Typeface CODE = Typeface.code(FontWeight.NORMAL, 12.5);

    private final ShowModel model;
    private final Motions motions;
    private final RowStages stages;
    private final List<Card> before = new ArrayList<>();
    private final Card after;
    private final RowLanes lanes;

    /** Some rows under a title. */
    private final class Card extends VBox {
        private final ColumnWidths widths = new ColumnWidths();
        private final StageGrid grid = new StageGrid(widths);
        private final Label title = new Label();
        private final Label about = new Label();
        private double reasons;

        Card(OptionalInt input) {
            getStyleClass().addAll("card", "table-card", "stage-card");
            title.getStyleClass().add("table-name");
            about.getStyleClass().add("about");
            HBox head = new HBox(title, about);
            head.getStyleClass().add("card-head");
            head.setAlignment(Pos.CENTER_LEFT);
            grid.setRowFactory(_ -> new RowDress(model, stages, input));
            VBox.setVgrow(grid, Priority.ALWAYS);
            getChildren().addAll(head, grid);
            grid.onScroll(Orientation.VERTICAL, RowsStage.this::placeLanes);
        }

        void show(String name, String said, Stage stage, Set<Integer> marked, List<TableColumn<Integer, ?>> more) {
            title.setText(name);
            about.setText(said);
            grid.setAccessibleText(name + ", " + said);
            grid.show(stage, marked, more);
            reasons = more.stream().mapToDouble(TableColumn::getPrefWidth).sum();
        }

        double wanted() {
            return widths.wanted() + reasons;
        }
    }

    RowsStage(ShowModel model, Motions motions) {
        this.model = model;
        this.motions = motions;
        this.stages = new RowStages(model);
        this.after = new Card(OptionalInt.empty());
        this.lanes = new RowLanes(model, stages);
        getStyleClass().add("rows-stage");
        getChildren().addAll(lanes, after);
        model.showing().subscribe((earlier, now) -> {
            if (earlier.run() != now.run() || !earlier.part().equals(now.part())) make(now);
            follow(now, Motion.between(earlier, now));
            if (MovingOver.leads(earlier, now)) (before.isEmpty() ? List.of(after) : before).forEach(card -> new MovingOver(motions).from(getHeight() / 2, card));
        });
        make(model.showing().get());
        follow(model.showing().get(), Motion.JUMP);
    }

    private void make(Showing now) {
        getChildren().removeAll(before);
        before.clear();
        RowStages.in(now).ifPresentOrElse(hand -> {
            Stage stage = hand.timeline().stage();
            for (int i = 0; i < stage.inputs().size(); i++) {
                Stage input = stage.inputs().get(i);
                Card card = new Card(OptionalInt.of(i));
                card.show(input.title(), Words.rows(input.rows().size()), input, chosen(stage), reasons(hand.timeline(), hand.offset(i), input.rows().size()));
                before.add(card);
            }
            getChildren().addAll(before);
            after.show(done(hand.timeline().kind()), "", stage, Set.of(), List.of());
        }, () -> now.part().ifPresent(part -> {
            if (part instanceof lunko.steps.ResultPart(Stage result)) after.show("Result", Words.rows(result.rows().size()), result, Set.of(), List.of());
        }));
        lanes.between(before.stream().map(card -> card.grid).toList(), after.grid);
        requestLayout();
    }

    /** The columns of the rows before that a stage goes on with as they are, where it is the choice of columns. */
    private static Set<Integer> chosen(Stage stage) {
        return stage instanceof Chosen choice ? choice.from().stream().flatMapToInt(OptionalInt::stream).boxed().collect(Collectors.toSet()) : Set.of();
    }

    /** What the rows are that a stage gives, in a few words. */
    private static String done(StageKind kind) {
        return Words.capital(switch (kind) {
            case FILTER -> "filtered";
            case GROUP -> "groups";
            case CHOOSE -> "chosen";
            case DROP_DUPLICATES -> "once each";
            case COMBINE -> "combined";
            case SORT -> "sorted";
            case CUT -> "cut out";
            case MATCH, KEEP, RESULT -> "result";
        });
    }

    /** A column that says of each row why it is struck out or where it goes, as long as its step is over. */
    private List<TableColumn<Integer, ?>> reasons(RowTimeline timeline, int offset, int rows) {
        List<String> all = IntStream.range(offset, offset + Math.min(rows, 200)).mapToObj(row -> timeline.reason(row).orElse("")).toList();
        double wanted = all.stream().mapToDouble(CODE::width).max().orElse(0);
        if (wanted == 0) return List.of();
        TableColumn<Integer, String> column = GridTable.column();
        column.setPrefWidth(Math.min(REASON, wanted + 26));
        column.setCellValueFactory(row -> new ReadOnlyStringWrapper(timeline.reason(offset + row.getValue()).orElse("")));
        column.setCellFactory(_ -> new ReasonCell(model, timeline, offset));
        return List.of(column);
    }

    /** The reason of a row; before the row has had its step, nothing. */
    private static final class ReasonCell extends TableCell<Integer, String> {
        private final ShowModel model;
        private final RowTimeline timeline;
        private final int offset;
        // A field, so that it lives as long as the cell does: the model holds it weakly.
        private final InvalidationListener change = _ -> showReason();

        ReasonCell(ShowModel model, RowTimeline timeline, int offset) {
            this.model = model;
            this.timeline = timeline;
            this.offset = offset;
            getStyleClass().add("reason-cell");
            model.showing().addListener(new WeakInvalidationListener(change));
        }

        @Override
        protected void updateItem(String item, boolean empty) {
            super.updateItem(item, empty);
            showReason();
        }

        private void showReason() {
            boolean said = !isEmpty() && getTableRow() != null && getTableRow().getItem() != null
                    && RowStages.in(model.showing().get()).filter(hand -> hand.timeline() == timeline && timeline.decided(offset + getTableRow().getItem()) <= hand.frame().number()).isPresent();
            setText(said ? getItem() : "");
        }
    }

    private void follow(Showing now, Motion motion) {
        Duration time = motion == Motion.JUMP ? Duration.ZERO : motions.time().getValue();
        Optional<RowStages.AtHand> hand = RowStages.in(now);
        hand.ifPresent(at -> {
            int landed = at.frame().landed();
            list(after.grid, landed);
            after.about.setText(landed == at.timeline().stage().rows().size() ? Words.rows(landed)
                    : Words.number(landed) + " of " + Words.rows(at.timeline().stage().rows().size()) + " so far");
            if (landed > 0) after.grid.reveal(landed - 1, time);
            at.frame().now().ifPresent(row -> {
                for (int i = before.size() - 1; i >= 0; i--) {
                    if (row < at.offset(i)) continue;
                    before.get(i).grid.reveal(row - at.offset(i), time);
                    break;
                }
            });
        });
        placeLanes();
    }

    /** Lists the first so many rows, and tells of no more changes than there are. */
    private static void list(StageGrid grid, int rows) {
        var items = grid.getItems();
        if (items.size() > rows) items.remove(rows, items.size());
        if (items.size() < rows) items.addAll(FXCollections.observableArrayList(IntStream.range(items.size(), rows).boxed().toList()));
    }

    private void placeLanes() {
        lanes.place();
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double height = getHeight();
        if (before.isEmpty()) {
            double wanted = Math.min(width, Math.max(width * 0.5, after.wanted()));
            after.resizeRelocate(Math.round((width - wanted) / 2), 0, Math.round(wanted), height);
            lanes.resizeRelocate(0, 0, 0, 0);
            return;
        }
        double wantedBefore = before.stream().mapToDouble(Card::wanted).max().orElse(0);
        double room = width - GAP;
        double left = Math.round(Math.clamp(room * wantedBefore / Math.max(1, wantedBefore + after.wanted()), room * 0.3, room * 0.66));
        double each = (height - BETWEEN * (before.size() - 1)) / before.size();
        for (int i = 0; i < before.size(); i++) before.get(i).resizeRelocate(0, Math.round(i * (each + BETWEEN)), left, Math.round(each));
        after.resizeRelocate(left + GAP, 0, width - left - GAP, height);
        lanes.resizeRelocate(left, 0, GAP, height);
        for (Card card : before) card.layout();
        after.layout();
        lanes.place();
    }
}
