package lunko.desktop.show;

import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.beans.Observable;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.geometry.Orientation;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.FontWeight;
import javafx.util.Duration;
import lunko.desktop.look.Typeface;
import lunko.lesson.Edit;
import lunko.lesson.Lesson;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;
import org.kordamp.ikonli.feather.Feather;

/** A source table: its name, its rows, and everything that can be changed about them in place. */
final class TableCard extends VBox {
    /** How high the head with the name is. */
    static final double HEAD = 33;
    private static final Typeface NAME = Typeface.text(FontWeight.BOLD, 14.5);

    private final ShowModel model;
    private final Side side;
    private final ColumnWidths widths;
    private final ObjectProperty<Optional<KeyDrag>> drag;
    private final TextField name = new TextField();
    private final Label about = new Label();
    private final GridTable<Row> grid = new GridTable<>();
    private final ObservableList<Row> rows = FXCollections.observableArrayList();
    private final List<ColumnHeading> headings = new ArrayList<>();
    private List<Column> columns = List.of();
    private List<Integer> keys = List.of();

    /** A table on the stage, which shows what the steps do to its rows. */
    static TableCard onStage(ShowModel model, Side side, ColumnWidths widths, ObjectProperty<Optional<KeyDrag>> drag, ShowActions actions) {
        TableCard card = new TableCard(model, side, widths, drag, actions);
        card.setId(side.title() + "-table");
        card.grid.setRowFactory(_ -> new StageRow(model, side));
        model.showing().subscribe((before, now) -> card.follow(now, Motion.between(before, now)));
        return card;
    }

    /** A table on the bench, which shows its rows as they are. */
    static TableCard onBench(ShowModel model, Side side, ColumnWidths widths, ObjectProperty<Optional<KeyDrag>> drag, ShowActions actions) {
        TableCard card = new TableCard(model, side, widths, drag, actions);
        card.setId(side.title() + "-on-bench");
        return card;
    }

    private TableCard(ShowModel model, Side side, ColumnWidths widths, ObjectProperty<Optional<KeyDrag>> drag,
              ShowActions actions) {
        this.model = model;
        this.side = side;
        this.widths = widths;
        this.drag = drag;
        getStyleClass().addAll("card", "table-card", side.title());
        grid.setItems(rows);
        grid.setEditable(true);
        grid.setAccessibleText(side.title() + " table");
        grid.setContextMenu(new ContextMenu(actions.editCell().menuItem(), actions.addRow().menuItem(),
                actions.deleteRow().menuItem()));
        grid.addEventHandler(KeyEvent.KEY_TYPED, this::typeOver);
        grid.widthProperty().subscribe(width -> widths.spreadOver(width.doubleValue()));
        VBox.setVgrow(grid, Priority.ALWAYS);
        getChildren().addAll(head(List.of(actions.addRow(side).iconButton(Feather.PLUS), actions.makeRows(side).iconButton(Feather.SHUFFLE),
                actions.open(side).iconButton(Feather.FOLDER))), grid);
        acceptFiles(actions);
        drag.subscribe(this::showTarget);
        show(model.showing().get());
        model.showing().subscribe((before, now) -> {
            if (before.lesson() != now.lesson()) show(now);
        });
    }

    GridTable<Row> grid() {
        return grid;
    }

    /** Matches a column that is dragged from the other table with the one at a place in the scene, if there is one. */
    void receive(KeyDrag dragged, Point2D place) {
        headingAt(place).ifPresent(heading -> model.edit(new Edit.Match(dragged.with(heading.column().name()))));
    }

    private Optional<ColumnHeading> headingAt(Point2D place) {
        return headings.stream().filter(heading -> heading.isAt(place.getX(), place.getY())).findFirst();
    }

    /** The row that is selected. */
    Optional<Row> selectedRow() {
        return Optional.ofNullable(grid.getSelectionModel().getSelectedItem());
    }

    /** Goes into the first cell of the last row, to type. */
    void editLastRow() {
        int last = rows.size() - 1;
        if (last < 0 || columns.isEmpty()) return;
        grid.requestFocus();
        grid.scrollTo(last);
        grid.layout();
        TableColumn<Row, ?> first = grid.getColumns().get(1);
        grid.getSelectionModel().clearAndSelect(last, first);
        grid.edit(last, first);
    }

    /** Goes into the selected cell, to type. */
    void editSelectedCell() {
        grid.getSelectionModel().getSelectedCells().stream().findFirst()
                .ifPresent(cell -> grid.edit(cell.getRow(), grid.getColumns().get(Math.max(1, cell.getColumn()))));
    }

    private HBox head(List<Button> buttons) {
        name.getStyleClass().add("table-name");
        name.setTooltip(new Tooltip("Type another name for the table."));
        name.setAccessibleText("name of the " + side.title() + " table");
        name.prefWidthProperty().bind(name.textProperty().map(text -> Math.clamp(NAME.width(text) + 14, 40, 200)));
        name.setOnAction(_ -> grid.requestFocus());
        name.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() != KeyCode.ESCAPE) return;
            name.setText(table().name());
            grid.requestFocus();
        });
        name.focusedProperty().subscribe(focused -> {
            if (!focused && !name.getText().equals(table().name())) rename();
        });
        about.getStyleClass().add("about");
        about.setMinWidth(0);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(name, about, gap);
        head.getChildren().addAll(buttons);
        head.getStyleClass().add("card-head");
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private void rename() {
        model.edit(new Edit.RenameTable(side, name.getText()));
        name.setText(table().name());
    }

    private Table table() {
        return model.showing().get().lesson().table(side);
    }

    private void show(Showing showing) {
        Lesson lesson = showing.lesson();
        Table table = lesson.table(side);
        if (!name.isFocused()) name.setText(table.name());
        int size = table.rows().size();
        about.setText(lesson.query().on(side).alias() + " · " + side.title() + " · " + size + (size == 1 ? " row" : " rows"));
        List<Integer> keysNow = lesson.kind().compares() ? keys(lesson, table) : List.of();
        if (!table.columns().equals(columns) || !keysNow.equals(keys)) {
            columns = table.columns();
            keys = keysNow;
            showColumns();
        }
        replaceChanged(table.rows());
        widths.fit(table, table.columns().stream()
                .map(column -> lesson.query().qualified(side, column.name())).toList(), keys);
    }

    private List<Integer> keys(Lesson lesson, Table table) {
        return lesson.on().stream().flatMapToInt(pair -> table.column(pair.on(side)).stream()).boxed().toList();
    }

    private void showColumns() {
        headings.clear();
        List<TableColumn<Row, ?>> shown = new ArrayList<>();
        shown.add(rowNumbers());
        for (int i = 0; i < columns.size(); i++) shown.add(column(i));
        grid.getColumns().setAll(shown);
    }

    private static TableColumn<Row, Integer> rowNumbers() {
        TableColumn<Row, Integer> column = GridTable.column();
        column.setPrefWidth(ColumnWidths.NUMBER_COLUMN);
        column.setEditable(false);
        column.setCellFactory(_ -> new RowNumberCell<>(() -> 0));
        return column;
    }

    private TableColumn<Row, Value> column(int index) {
        Column column = columns.get(index);
        boolean key = keys.contains(index);
        TableColumn<Row, Value> shown = GridTable.column();
        ColumnHeading heading = new ColumnHeading(side, column, key);
        heading.addEventHandler(MouseEvent.ANY, this::dragHeading);
        heading.setOnContextMenuRequested(event ->
                matchMenu(column).show(heading, event.getScreenX(), event.getScreenY()));
        headings.add(heading);
        shown.setGraphic(heading);
        heading.prefWidthProperty().bind(widths.of(index).subtract(20));
        shown.prefWidthProperty().bind(widths.of(index));
        shown.setCellValueFactory(cell -> new ReadOnlyObjectWrapper<>(cell.getValue().value(index)));
        shown.setCellFactory(_ -> new SourceCell(column, key, new SourceCell.Handlers(
                (row, value) -> model.edit(new Edit.SetCell(side, row.id(), index, value)),
                problem -> model.say(new Notice.Trouble(problem)))));
        return shown;
    }

    /** For those who do not drag: the columns of the other table to choose from. */
    private ContextMenu matchMenu(Column column) {
        Table other = model.showing().get().lesson().table(side.opposite());
        ContextMenu menu = new ContextMenu();
        for (Column partner : other.columns()) {
            MenuItem item = new MenuItem("Match " + column.name() + " with " + other.name() + "." + partner.name());
            KeyPair pair = new KeyDrag(side, column.name(), Point2D.ZERO, Point2D.ZERO).with(partner.name());
            item.setOnAction(_ -> model.edit(new Edit.Match(pair)));
            menu.getItems().add(item);
        }
        return menu;
    }

    private void dragHeading(MouseEvent event) {
        if (!(event.getSource() instanceof ColumnHeading heading)) return;
        Point2D place = new Point2D(event.getSceneX(), event.getSceneY());
        if (event.getEventType() == MouseEvent.MOUSE_PRESSED && event.isPrimaryButtonDown()) {
            drag.set(Optional.of(new KeyDrag(side, heading.column().name(), place, place)));
        } else if (event.getEventType() == MouseEvent.MOUSE_DRAGGED) {
            drag.set(drag.get().map(under -> under.to(place)));
        } else {
            return;
        }
        // The table's own header would take it for a click on the column.
        event.consume();
    }

    private void showTarget(Optional<KeyDrag> dragged) {
        for (ColumnHeading heading : headings) {
            heading.target(dragged.filter(d -> d.side() != side)
                    .map(d -> heading.isAt(d.at().getX(), d.at().getY())).orElse(false));
        }
    }

    /** Replaces only the rows that differ, so that selection and scroll position stay. */
    private void replaceChanged(List<Row> now) {
        int same = 0;
        int shorter = Math.min(rows.size(), now.size());
        while (same < shorter && rows.get(same).equals(now.get(same))) same++;
        int sameEnd = 0;
        while (sameEnd < shorter - same
                && rows.get(rows.size() - 1 - sameEnd).equals(now.get(now.size() - 1 - sameEnd))) sameEnd++;
        List<Row> changed = rows.subList(same, rows.size() - sameEnd);
        List<Row> replacing = now.subList(same, now.size() - sameEnd);
        if (changed.size() == replacing.size()) {
            IntStream.range(0, changed.size()).forEach(i -> changed.set(i, replacing.get(i)));
        } else {
            changed.clear();
            rows.addAll(same, replacing);
        }
    }

    private void follow(Showing now, Motion motion) {
        now.frame().ifPresent(frame -> frame.now(side).ifPresent(row ->
                grid.reveal(row, motion == Motion.JUMP ? Duration.ZERO : Speed.DOUBLE.motion())));
    }

    private void typeOver(KeyEvent event) {
        String typed = event.getCharacter();
        boolean printable = !typed.isEmpty() && !Character.isISOControl(typed.charAt(0)) && !typed.isBlank();
        if (!printable || event.isShortcutDown() || event.isAltDown() || grid.getEditingCell() != null) return;
        editSelectedCell();
        if (grid.getScene().getFocusOwner() instanceof TextField field) {
            field.setText(typed);
            field.end();
            event.consume();
        }
    }

    private void acceptFiles(ShowActions actions) {
        setOnDragOver(event -> {
            if (event.getDragboard().hasFiles()) event.acceptTransferModes(TransferMode.COPY);
            event.consume();
        });
        setOnDragDropped(event -> {
            List<File> files = event.getDragboard().getFiles();
            if (!files.isEmpty()) actions.openFile(side, files.getFirst().toPath());
            event.setDropCompleted(!files.isEmpty());
            event.consume();
        });
    }

    /** Does something whenever the rows may have moved on the screen. */
    void onMoved(Runnable then) {
        grid.onScroll(Orientation.VERTICAL, then);
        grid.heightProperty().subscribe((_, _) -> then.run());
        rows.addListener((Observable _) -> then.run());
    }
}
