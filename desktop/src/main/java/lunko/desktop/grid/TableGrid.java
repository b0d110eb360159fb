package lunko.desktop.grid;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyEvent;
import lunko.desktop.lesson.LessonModel;
import lunko.lesson.CellEdit;
import lunko.lesson.ColumnEdit;
import lunko.lesson.Edit;
import lunko.lesson.History;
import lunko.lesson.RowEdit;
import lunko.problem.LessonFault;
import lunko.problem.Problem;
import lunko.problem.TableFault;
import lunko.query.Side;
import lunko.table.Block;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Table;

/** A table of the lesson as a grid, in which everything is edited in place, with the keyboard alone if need be. */
public final class TableGrid extends GridTable<RowSlot> {
    /** How high headings of two lines are, in pixels. */
    public static final double TALL_HEADER = 46;

    private final LessonModel model;
    private final Supplier<String> name;
    private final ColumnWidths widths;
    private final DragHandles handles;
    private final Optional<InShow> inShow;
    private final ObservableList<RowSlot> rows = FXCollections.observableArrayList();
    private final GridCursor cursor;
    private final ObjectProperty<Map<Integer, RowSign>> signs = new SimpleObjectProperty<>(Map.of());
    private final TableColumn<RowSlot, Integer> numbers = RowNumberCell.column(() -> 0, signs);
    /** The column of each place, which stays with its cells whatever it shows. */
    private final List<TableColumn<RowSlot, Entry>> places = new ArrayList<>();
    private final ObjectProperty<Looks> looks = new SimpleObjectProperty<>(new Looks(List.of(), List.of()));
    private Runnable beyond = () -> {};
    private List<String> shorterHeadings = List.of();
    private List<Row> current = List.of();

    /**
     * What a grid has in the show.
     *
     * @param side the side it stands on
     * @param inQuery the items of a column's menu that speak of the query
     */
    public record InShow(Side side, IntFunction<List<MenuItem>> inQuery) {}

    /**
     * What its columns are.
     *
     * @param linked those that belong to columns of another table, counted from 0
     */
    record Looks(List<Column> columns, List<Integer> linked) {

        /** Whether a column is the same in both. */
        private boolean agreeAt(int column, Looks other) {
            return column < columns.size() && column < other.columns.size()
                    && columns.get(column).equals(other.columns.get(column))
                    && linked.contains(column) == other.linked.contains(column);
        }
    }

    /** A grid for the show: headings of one line, and no row to add rows in. */
    public static TableGrid forShowing(LessonModel model, Supplier<String> name, ColumnWidths widths, DragBoard drags,
            InShow inShow) {
        return new TableGrid(model, name, widths, drags, Optional.of(inShow));
    }

    /** A grid for the bench: headings with types, and a row at the end to add rows in. */
    public static TableGrid forBuilding(LessonModel model, Supplier<String> name, ColumnWidths widths,
            DragBoard drags) {
        return new TableGrid(model, name, widths, drags, Optional.empty());
    }

    private TableGrid(LessonModel model, Supplier<String> name, ColumnWidths widths, DragBoard drags,
            Optional<InShow> inShow) {
        super(inShow.isEmpty() ? TALL_HEADER : HEADER_HEIGHT);
        this.model = model;
        this.name = name;
        this.widths = widths;
        this.inShow = inShow;
        if (inShow.isEmpty()) {
            getStyleClass().add("building");
            rows.add(RowSlot.ghost());
        }
        setItems(rows);
        setEditable(true);
        cursor = new GridCursor(this, widths, inShow.isEmpty() ? TALL_HEADER : HEADER_HEIGHT);
        addEventHandler(KeyEvent.KEY_TYPED, this::typeOver);
        selected().subscribe(now -> now.ifPresent(at -> widths.open(at.column())));
        handles = new DragHandles(this, drags);
    }

    /** Takes no part in dragging any more, because its table is gone. */
    public void retire() {
        handles.retire();
    }

    /** Whether headings say what is meant to hold for their columns. */
    boolean saysTypes() {
        return inShow.isEmpty();
    }

    /** The name of its table. */
    public String table() {
        return name.get();
    }

    private Table meant() {
        return model.lesson().get().table(table());
    }

    /** Signs beside the numbers of rows, counted from 0. */
    public void signRows(Map<Integer, RowSign> by) {
        signs.set(by);
    }

    /**
     * Shows a table.
     *
     * @param linkedColumns those that belong to columns of another table, counted from 0
     * @param asHeadings what stands over the columns where there is room for it
     */
    public void show(Table table, List<Integer> linkedColumns, List<String> asHeadings) {
        show(table, linkedColumns, asHeadings, table.columns().stream().map(Column::name).toList());
    }

    /** The same, and what stands over the columns of the result where there is no room for their whole headings. */
    public void show(Table table, List<Integer> linkedColumns, List<String> asHeadings, List<String> shorter) {
        widths.fit(IntStream.range(0, table.columns().size())
                .mapToObj(i -> new ColumnWidths.Heading(table.columns().get(i), asHeadings.get(i), shorter.get(i),
                        saysTypes() ? ColumnHeading.type(table.columns().get(i)) : "", linkedColumns.contains(i)))
                .toList(), table.rows());
        setEditable(!isView());
        offerRow(inShow.isEmpty() && !isView());
        Looks wanted = new Looks(table.columns(), linkedColumns);
        boolean sameLooks = wanted.equals(looks.get());
        if (sameLooks && table.rows() == current && shorter.equals(shorterHeadings)) return;
        shorterHeadings = shorter;
        if (!sameLooks) become(wanted);
        replaceChanged(table.rows());
        current = table.rows();
        selected().get().ifPresent(s -> cursor.select(s.anchorRow(), s.anchorColumn(), s.row(), s.column()));
    }

    /** A view has no row to add rows in. */
    private void offerRow(boolean offered) {
        boolean there = !rows.isEmpty() && rows.getLast().isGhost();
        if (offered && !there) rows.add(RowSlot.ghost());
        if (!offered && there) rows.removeLast();
    }

    /** Whether its rows follow a query, so that nobody edits them. */
    boolean isView() {
        return model.lesson().get().views().has(table());
    }

    /** Lets its columns be others. What is being typed in one of them was meant for what it was. */
    private void become(Looks wanted) {
        if (getEditingCell() != null) edit(-1, null);
        Looks before = looks.get();
        int count = wanted.columns().size();
        while (places.size() < count) places.add(column(places.size()));
        for (int i = 0; i < count; i++) if (!wanted.agreeAt(i, before)) head(i, wanted);
        looks.set(wanted);
        List<TableColumn<RowSlot, ?>> shown = new ArrayList<>(List.of(numbers));
        shown.addAll(places.subList(0, count));
        showColumns(shown);
        handles.take(headings());
    }

    private TableColumn<RowSlot, Entry> column(int index) {
        TableColumn<RowSlot, Entry> shown = GridTable.column();
        widths.dress(shown, index);
        shown.setCellValueFactory(cell -> cell.getValue().row().map(_ -> cell.getValue().entry(index)));
        shown.setCellFactory(_ -> new EntryCell(this, index));
        return shown;
    }

    /** Puts a heading over a column. */
    private void head(int index, Looks wanted) {
        Column column = wanted.columns().get(index);
        ColumnHeading heading =
                new ColumnHeading(this, index, column, wanted.linked().contains(index), inShow.map(InShow::side));
        heading.say(widths.said(index, column.name(), column.name()));
        heading.prefWidthProperty().bind(widths.inner(index));
        widths.opens(heading, index);
        places.get(index).setGraphic(heading);
    }

    private List<ColumnHeading> headings() {
        return places.subList(0, looks.get().columns().size()).stream()
                .map(column -> (ColumnHeading) column.getGraphic()).toList();
    }

    /** What its columns are now. */
    ObservableValue<Looks> looks() {
        return looks;
    }

    /**
     * Changes only the places where another row stands now, so that nothing else is drawn again and the scroll position
     * stays.
     */
    private void replaceChanged(List<Row> now) {
        int before = current.size();
        int shorter = Math.min(before, now.size());
        int same = 0;
        while (same < shorter && current.get(same) == now.get(same)) same++;
        int sameEnd = 0;
        while (sameEnd < shorter - same && current.get(before - 1 - sameEnd) == now.get(now.size() - 1 - sameEnd))
            sameEnd++;
        int kept = shorter - sameEnd;
        for (int i = same; i < kept; i++) rows.get(i).set(now.get(i));
        if (before > shorter) rows.remove(kept, before - sameEnd);
        if (now.size() > shorter)
            rows.addAll(kept, now.subList(kept, now.size() - sameEnd).stream().map(RowSlot::new).toList());
    }

    // What is selected.

    /** What is selected, if anything is. */
    ReadOnlyObjectProperty<Optional<Selection>> selected() {
        return cursor.selected();
    }

    /** The block that is selected, without the row that is not there yet; nothing if nothing is. */
    public Optional<Block> block() {
        int last = meant().rows().size() - 1;
        return selected().get().map(Selection::block).filter(block -> block.firstRow() <= last)
                .map(block -> new Block(block.firstRow(), Math.min(last, block.lastRow()), block.firstColumn(),
                        block.lastColumn()));
    }

    /** The cell that has the keyboard; the first one if none has. */
    Block cursor() {
        return selected().get().map(s -> Block.cell(s.row(), s.column())).orElse(Block.cell(0, 0));
    }

    /** Does something whenever the keyboard comes to another row, counted from 0, or the row that it was in is gone. */
    public void onCursor(Consumer<OptionalInt> then) {
        selected().subscribe((before, now) -> {
            OptionalInt row = now.map(s -> OptionalInt.of(s.row())).orElse(OptionalInt.empty());
            if (!row.equals(before.map(s -> OptionalInt.of(s.row())).orElse(OptionalInt.empty()))) then.accept(row);
        });
    }

    /** Selects one cell, and brings it into view. Rows and columns are counted from 0. */
    public void select(int row, int column) {
        cursor.select(row, column, row, column);
    }

    /** Selects a block. */
    void select(Block block) {
        cursor.select(block.firstRow(), block.firstColumn(), block.lastRow(), block.lastColumn());
    }

    /** Goes to the cell below, in the column where a row of cells was begun; or above. */
    void goDown(boolean back) {
        cursor.goDown(back);
    }

    /** What is done when somebody goes on from the row to add rows in without adding one. */
    public void beyond(Runnable then) {
        beyond = then;
    }

    void beyond() {
        beyond.run();
    }

    /** Goes to the cell on the right, or from the last to the first of the next row; or the other way. */
    void goRight(boolean back) {
        cursor.goRight(back);
    }

    private void typeOver(KeyEvent event) {
        String typed = event.getCharacter();
        boolean printable = !typed.isEmpty() && !Character.isISOControl(typed.charAt(0)) && !typed.isBlank();
        if (event.getTarget() instanceof TextInputControl || !printable || event.isShortcutDown() || event.isAltDown()
                || getEditingCell() != null)
            return;
        editCell();
        if (getScene().getFocusOwner() instanceof TextField field) {
            field.setText(typed);
            field.end();
            event.consume();
        }
    }

    // What is edited.

    /** Goes into the selected cell, to type. */
    public void editCell() {
        if (looks.get().columns().isEmpty() || rows.isEmpty()) return;
        if (isView()) {
            model.say(Problem.of(new LessonFault.RowsOfView(table())));
            return;
        }
        Block at = cursor();
        cursor.go(at.firstRow(), at.firstColumn(), false);
        layout();
        edit(at.firstRow(), getColumns().get(at.firstColumn() + 1));
    }

    /** Takes what was typed into a cell; what does not fit is explained. */
    void take(RowSlot slot, int column, String typed) {
        boolean isNew = slot.isGhost();
        Row row = slot.row().get();
        if (isNew && typed.isBlank()) return;
        Edit edit = isNew ? new RowEdit.Append(table(), column, typed)
                : new CellEdit.Type(table(), row.id(), column, typed);
        if (!model.edit(edit)) return;
        Table now = meant();
        int at = isNew ? now.rows().size() - 1 : now.position(row.id()).orElse(-1);
        if (at >= 0) now.rows().get(at).entry(column).misfit()
                .ifPresent(text -> model.say(Problem.of(new TableFault.Misfit(text, now.columns().get(column)))));
    }

    /** Lets the name of a column be typed. */
    public void renameColumn(int column) {
        heading(column).ifPresent(ColumnHeading::rename);
    }

    private Optional<ColumnHeading> heading(int column) {
        layout();
        List<ColumnHeading> headings = headings();
        return column >= 0 && column < headings.size() ? Optional.of(headings.get(column)) : Optional.empty();
    }

    boolean rename(int column, String typed) {
        Column now = meant().columns().get(column);
        return model.edit(new ColumnEdit.Change(table(), column, now.named(typed)));
    }

    /** After a heading has been typed: to the next one, which is offered if there is none, or to the cells. */
    void headingTyped(int column, int by) {
        int next = column + by;
        if (by == 0 || next < 0) {
            requestFocus();
            cursor.go(0, 0, false);
        } else if (next < looks.get().columns().size()) {
            renameColumn(next);
        } else if (model.edit(new ColumnEdit.Add(table(), next, ColumnEdit.unnamed(meant())))) {
            heading(next).ifPresent(ColumnHeading::offer);
        }
    }

    /** Takes a column back that was offered and that nobody has named, unless something else was done since. */
    void withdraw(int at, Column column) {
        Edit offer = new ColumnEdit.Add(table(), at, column);
        History now = model.history().get();
        if (now.past().filter(done -> done.edit().equals(offer)).isPresent()) model.take(now.withoutLast());
    }

    ContextMenu menu(int column) {
        ContextMenu menu = new ColumnMenu(model, this, column).menu();
        List<MenuItem> first = inShow.map(show -> show.inQuery().apply(column)).orElse(List.of());
        if (!first.isEmpty()) menu.getItems().addFirst(new SeparatorMenuItem());
        menu.getItems().addAll(0, first);
        return menu;
    }
}
