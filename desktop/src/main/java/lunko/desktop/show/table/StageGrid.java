package lunko.desktop.show.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TableColumn;
import javafx.scene.input.ContextMenuEvent;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.grid.GridTable;
import lunko.desktop.grid.RowNumberCell;
import lunko.desktop.look.Tip;
import lunko.engine.ResultCell;
import lunko.engine.Stage;
import lunko.insight.picture.TableHues;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Type;

/** The rows of a stage of the query, to be looked at. Its items are the numbers of the rows, from 0. */
public final class StageGrid extends GridTable<Integer> {
    private static final int ROWS_MEASURED = 100;
    private static final int MOST_BEFORE_MORE = 5;

    private final ColumnWidths widths;
    private final TableColumn<Integer, Integer> numbers = RowNumberCell.column(() -> 0);
    private final ValueColumns<Integer> values;
    private final String tip;
    private final Function<Stage.Heading, List<MenuItem>> menu;
    private final ReadOnlyObjectWrapper<Optional<Stage>> shown = new ReadOnlyObjectWrapper<>(Optional.empty());

    private List<Node> headings = List.of();

    /** A grid whose headings have a menu; {@code tip} says what can be done at them. */
    @SuppressWarnings("this-escape") // Only what the toolkit itself defines is called.
    public StageGrid(ColumnWidths widths, String tip, Function<Stage.Heading, List<MenuItem>> menu) {
        this.widths = widths;
        this.values = new ValueColumns<>(widths);
        this.tip = tip;
        this.menu = menu;
        getStyleClass().add("stage-grid");
    }

    /**
     * Shows a stage, its columns in the colours of their tables; some of them, counted from 0, are keys. One more
     * column may stand beside its own.
     */
    public void show(Stage stage, TableHues hues, Set<Integer> keys, Optional<TableColumn<Integer, String>> more) {
        List<String> names = stage.headings().stream().map(StageGrid::name).toList();
        List<Column> columns = stage.headings().stream()
                .map(heading -> new Column(heading.name(), heading.type().orElse(Type.TEXT))).toList();
        List<TableColumn<Integer, ?>> all = new ArrayList<>(List.of(numbers));
        for (int i = 0; i < names.size(); i++) {
            int column = i;
            TableColumn<Integer, ResultCell> shown = values.at(i,
                    new ColumnLook(names.get(i), names.get(i), columns.get(i).type(), keys.contains(i),
                            hues.of(stage, i)),
                    row -> row < stage.rows().size() ? ResultCell.of(stage, row, column) : null);
            shown.getGraphic().setOnContextMenuRequested(event -> open(stage.headings().get(column), event));
            Tip.on(shown.getGraphic(), names.get(i) + "\n" + tip);
            all.add(shown);
        }
        headings = all.subList(1, all.size()).stream().map(TableColumn::getGraphic).toList();
        // Many columns would push what is said of a row out of sight.
        more.ifPresent(column -> all.add(names.size() > MOST_BEFORE_MORE ? 1 : all.size(), column));
        showColumns(all);
        setItems(FXCollections.observableArrayList(IntStream.range(0, stage.rows().size()).boxed().toList()));
        shown.set(Optional.of(stage));
        List<Row> first =
                stage.rows().stream().limit(ROWS_MEASURED).map(row -> new Row(0, row, Map.of())).toList();
        widths.fit(IntStream.range(0, columns.size()).mapToObj(i -> ColumnWidths.Heading
                .named(new Column(names.get(i), columns.get(i).type()), keys.contains(i))).toList(), first);
    }

    /** The stage whose rows are shown. */
    public ReadOnlyObjectProperty<Optional<Stage>> shown() {
        return shown.getReadOnlyProperty();
    }

    /** What stands over the columns. */
    public List<Node> headings() {
        return headings;
    }

    private void open(Stage.Heading heading, ContextMenuEvent event) {
        List<MenuItem> items = menu.apply(heading);
        if (!items.isEmpty()) new ContextMenu(items.toArray(MenuItem[]::new)).show(getScene().getRoot(),
                event.getScreenX(), event.getScreenY());
        event.consume();
    }

    private static String name(Stage.Heading heading) {
        return heading.table().map(table -> table + "." + heading.name()).orElse(heading.name());
    }
}
