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
import lunko.desktop.show.table.ValueColumn;
import lunko.engine.JoinResult;
import lunko.engine.ResultCell;
import lunko.engine.ResultColumn;
import lunko.engine.Stage;
import lunko.insight.listing.ResultListing;
import lunko.insight.picture.TableHue;
import lunko.insight.picture.TableHues;
import lunko.query.Side;
import lunko.show.Showing;
import lunko.table.Type;

/** The columns of the result that come from one side, under that side's table. */
public final class ResultSide extends GridTable<ListedRow> {
    private final ShowModel model;
    private final Side side;
    private final ColumnWidths widths;
    private final ResultRows rows;
    private final Label placeholder = new Label();
    private List<Look> looks = List.of();

    ResultSide(ShowModel model, Side side, ColumnWidths widths, ResultRows rows,
            ObservableDoubleValue arrival) {
        this.model = model;
        this.side = side;
        this.widths = widths;
        this.rows = rows;
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

    /** All that a column looks like. */
    private record Look(ResultColumn column, String qualified, String name, Type type, boolean key,
            Optional<TableHue> hue) {}

    private void show(Showing showing) {
        boolean givesNone = showing.outcome().filter(outcome -> outcome.columns(side).isEmpty()).isPresent();
        placeholder.setText(givesNone ? words().resultGrid().givesNoColumns(showing.outcome().get().kind(),
                words().names().rows(showing.outcome().get().join().on(side).title())) : "");
        List<Look> wanted = showing.outcome().filter(_ -> !givesNone).map(this::looks).orElse(List.of());
        // Columns that look the same stay: to make them anew, with all their cells, is most of what another join costs.
        if (!getColumns().isEmpty() && !wanted.isEmpty() && wanted.equals(looks)) return;
        looks = wanted;
        List<TableColumn<ListedRow, ?>> all = new ArrayList<>();
        TableColumn<ListedRow, Integer> numbers = GridTable.column();
        numbers.setPrefWidth(ColumnWidths.NUMBER_COLUMN);
        if (side == Side.LEFT) numbers.setCellFactory(_ -> new RowNumberCell<>(rows::before));
        all.add(numbers);
        showing.outcome().ifPresent(outcome -> wanted.forEach(look -> all.add(column(outcome, look))));
        if (givesNone) all.clear();
        getColumns().setAll(all);
    }

    private List<Look> looks(JoinResult outcome) {
        return model.arrangement().get().columns(ResultListing.OfJoin.all(outcome), side).stream().map(column -> {
            String sign = ArrangedHeading.sign(model.arrangement().get(), column);
            return new Look(column, outcome.qualifiedName(column) + sign, outcome.name(column) + sign,
                    outcome.type(column), outcome.keys(side).contains(column.index()), hue(outcome, column));
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
        return ArrangedHeading.on(
                new ValueColumn(look.qualified(), look.name(), look.type(), look.key(), column.index(), look.hue())
                        .in(widths,
                                (ListedRow row) -> row.fate() == ListedRow.Arrival.TO_COME ? null
                                        : row.of().cell(row.row(), column)),
                model, ResultListing.OfJoin.all(outcome), column, words().resultGrid().asJoinGives());
    }
}
