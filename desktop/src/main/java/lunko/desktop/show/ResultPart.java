package lunko.desktop.show;

import static lunko.phrase.Words.capital;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.beans.value.ObservableDoubleValue;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TableColumn;
import javafx.scene.input.MouseButton;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.grid.GridTable;
import lunko.desktop.grid.RowNumberCell;
import lunko.engine.Outcome;
import lunko.engine.ResultCell;
import lunko.engine.ResultColumn;
import lunko.insight.Arrangement;
import lunko.query.Side;

/** The columns of the result that come from one side, under that side's table. */
final class ResultPart extends GridTable<ListedRow> {
    private final ShowModel model;
    private final Side side;
    private final ColumnWidths widths;
    private final ResultRows rows;
    private final Label placeholder = new Label();

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
        onFocusedRow(row -> {
            if (row < rows.size()) model.choose(rows.get(row).pointed());
        });
        placeholder.getStyleClass().add("no-columns");
        placeholder.setWrapText(true);
        setPlaceholder(placeholder);
        model.showing().subscribe((before, now) -> {
            if (!before.isOfSameJoin(now)) show(now);
        });
        model.arrangement().subscribe((_, _) -> show(model.showing().get()));
        show(model.showing().get());
    }

    private void show(Showing showing) {
        List<TableColumn<ListedRow, ?>> all = new ArrayList<>();
        TableColumn<ListedRow, Integer> numbers = GridTable.column();
        numbers.setPrefWidth(ColumnWidths.NUMBER_COLUMN);
        if (side == Side.LEFT) numbers.setCellFactory(_ -> new RowNumberCell<>(rows::before));
        all.add(numbers);
        showing.outcome().ifPresent(outcome -> model.arrangement().get().columns(outcome, side).forEach(column -> all.add(column(outcome, column))));
        boolean givesNone = showing.outcome().filter(outcome -> outcome.columns(side).isEmpty()).isPresent();
        if (givesNone) all.clear();
        getColumns().setAll(all);
        placeholder.setText(givesNone ? capital(showing.outcome().get().kind().withArticle()) + " gives no columns of " + showing.outcome().get().join().on(side).title() + "." : "");
    }

    private TableColumn<ListedRow, ResultCell> column(Outcome outcome, ResultColumn column) {
        String sign = model.arrangement().get().sorting().filter(sorting -> sorting.by().equals(column)).map(sorting -> sorting.descending() ? " ▼" : " ▲").orElse("");
        TableColumn<ListedRow, ResultCell> shown = new ValueColumn(outcome.qualifiedName(column) + sign, outcome.name(column) + sign, outcome.type(column),
                outcome.keys(side).contains(column.index()), column.index()).in(widths, row -> row.fate() == ListedRow.Fate.TO_COME ? null : row.of().cell(row.row(), column));
        Node heading = shown.getGraphic();
        heading.setOnMouseClicked(event -> {
            if (event.getButton() == MouseButton.PRIMARY) arrange(now -> now.sortingBy(column));
        });
        ContextMenu menu = new ContextMenu(item("Sort by " + outcome.name(column) + ", to look at", now -> now.sortingBy(column)),
                item("Hide " + outcome.name(column), now -> now.hiding(column)), item("Move to the left", now -> now.moving(outcome, column, true)),
                item("Move to the right", now -> now.moving(outcome, column, false)), item("As the join gives it", _ -> Arrangement.PLAIN));
        heading.setOnContextMenuRequested(event -> {
            menu.show(heading, event.getScreenX(), event.getScreenY());
            event.consume();
        });
        return shown;
    }

    private MenuItem item(String does, UnaryOperator<Arrangement> change) {
        MenuItem item = new MenuItem(does);
        item.setMnemonicParsing(false);
        item.setOnAction(_ -> arrange(change));
        return item;
    }

    private void arrange(UnaryOperator<Arrangement> change) {
        model.arrangement().set(change.apply(model.arrangement().get()));
    }
}
