package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.Locale;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import lunko.insight.picture.KindChart;

/** What a kind makes of a row: a half for each side, filled, hatched or empty; dashed where it is not repeated. */
final class KindChartCell extends HBox {
    private final Region left = half("left");
    private final Region right = half("right");

    /** A cell that shows nothing yet. */
    KindChartCell() {
        getStyleClass().addAll("chart-cell", style(KindChart.Cell.ABSENT));
        setAccessibleRole(AccessibleRole.TEXT);
        getChildren().addAll(left, right);
    }

    /** A cell with its two halves. */
    KindChartCell(KindChart.Cell cell, KindChart.Half left, KindChart.Half right) {
        this();
        show(cell, left, right);
    }

    /** Shows what a kind makes of another row. */
    void show(KindChart.Cell cell, KindChart.Half onLeft, KindChart.Half onRight) {
        restyle(this, style(cell));
        restyle(left, style(onLeft));
        restyle(right, style(onRight));
        setAccessibleText(words().kinds().cell(cell));
    }

    /** The last of the style classes says what it is; only another one is looked up again. */
    private static void restyle(Region node, String style) {
        int last = node.getStyleClass().size() - 1;
        if (!node.getStyleClass().get(last).equals(style)) node.getStyleClass().set(last, style);
    }

    private static Region half(String side) {
        Region drawn = new Region();
        drawn.getStyleClass().addAll("chart-half", side, style(KindChart.Half.NOTHING));
        HBox.setHgrow(drawn, Priority.ALWAYS);
        return drawn;
    }

    private static String style(Enum<?> of) {
        return of.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
