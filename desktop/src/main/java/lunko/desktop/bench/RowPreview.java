package lunko.desktop.bench;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;

/** The first rows of a table that is not there yet. */
final class RowPreview extends VBox {
    private static final int MOST_COLUMNS = 7;
    private static final int LONGEST = 22;

    RowPreview(Table table, int mostShown) {
        getStyleClass().add("row-preview");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("recipe-grid");
        List<Column> columns = table.columns().subList(0, Math.min(MOST_COLUMNS, table.columns().size()));
        for (int column = 0; column < columns.size(); column++) {
            Label head = new Label(cut(columns.get(column).name()));
            head.getStyleClass().add("recipe-head");
            Label type = new Label(words().names().type(columns.get(column).type()));
            type.getStyleClass().add("column-type");
            grid.add(new VBox(head, type), column, 0);
            for (int row = 0; row < Math.min(mostShown, table.rows().size()); row++)
                grid.add(cell(table.rows().get(row), column), column, row + 1);
        }
        int more = table.rows().size() - mostShown;
        int wider = table.columns().size() - columns.size();
        Label rest = new Label(words().generating().moreRowsAndColumns(Math.max(0, more), Math.max(0, wider)));
        rest.getStyleClass().add("about");
        getChildren().setAll(grid, rest);
    }

    private static String cut(String text) {
        String line = text.replaceAll("\\R", " ");
        return line.length() <= LONGEST ? line : line.substring(0, LONGEST - 1) + "…";
    }

    private static Node cell(Row row, int column) {
        Label label = new Label(cut(row.entry(column).shown()));
        label.getStyleClass().add("recipe-cell");
        if (row.value(column).isNull()) label.getStyleClass().add("recipe-null");
        return label;
    }
}
