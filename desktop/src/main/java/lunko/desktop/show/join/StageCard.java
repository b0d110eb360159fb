package lunko.desktop.show.join;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.beans.Observable;
import javafx.css.PseudoClass;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.grid.DragBoard;
import lunko.desktop.grid.DragHandles;
import lunko.desktop.grid.GridTable;
import lunko.desktop.grid.TableGrid;
import lunko.desktop.grid.TableName;
import lunko.desktop.grid.ViewSign;
import lunko.desktop.lesson.FileDrop;
import lunko.desktop.show.model.Motion;
import lunko.desktop.show.model.Motions;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.table.ColumnInQuery;
import lunko.desktop.show.table.StageGrid;
import lunko.engine.ResultColumn;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.question.Question;
import lunko.lesson.Lesson;
import lunko.query.Side;
import lunko.query.SqlName;
import lunko.show.Showing;
import lunko.table.Table;
import org.kordamp.ikonli.feather.Feather;

/**
 * What is joined on a side, which shows what the steps do to its rows: a source table, which can be edited meanwhile,
 * or what the query has come to so far.
 */
final class StageCard extends VBox {
    private static final PseudoClass STEPPING = PseudoClass.getPseudoClass("stepping");

    private final ShowModel model;
    private final Side side;
    private final Motions motions;
    private final TableName name;
    private final Label title = new Label();
    private final Label about = new Label();
    private final ViewSign view = new ViewSign();
    private final HBox buttons = new HBox();
    private final TableGrid source;
    private final StageGrid derived;
    private final DragHandles derivedHandles;
    private final StackPane grids = new StackPane();

    StageCard(ShowModel model, Side side, ColumnWidths widths, DragBoard drags, CardActions actions, Motions motions) {
        this.model = model;
        this.motions = motions;
        this.side = side;
        setId(side.id() + "-table");
        getStyleClass().addAll("card", "table-card", side.id());
        source = TableGrid.forShowing(model.lesson(), this::table, widths, drags,
                new TableGrid.InShow(side, this::inQuery));
        source.setAccessibleText(words().show().tableOn(side));
        ContextMenu ofCells = actions.tables().menu();
        List<MenuItem> always = List.copyOf(ofCells.getItems());
        ofCells.setOnShowing(
                _ -> ofCells.getItems().setAll(Stream.concat(ofSelected().stream(), always.stream()).toList()));
        source.setContextMenu(ofCells);
        source.setRowFactory(_ -> new StageRow<>(model, side));
        actions.hand().watch(source);
        source.onCursor(row -> model.pointing()
                .choose(row.isPresent() ? Optional.of(new Pointed.Source(side, row.getAsInt())) : Optional.empty()));
        derived = new StageGrid(widths,
                words().show().headingTip(),
                heading -> ColumnInQuery.items(model, heading));
        derivedHandles = new DragHandles(derived, drags);
        derived.setAccessibleText(words().show().madeBefore(side));
        derived.onFocusedRow(row -> model.pointing().choose(Optional.of(new Pointed.Source(side, row))));
        derived.setRowFactory(_ -> new StageRow<>(model, side));
        // The card's, not that of a grid: the one that is not to be seen has the width of another time.
        grids.widthProperty().subscribe(width -> widths.spreadOver(width.doubleValue()));
        // With less room than before, the row at hand would be left outside.
        grids.heightProperty().subscribe((_, _) -> reveal(model.staged().get(), Duration.ZERO));
        VBox.setVgrow(grids, Priority.ALWAYS);
        // Before the table takes the click, and with it the keyboard.
        grids.addEventFilter(MouseEvent.MOUSE_PRESSED, this::mark);
        name = new TableName(model.lesson(), this::table, source::requestFocus);
        name.setAccessibleText(words().show().nameOfTable(side));
        title.getStyleClass().add("table-name");
        buttons.getChildren()
                .setAll(List.<Button>of(
                        actions.addRow(side, () -> actions.tables().addRow(source)).iconButton(Feather.PLUS),
                        actions.files().open(side).iconButton(Feather.FOLDER)));
        buttons.getStyleClass().add("card-buttons");
        getChildren().addAll(head(), grids);
        FileDrop.on(this, files -> actions.sources().dropped(files, Optional.of(table())));
        show(model.staged().get());
        model.staged().subscribe((before, now) -> {
            if (before.lesson() != now.lesson() || !now.isOfSameJoin(before)) show(now);
            follow(now, Motion.between(before, now));
        });
    }

    /** While rows of this side are asked for, a click marks one. */
    private void mark(MouseEvent event) {
        boolean asked = model.asking().get().filter(open -> !open.uncovered()
                && open.question() instanceof Question.WhichRows(Side of, _) && of == side).isPresent();
        if (!asked || event.getButton() != MouseButton.PRIMARY || !(event.getTarget() instanceof Node target)) return;
        Stream.iterate(target, Objects::nonNull, Node::getParent).filter(StageRow.class::isInstance)
                .map(StageRow.class::cast).filter(row -> !row.isEmpty()).findFirst().ifPresent(row -> {
                    event.consume();
                    model.mark(new Pointed.Source(side, row.getIndex()));
                });
    }

    /** The rows that are to be seen. */
    GridTable<?> grid() {
        return grids.getChildren().contains(derived) ? derived : source;
    }

    /** The grid of the source table, which is not to be seen while something else is joined. */
    TableGrid source() {
        return source;
    }

    /** The grid of what the query has come to, which is not to be seen while a source table is joined. */
    StageGrid derived() {
        return derived;
    }

    private static Optional<Stage> stage(Showing showing, Side side) {
        return showing.outcome().map(outcome -> outcome.join().on(side));
    }

    /** The table of the lesson that a side's rows come straight from. */
    private static Optional<Source> source(Showing showing, Side side) {
        return stage(showing, side)
                .flatMap(stage -> stage instanceof Source of && showing.lesson().find(of.table().name()).isPresent()
                        ? Optional.of(of) : Optional.empty());
    }

    private String table() {
        return source(model.staged().get(), side).map(of -> of.table().name())
                .filter(name -> model.lesson().lesson().get().find(name).isPresent())
                .orElseGet(() -> model.lesson().lesson().get().scene().on(side));
    }

    /** The table that is shown: one of the lesson that is shown, which may be behind or ahead of the one at hand. */
    private String table(Showing showing) {
        return source(showing, side).map(of -> of.table().name()).orElseGet(() -> showing.lesson().scene().on(side));
    }

    private List<MenuItem> inQuery(int column) {
        return stage(model.staged().get(), side).map(stage -> ColumnInQuery.items(model, stage.headings().get(column)))
                .orElse(List.of());
    }

    /** What the query can do with the value of the selected cell. */
    private List<MenuItem> ofSelected() {
        Table table = model.lesson().lesson().get().table(table());
        List<MenuItem> items = source.block()
                .filter(block -> block.size() == 1 && block.firstRow() < table.rows().size())
                .flatMap(cell -> stage(model.staged().get(), side)
                        .map(stage -> ColumnInQuery.items(model, stage.headings().get(cell.firstColumn()),
                                table.rows().get(cell.firstRow()).value(cell.firstColumn()))))
                .orElse(List.of());
        return items.isEmpty() ? items : Stream.concat(items.stream(), Stream.of(new SeparatorMenuItem())).toList();
    }

    private HBox head() {
        about.getStyleClass().add("about");
        about.setMinWidth(0);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(name, title, view, about, gap, buttons);
        head.getStyleClass().add("card-head");
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private void show(Showing showing) {
        Lesson lesson = showing.lesson();
        Optional<Stage> made = stage(showing, side).filter(_ -> source(showing, side).isEmpty());
        boolean stored = made.isEmpty() && !lesson.views().has(table(showing));
        show(name, made.isEmpty());
        show(buttons, stored);
        view.show(lesson, made.isEmpty() ? table(showing) : "");
        title.setVisible(made.isPresent());
        title.setManaged(made.isPresent());
        GridTable<?> shown = made.isPresent() ? derived : source;
        if (!grids.getChildren().contains(shown)) grids.getChildren().setAll(shown);
        Set<Integer> keys = showing.outcome().filter(outcome -> outcome.kind().compares())
                .map(outcome -> outcome.keys(side)).orElse(Set.of());
        made.ifPresentOrElse(stage -> {
            title.setText(words().names().rows(stage.title()));
            about.setText(words().show().aboutRows(side, stage.rows().size()));
            derived.show(stage, showing.hues(), keys, Optional.empty());
            derivedHandles.take(derived.headings());
        }, () -> {
            Table table = lesson.table(table(showing));
            String alias =
                    source(showing, side).map(Source::alias).orElseGet(() -> lesson.staged().join().on(side).alias());
            name.show();
            about.setText(words().show().aboutTable(alias, side, table.rows().size()));
            source.show(table, keys.stream().sorted().toList(),
                    table.columns().stream()
                            .map(column -> new SqlName(alias).text() + "." + new SqlName(column.name()).text())
                            .toList(),
                    IntStream.range(0, table.columns().size())
                            .mapToObj(i -> showing.outcome().filter(outcome -> outcome.kind().shows(side))
                                    .map(outcome -> outcome.name(new ResultColumn(side, i)))
                                    .orElse(table.columns().get(i).name()))
                            .toList());
        });
    }

    private static void show(Region node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private void follow(Showing now, Motion motion) {
        pseudoClassStateChanged(STEPPING, now.match().filter(frame -> frame.now(side).isPresent()).isPresent());
        reveal(now, motion == Motion.JUMP ? Duration.ZERO : motions.time().getValue());
    }

    private void reveal(Showing now, Duration time) {
        now.match().ifPresent(frame -> frame.now(side).ifPresent(row -> grid().reveal(row, time)));
    }

    /** Does something whenever the rows may have moved on the screen. */
    void onMoved(Runnable then) {
        for (GridTable<?> grid : List.<GridTable<?>>of(source, derived)) {
            grid.onScroll(Orientation.VERTICAL, then);
            grid.heightProperty().subscribe((_, _) -> then.run());
            grid.itemsProperty().subscribe((_, _) -> then.run());
        }
        source.getItems().addListener((Observable _) -> then.run());
    }
}
