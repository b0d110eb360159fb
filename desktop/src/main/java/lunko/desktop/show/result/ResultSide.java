package lunko.desktop.show.result;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableDoubleValue;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.grid.GridTable;
import lunko.desktop.grid.RowNumberCell;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.table.ColumnLook;
import lunko.desktop.show.table.ValueColumns;
import lunko.engine.JoinResult;
import lunko.engine.ResultCell;
import lunko.engine.ResultColumn;
import lunko.engine.Stage;
import lunko.insight.listing.ResultListing;
import lunko.insight.picture.TableHue;
import lunko.insight.picture.TableHues;
import lunko.query.Side;
import lunko.show.Showing;

/** The columns of the result that come from one side, under that side's table. */
public final class ResultSide extends GridTable<ListedRow> {
    private final ShowModel model;
    private final Side side;
    private final TableColumn<ListedRow, Integer> numbers;
    private final ValueColumns<ListedRow> values;
    private final Label placeholder = new Label();
    private List<Look> looks = List.of();

    ResultSide(ShowModel model, Side side, ColumnWidths widths, ResultRows rows,
            ObservableDoubleValue arrival) {
        this.model = model;
        this.side = side;
        this.numbers = side == Side.LEFT ? RowNumberCell.column(rows::before) : blank();
        this.values = new ValueColumns<>(widths);
        getStyleClass().addAll("result-part", side.id());
        setId(side.id() + "-result");
        setItems(rows);
        setRowFactory(_ -> new ResultTableRow(model, rows, arrival));
        setAccessibleText(words().resultGrid().columnsFrom(side));
        onFocusedRow(row -> {
            if (row < rows.size()) model.pointing().choose(rows.get(row).pointed());
        });
        placeholder.getStyleClass().add("no-columns");
        placeholder.setWrapText(true);
        setPlaceholder(placeholder);
        model.staged().subscribe((before, now) -> {
            if (!before.isOfSameJoin(now)) show(now);
        });
        model.arrangement().subscribe((_, _) -> show(model.staged().get()));
        show(model.staged().get());
    }

    /** The rows have their numbers on the left alone. */
    private static TableColumn<ListedRow, Integer> blank() {
        TableColumn<ListedRow, Integer> column = GridTable.column();
        column.setPrefWidth(ColumnWidths.NUMBER_COLUMN);
        return column;
    }

    /** All that a column looks like. */
    private record Look(ResultColumn column, ColumnLook values) {}

    private void show(Showing showing) {
        boolean givesNone = showing.outcome().filter(outcome -> outcome.columns(side).isEmpty()).isPresent();
        placeholder.setText(givesNone ? words().resultGrid().givesNoColumns(showing.outcome().get().kind(),
                words().names().rows(showing.outcome().get().join().on(side).title())) : "");
        List<Look> wanted = showing.outcome().filter(_ -> !givesNone).map(this::looks).orElse(List.of());
        if (!getColumns().isEmpty() && !wanted.isEmpty() && wanted.equals(looks)) return;
        looks = wanted;
        List<TableColumn<ListedRow, ?>> all = new ArrayList<>();
        if (!givesNone) all.add(numbers);
        showing.outcome().ifPresent(outcome -> wanted.forEach(look -> all.add(column(outcome, look))));
        showColumns(all);
    }

    private List<Look> looks(JoinResult outcome) {
        return model.arrangement().get().columns(ResultListing.OfJoin.all(outcome), side).stream().map(column -> {
            String sign = ArrangedHeading.sign(model.arrangement().get(), column);
            return new Look(column, new ColumnLook(outcome.qualifiedName(column) + sign, outcome.name(column) + sign,
                    outcome.type(column), outcome.keys(side).contains(column.index()), hue(outcome, column)));
        }).toList();
    }

    /** Where a side is more than one table, each column has the colour of its own. */
    private Optional<TableHue> hue(JoinResult outcome, ResultColumn column) {
        Stage stage = outcome.join().on(side);
        TableHues hues = model.staged().get().hues();
        return hues.ofRows(stage) == TableHue.JOINED ? hues.of(stage, column.index()) : Optional.empty();
    }

    private TableColumn<ListedRow, ResultCell> column(JoinResult outcome, Look look) {
        ResultColumn column = look.column();
        return ArrangedHeading.on(values.at(column.index(), look.values(), row -> cell(row, column)), model,
                ResultListing.OfJoin.all(outcome), column, words().resultGrid().asJoinGives());
    }

    /** What stands in a column in a row; nothing where that is still to come, or the row is of a join without it. */
    private static ResultCell cell(ListedRow row, ResultColumn column) {
        boolean has = column.index() < row.of().join().on(column.side()).headings().size();
        return !has || row.fate() == ListedRow.Arrival.TO_COME ? null : row.of().cell(row.row(), column);
    }
}
