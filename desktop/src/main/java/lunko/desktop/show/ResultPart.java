package lunko.desktop.show;

import static lunko.phrase.Words.capital;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import javafx.beans.value.ObservableDoubleValue;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.grid.GridTable;
import lunko.desktop.grid.RowNumberCell;
import lunko.engine.Outcome;
import lunko.engine.ResultCell;
import lunko.engine.ResultColumn;
import lunko.engine.ResultRow;
import lunko.query.Side;

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
        if (before != null && before.isOfSameJoin(showing)) return;
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
        placeholder.setText(givesNone ? capital(showing.outcome().get().kind().withArticle()) + " gives no columns of " + showing.outcome().get().join().on(side).title() + "." : "");
    }

    private TableColumn<ResultRow, ResultCell> column(Outcome outcome, ResultColumn column) {
        return new ValueColumn(outcome.qualifiedName(column), outcome.name(column), outcome.type(column), outcome.keys(side).contains(column.index()), column.index())
                .in(widths, row -> outcome.cell(row, column));
    }
}
