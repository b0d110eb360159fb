package lunko.desktop.show.result;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.grid.GridTable;
import lunko.desktop.grid.RowNumberCell;
import lunko.desktop.handout.PictureCopy;
import lunko.desktop.handout.PictureHandle;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.table.ColumnLook;
import lunko.desktop.show.table.ValueColumns;
import lunko.engine.ResultCell;
import lunko.engine.ResultColumn;
import lunko.engine.Stage;
import lunko.handout.figure.Motif;
import lunko.insight.comparison.Changes;
import lunko.insight.listing.Arrangement;
import lunko.insight.listing.ResultListing;
import lunko.query.Side;
import lunko.show.Showing;
import lunko.table.Column;
import lunko.table.Row;

/** What a query gives, as a whole: in the order it is looked at in, with what the last change has done to it. */
public final class QueryResult extends VBox {
    private static final int ROWS_MEASURED = 100;
    private static final double STATUS = 74;

    private final ShowModel model;
    private final ColumnWidths widths = ColumnWidths.folding();
    private final GridTable<QueryRow> grid = new GridTable<>();
    private final TableColumn<QueryRow, Integer> numbers = RowNumberCell.column(() -> 0);
    private final TableColumn<QueryRow, String> status = status();
    private final ValueColumns<QueryRow> values = new ValueColumns<>(widths);
    private final Label about = new Label();
    private boolean marks;
    /** What the columns have been made for. */
    private List<Object> made = List.of();

    /** The result of what a model shows, as a whole. */
    public QueryResult(ShowModel model, ResultActions actions) {
        this.model = model;
        getStyleClass().addAll("card", "table-card", "stage-card");
        Label title = new Label(words().resultGrid().result());
        title.getStyleClass().add("table-name");
        about.getStyleClass().add("about");
        about.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(about, Priority.ALWAYS);
        HBox head = new HBox(title, about, PictureHandle.of(new PictureCopy(model), () -> Motif.RESULT),
                actions.menu());
        head.getStyleClass().addAll("card-head", "result-head");
        head.setAlignment(Pos.CENTER_LEFT);
        grid.getStyleClass().addAll("stage-grid", "query-result");
        grid.setId("query-result");
        grid.widthProperty().subscribe(this::spread);
        grid.setRowFactory(_ -> new QueryTableRow(model));
        grid.onFocusedRow(row -> model.pointing().step(QueryTableRow.decided(model, grid.getItems().get(row))));
        VBox.setVgrow(grid, Priority.ALWAYS);
        getChildren().addAll(head, grid);
        model.showing().subscribe((before, now) -> {
            if (before.run() != now.run() || !before.part().equals(now.part())
                    || !before.resultChanges().equals(now.resultChanges()))
                show();
        });
        model.arrangement().subscribe((_, _) -> show());
        show();
    }

    /** The width at which nothing is cut. */
    public double wanted() {
        return widths.wanted() + (marks ? STATUS : 0);
    }

    private void spread() {
        widths.spreadOver(grid.getWidth() - (marks ? STATUS : 0));
    }

    private void show() {
        Showing now = model.showing().get();
        now.wholeAtHand().ifPresent(result -> show(result, now.resultChanges()));
    }

    private void show(Stage result, Optional<Changes<Stage, Integer>> changes) {
        Arrangement arrangement = model.arrangement().get();
        ResultListing listing = new ResultListing.OfQuery(result);
        int[] order = arrangement.order(listing);
        List<QueryRow> rows = new ArrayList<>();
        for (int i = 0; i < order.length; i++) {
            int row = order[i];
            boolean repeats = arrangement.grouped() && i > 0 && listing.left(row).isPresent()
                    && listing.left(order[i - 1]).equals(listing.left(row));
            rows.add(new QueryRow(result, row, false, changes.map(made -> made.of(row)), repeats));
        }
        changes.ifPresent(made -> made.removed()
                .forEach(row -> rows.add(new QueryRow(made.before(), row, true, Optional.empty(), false))));
        marks = changes.isPresent();
        List<Object> wanted = List.of(result.headings(), arrangement, marks, model.showing().get().hues());
        List<ResultColumn> columns = arrangement.columns(listing, Side.LEFT);
        List<String> names = columns.stream()
                .map(column -> listing.name(column) + ArrangedHeading.sign(arrangement, column)).toList();
        if (!wanted.equals(made)) make(result, listing, columns, names);
        made = wanted;
        measure(listing, columns, names);
        spread();
        grid.getItems().setAll(rows);
        String said = words().resultGrid().resultAbout(order.length, changes.map(made -> made.said(words())).orElse(""),
                arrangement.said(words()));
        about.setText(said);
        grid.setAccessibleText(words().resultGrid().resultSaid(said));
    }

    private void make(Stage result, ResultListing listing, List<ResultColumn> shown, List<String> names) {
        List<TableColumn<QueryRow, ?>> all = new ArrayList<>(List.of(numbers));
        if (marks) all.add(status);
        for (int i = 0; i < shown.size(); i++) {
            ResultColumn column = shown.get(i);
            all.add(ArrangedHeading.on(
                    values.at(i, new ColumnLook(names.get(i), names.get(i), listing.type(column), false,
                            model.showing().get().hues().of(result, column.index())), row -> cell(row, column)),
                    model, listing, column, words().resultGrid().asQueryGives()));
        }
        grid.showColumns(all);
    }

    /** What stands in a column in a row; nothing where the row is of a query without it. */
    private static ResultCell cell(QueryRow row, ResultColumn column) {
        return column.index() < row.of().headings().size() ? ResultCell.of(row.of(), row.row(), column.index()) : null;
    }

    /** Columns are as wide as what stands in them now, also where they have not been made anew. */
    private void measure(ResultListing listing, List<ResultColumn> shown, List<String> names) {
        List<Row> first = IntStream.range(0, Math.min(ROWS_MEASURED, listing.size()))
                .mapToObj(
                        row -> new Row(0, shown.stream().map(column -> listing.value(row, column)).toList(), Map.of()))
                .toList();
        widths.fit(IntStream.range(0, shown.size()).mapToObj(i -> ColumnWidths.Heading
                .named(new Column(names.get(i), listing.type(shown.get(i))), false)).toList(), first);
    }

    /** A column that says in a word what the last change has done to a row. */
    private static TableColumn<QueryRow, String> status() {
        TableColumn<QueryRow, String> column = GridTable.column();
        column.setPrefWidth(STATUS);
        column.setCellValueFactory(row -> new ReadOnlyStringWrapper(
                row.getValue().removed() ? words().resultGrid().removed()
                        : row.getValue().status().map(status -> status.said(words())).orElse("")));
        column.setCellFactory(_ -> new TableCell<>() {
            {
                getStyleClass().add("status-cell");
            }

            @Override
            protected void updateItem(String said, boolean empty) {
                super.updateItem(said, empty);
                setText(empty ? "" : said);
            }
        });
        return column;
    }
}
