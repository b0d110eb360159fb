package lunko.desktop.bench;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Orientation;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.grid.DragBoard;
import lunko.desktop.grid.GridTable;
import lunko.desktop.grid.Hand;
import lunko.desktop.grid.TableGrid;
import lunko.desktop.grid.TableName;
import lunko.desktop.grid.ViewSign;
import lunko.desktop.lesson.FileDrop;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.look.Tip;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.lesson.SceneEdit;
import lunko.lesson.Spot;
import lunko.lesson.TableEdit;
import lunko.lesson.TableSet;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Column;
import lunko.table.Table;
import org.kordamp.ikonli.Ikon;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** A table on the bench: a card that can be moved, folded up and renamed, with its rows to be built. */
final class BenchCard extends VBox implements Hand.Card {
    /** How high the head with the name is, in pixels. */
    static final double HEAD = 34;
    private static final PseudoClass FOLDED = PseudoClass.getPseudoClass("folded");
    private static final double LEAST_ROWS = 2;
    private static final double LEAST_WIDTH = 210;
    private static final double NEAR = 3;

    private final BenchActions actions;
    private final LessonModel model;
    private final ColumnWidths widths = ColumnWidths.scrolling();
    private final TableGrid grid;
    private final TableName name;
    private final Label about = new Label();
    private final ViewSign view = new ViewSign();
    private final Button fold = Controls.button("");
    private final HBox head = new HBox();
    private String table;
    private Table shown = Table.empty("");
    private boolean folded;
    private final Label hint = new Label(words().tables().typeToAddRow());
    private final Button rows = button(Feather.SHUFFLE, words().tables().generateRows(), () -> makeRows());
    private final Button more = button(Feather.MORE_HORIZONTAL, words().tables().more(), () -> {});
    private Optional<Point2D> grip = Optional.empty();

    BenchCard(BenchActions actions, String table, DragBoard drags) {
        this.actions = actions;
        this.model = actions.lesson();
        this.table = table;
        getStyleClass().addAll("card", "table-card", "bench-card");
        grid = TableGrid.forBuilding(model, () -> this.table, widths, drags);
        grid.widthProperty().subscribe(width -> widths.spreadOver(width.doubleValue()));
        grid.setContextMenu(actions.tables().menu());
        actions.hand().watch(grid);
        name = new TableName(model, () -> this.table, () -> grid.requestFocus());
        VBox.setVgrow(grid, Priority.ALWAYS);
        head();
        hint.getStyleClass().add("ghost-hint");
        hint.setManaged(false);
        hint.setMouseTransparent(true);
        getChildren().addAll(head, grid, hint);
        grid.onScroll(Orientation.VERTICAL, this::requestLayout);
        grid.editingCellProperty().subscribe((_, _) -> requestLayout());
        FileDrop.on(this, files -> actions.sources().dropped(files, Optional.of(this.table)));
    }

    private void head() {
        about.getStyleClass().add("about");
        about.setMinWidth(0);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        rows.getStyleClass().add("make-rows");
        fold.getStyleClass().add("fold");
        fold.setOnAction(_ -> model.edit(new TableEdit.Fold(table, !model.lesson().get().layout().isFolded(table))));
        more.getStyleClass().add("more");
        more.setOnAction(_ -> menu().show(more, javafx.geometry.Side.BOTTOM, 0, 2));
        head.getChildren().addAll(name, view, about, gap, rows, fold, more);
        head.getStyleClass().add("card-head");
        head.setAlignment(Pos.CENTER_LEFT);
        head.addEventHandler(MouseEvent.ANY, this::drag);
    }

    private void makeRows() {
        actions.makeRows(table);
    }

    /** The hint stands in the row that is not there yet, over its cells. */
    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        int row = grid.getItems().size() - 1;
        hint.setVisible(!isFolded() && !view.isVisible() && row >= 0 && grid.isInView(row)
                && (grid.getEditingCell() == null || grid.getEditingCell().getRow() != row));
        if (!hint.isVisible()) return;
        hint.applyCss();
        hint.autosize();
        hint.relocate(ColumnWidths.NUMBER_COLUMN + 11, grid.getLayoutY() + grid.rowMiddle(row) - hint.getHeight() / 2);
    }

    private static Button button(Ikon icon, String what, Runnable handler) {
        Button button = Controls.button("");
        button.setGraphic(new FontIcon(icon));
        Tip.on(button, what);
        button.setAccessibleText(what);
        button.setOnAction(_ -> handler.run());
        return button;
    }

    private ContextMenu menu() {
        Lesson lesson = model.lesson().get();
        ContextMenu menu = new ContextMenu();
        for (Side side : Side.values()) {
            if (lesson.scene().on(side).equals(table)) continue;
            menu.getItems().add(item(words().tables().joinAs(side),
                    () -> model.edit(SceneEdit.take(model.lesson().get(), side, table))));
        }
        if (!lesson.scene().left().equals(table) || !lesson.scene().right().equals(table)) {
            menu.getItems()
                    .add(item(words().tables().joinWithItself(), () -> model.edit(new SceneEdit.LookAt(table, table))));
        }
        menu.getItems().add(new SeparatorMenuItem());
        lesson.views().find(table).ifPresentOrElse(
                of -> menu.getItems().add(item(words().tables().showQuery(), () -> actions.showQuery(of))),
                () -> menu.getItems().addAll(
                        item(words().tables().replaceWithFile(),
                                () -> actions.sources().chooseAndOpen(Optional.of(table))),
                        item(words().tables().replaceWithCopied(),
                                () -> actions.sources().paste(Optional.of(table)))));
        menu.getItems().addAll(
                item(words().tables().copyTable(), () -> actions.sources().copy(model.lesson().get().table(table))),
                item(words().tables().saveAs(),
                        () -> actions.sources().chooseAndSave(TableSet.of(model.lesson().get().table(table)))),
                new SeparatorMenuItem(),
                item(words().tables().delete(table), () -> model.edit(new TableEdit.Drop(table))));
        return menu;
    }

    private static MenuItem item(String text, Runnable handler) {
        MenuItem item = Controls.item(text);
        item.setOnAction(_ -> handler.run());
        return item;
    }

    /** The head is what the card is moved by. */
    private void drag(MouseEvent event) {
        if (event.getEventType() == MouseEvent.MOUSE_PRESSED && event.isPrimaryButtonDown()) {
            grip = Optional.of(new Point2D(event.getSceneX() - getLayoutX(), event.getSceneY() - getLayoutY()));
            toFront();
            grid.requestFocus();
            event.consume();
        } else if (event.getEventType() == MouseEvent.MOUSE_DRAGGED) {
            grip.ifPresent(from -> actions.moving(this, spot(event, from)));
        } else if (event.getEventType() == MouseEvent.MOUSE_RELEASED) {
            grip.map(from -> spot(event, from)).filter(_ -> !event.isStillSincePress())
                    .ifPresent(spot -> model.edit(new TableEdit.Place(table, spot)));
            grip = Optional.empty();
        } else if (event.getEventType() == MouseEvent.MOUSE_CLICKED && event.getClickCount() == 2) {
            fold.fire();
        }
    }

    private static Spot spot(MouseEvent event, Point2D from) {
        return new Spot(Math.max(0, Math.round(event.getSceneX() - from.getX())),
                Math.max(0, Math.round(event.getSceneY() - from.getY())));
    }

    String table() {
        return table;
    }

    @Override
    public TableGrid grid() {
        return grid;
    }

    TableName name() {
        return name;
    }

    /** Stays the same card when its table gets another name. */
    void become(String other) {
        table = other;
    }

    /** Is not on the bench any more. */
    void retire() {
        actions.hand().forget(grid);
        grid.retire();
    }

    boolean isFolded() {
        return model.lesson().get().layout().isFolded(table);
    }

    /** Whether it has shown its table already. */
    boolean isShown() {
        return !shown.name().isEmpty();
    }

    void show(KeyInspection look) {
        Lesson lesson = look.lesson();
        Scene scene = lesson.scene();
        shown = lesson.table(table);
        setId("card-" + table);
        boolean left = scene.left().equals(table);
        boolean right = !left && scene.right().equals(table);
        style("left", left);
        style("right", right);
        fold(lesson.layout().isFolded(table));
        name.show();
        view.show(lesson, table);
        about.setText(words().tables().about(left, scene.right().equals(table), shown.rows().size()));
        if (folded) return;
        grid.setAccessibleText(words().tables().table(table));
        List<Integer> linked = linked(lesson);
        grid.show(shown, linked, shown.columns().stream().map(Column::name).toList());
        requestLayout();
        grid.signRows(look.signs().getOrDefault(table, Map.of()));
    }

    /** Folds the card up or unfolds it, if it is not that already: new nodes have their styles looked up. */
    private void fold(boolean up) {
        if (fold.getGraphic() != null && folded == up && fold.getAccessibleText().endsWith(table)) return;
        folded = up;
        pseudoClassStateChanged(FOLDED, up);
        grid.setVisible(!up);
        grid.setManaged(!up);
        show(more, !up);
        show(rows, !up && !model.lesson().get().views().has(table));
        fold.setGraphic(new FontIcon(up ? Feather.CHEVRON_DOWN : Feather.CHEVRON_UP));
        String doing = up ? words().tables().unfold(table) : words().tables().fold(table);
        Tip.on(fold, doing);
        fold.setAccessibleText(doing);
    }

    private static void show(Button button, boolean shown) {
        button.setVisible(shown);
        button.setManaged(shown);
    }

    private void style(String styleClass, boolean has) {
        // Only where it changes: the styles of everything in the card would be looked up again.
        if (has == getStyleClass().contains(styleClass)) return;
        if (has) getStyleClass().add(styleClass);
        else getStyleClass().remove(styleClass);
    }

    /** The columns that are matched in the link at hand. */
    private List<Integer> linked(Lesson lesson) {
        return Stream.of(Side.values()).filter(side -> lesson.scene().on(side).equals(table))
                .flatMap(side -> lesson.staged().on().stream().map((KeyPair pair) -> pair.on(side)))
                .flatMap(column -> shown.column(column).stream().boxed()).distinct().toList();
    }

    /** The width at which nothing is cut, within limits. */
    double wantedWidth(double most) {
        if (isFolded()) return Math.min(most, head.prefWidth(-1) + 12);
        double least = Math.max(LEAST_WIDTH, head.prefWidth(-1) + 12);
        return Math.clamp(widths.wanted(), least, Math.max(least, most));
    }

    /** As high as its rows, or as there is room. */
    double wantedHeight(double most) {
        if (isFolded()) return HEAD + 6;
        double wanted = NEAR + HEAD + TableGrid.TALL_HEADER
                + (Math.max(LEAST_ROWS, shown.rows().size() + 1)) * GridTable.ROW_HEIGHT + 3;
        return Math.min(wanted, Math.max(200, most));
    }

    /** Where a link comes to it. */
    LinkWay.End linkEnd() {
        double heading = isFolded() ? (HEAD + 6) / 2 : 1 + HEAD + TableGrid.TALL_HEADER / 2;
        return new LinkWay.End(getBoundsInParent(), getBoundsInParent().getMinY() + heading, isFolded());
    }
}
