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

    /** A cell with its two halves. */
    KindChartCell(KindChart.Cell cell, KindChart.Half left, KindChart.Half right) {
        getStyleClass().addAll("chart-cell", style(cell));
        setAccessibleRole(AccessibleRole.TEXT);
        setAccessibleText(words().kinds().cell(cell));
        getChildren().addAll(half("left", left), half("right", right));
    }

    private static Region half(String side, KindChart.Half half) {
        Region drawn = new Region();
        drawn.getStyleClass().addAll("chart-half", side, style(half));
        HBox.setHgrow(drawn, Priority.ALWAYS);
        return drawn;
    }

    private static String style(Enum<?> of) {
        return of.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
