package lunko.desktop.show.table;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.TableColumn;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.grid.GridTable;
import lunko.desktop.grid.ValueLabel;
import lunko.desktop.look.Hues;
import lunko.engine.ResultCell;

/**
 * The columns of a table of values. Each place has one column for ever, with all its cells, whatever it shows: to make
 * cells anew was a quarter of what going to another scene costs.
 */
public final class ValueColumns<R> {
    private final ColumnWidths widths;
    private final List<Place> places = new ArrayList<>();

    /** Columns as wide as their places among some widths. */
    public ValueColumns(ColumnWidths widths) {
        this.widths = widths;
    }

    /**
     * What a column shows.
     *
     * @param values what stands in it in a row; null where nothing does, as in a row that it knows nothing of
     */
    record Shown<R>(ColumnLook look, Function<R, ResultCell> values) {}

    /** The column of a place, counted from 0, as it is to be from now on. */
    public TableColumn<R, ResultCell> at(int index, ColumnLook look, Function<R, ResultCell> values) {
        while (places.size() <= index) places.add(new Place(places.size()));
        return places.get(index).showing(new Shown<>(look, values));
    }

    private final class Place {
        private final int index;
        private final TableColumn<R, ResultCell> column = GridTable.column();
        private final Label heading = new Label();
        private final ObjectProperty<Shown<R>> shown = new SimpleObjectProperty<>();

        Place(int index) {
            this.index = index;
            heading.getStyleClass().add("result-heading");
            heading.prefWidthProperty().bind(widths.inner(index));
            heading.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
            column.setGraphic(heading);
            widths.dress(column, index);
            widths.opens(heading, index);
            column.setCellValueFactory(
                    row -> new ReadOnlyObjectWrapper<>(shown.get().values().apply(row.getValue())));
            column.setCellFactory(_ -> new ValueCell<>(shown));
        }

        TableColumn<R, ResultCell> showing(Shown<R> now) {
            if (shown.get() == null || !shown.get().look().equals(now.look())) dress(now.look());
            shown.set(now);
            return column;
        }

        private void dress(ColumnLook look) {
            heading.textProperty().bind(widths.said(index, look.heading(), look.shorter()));
            heading.setAlignment(ValueLabel.alignment(look.type()));
            Hues.dress(column, look.hue());
        }
    }
}
