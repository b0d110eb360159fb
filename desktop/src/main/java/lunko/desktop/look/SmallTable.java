package lunko.desktop.look;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.function.BiFunction;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import lunko.engine.ResultCell;
import lunko.engine.Stage;
import lunko.table.Column;
import lunko.table.Table;

/** A few rows to be looked at, small enough to stand beside others. */
public final class SmallTable extends GridPane {
    private SmallTable(List<String> names, int rows, int most, BiFunction<Integer, Integer, ResultCell> cell) {
        getStyleClass().add("small-table");
        for (int column = 0; column < names.size(); column++)
            add(cell(names.get(column), "small-heading"), column, 0);
        for (int row = 0; row < Math.min(rows, most); row++) {
            for (int column = 0; column < names.size(); column++) {
                ResultCell value = cell.apply(row, column);
                add(cell(value.value().shown(),
                        value instanceof ResultCell.Padded ? "small-padded"
                                : value.value().isNull() ? "small-null" : "small-value"),
                        column, row + 1);
            }
        }
        String rest = words().sheets().restOfTable(rows, Math.min(rows, most));
        if (!rest.isEmpty())
            add(cell(rest, "small-rest"), 0, Math.min(rows, most) + 1, Math.max(1, names.size()), 1);
        setAccessibleText(words().counts().rows(rows));
        setMaxWidth(USE_PREF_SIZE);
    }

    /** The first rows of a table. */
    public static SmallTable of(Table table, int most) {
        return new SmallTable(table.columns().stream().map(Column::name).toList(), table.rows().size(), most,
                (row, column) -> new ResultCell.Stored(table.rows().get(row).value(column)));
    }

    /** The first rows of a result. */
    public static SmallTable of(Stage stage, int most) {
        return new SmallTable(stage.headings().stream().map(Stage.Heading::name).toList(), stage.rows().size(), most,
                (row, column) -> ResultCell.of(stage, row, column));
    }

    private static Region cell(String text, String styleClass) {
        Label label = new Label(text);
        label.getStyleClass().addAll("small-cell", styleClass);
        label.setMinWidth(Region.USE_PREF_SIZE);
        label.setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
        return label;
    }
}
