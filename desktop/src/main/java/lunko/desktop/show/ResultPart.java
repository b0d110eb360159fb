package lunko.desktop.show;

import static lunko.phrase.Words.capital;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableDoubleValue;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import lunko.desktop.grid.RowNumberCell;
import lunko.desktop.grid.ValueLabel;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.grid.GridTable;
import lunko.engine.Outcome;
import lunko.engine.ResultCell;
import lunko.engine.ResultColumn;
import lunko.engine.ResultRow;
import lunko.query.Side;
import lunko.table.Type;
import lunko.table.Value;

/** The columns of the result that come from one side, under that side's table. */
final class ResultPart extends GridTable<ResultRow> {
    private final ShowModel model;
    private final Side side;
    private final ColumnWidths widths;
    private final ResultRows rows;
    private List<ResultColumn> columns = List.of();
    private final Label placeholder = new Label();
    private Showing shown;

    ResultPart(ShowModel model, Side side, ColumnWidths widths, ResultRows rows,
                ObservableDoubleValue arrival) {
        this.model = model;
        this.side = side;
        this.widths = widths;
        this.rows = rows;
        getStyleClass().addAll("result-part", side.title());
        setId(side.title() + "-result");
        setItems(rows);
        setRowFactory(_ -> new ResultTableRow(model, rows, arrival));
        setAccessibleText("result columns from the " + side.title() + " table");
        placeholder.getStyleClass().add("no-columns");
        placeholder.setWrapText(true);
        setPlaceholder(placeholder);
        model.showing().subscribe(this::show);
    }

    private void show(Showing showing) {
        Showing before = shown;
        shown = showing;
        if (before != null && before.run() == showing.run()) return;
        columns = showing.outcome().map(outcome -> outcome.columns(side)).orElse(List.of());
        List<TableColumn<ResultRow, ?>> all = new ArrayList<>();
        TableColumn<ResultRow, Integer> numbers = GridTable.column();
        numbers.setPrefWidth(ColumnWidths.NUMBER_COLUMN);
        if (side == Side.LEFT) numbers.setCellFactory(_ -> new RowNumberCell<>(rows::before));
        all.add(numbers);
        showing.outcome().ifPresent(outcome ->
                IntStream.range(0, columns.size()).forEach(i -> all.add(column(outcome, columns.get(i)))));
        boolean givesNone = columns.isEmpty() && showing.outcome().isPresent();
        if (givesNone) all.clear();
        getColumns().setAll(all);
        placeholder.setText(givesNone ? capital(showing.lesson().kind().withArticle()) + " gives no columns of " + showing.lesson().table(side).name() + "." : "");
    }

    private TableColumn<ResultRow, ResultCell> column(Outcome outcome, ResultColumn column) {
        Type type = outcome.plan().on(side).columns().get(column.index()).type();
        boolean key = outcome.plan().keys(side).contains(column.index());
        TableColumn<ResultRow, ResultCell> shownColumn = GridTable.column();
        Label heading = new Label(outcome.qualifiedName(column));
        heading.getStyleClass().add("result-heading");
        heading.setAlignment(ValueLabel.alignment(type));
        heading.prefWidthProperty().bind(widths.of(column.index()).subtract(20));
        shownColumn.setGraphic(heading);
        shownColumn.prefWidthProperty().bind(widths.of(column.index()));
        shownColumn.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(outcome.cell(row.getValue(), column)));
        shownColumn.setCellFactory(_ -> new Cell(type, key));
        return shownColumn;
    }

    /** A cell of the result: a value, or the hatch of an outer join. */
    private static final class Cell extends TableCell<ResultRow, ResultCell> {
        private static final String PADDED = "padded";
        private final ValueLabel label = new ValueLabel();

        Cell(Type type, boolean key) {
            setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
            setAlignment(ValueLabel.alignment(type));
            getStyleClass().add(type == Type.TEXT ? "text-cell" : "code-cell");
            if (key) getStyleClass().add("key-cell");
        }

        @Override
        protected void updateItem(ResultCell cell, boolean empty) {
            super.updateItem(cell, empty);
            getStyleClass().remove(PADDED);
            switch (empty ? null : cell) {
                case null -> setGraphic(null);
                case ResultCell.Stored(Value value) -> show(value);
                case ResultCell.Padded _ -> {
                    getStyleClass().add(PADDED);
                    show(Value.NULL);
                }
            }
        }

        private void show(Value value) {
            label.show(value);
            setGraphic(label);
        }
    }
}
