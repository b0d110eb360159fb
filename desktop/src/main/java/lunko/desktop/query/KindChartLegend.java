package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import lunko.insight.picture.KindChart.Cell;
import lunko.insight.picture.KindChart.Half;

/** What the cells of the chart of all kinds mean. */
final class KindChartLegend extends FlowPane {

    KindChartLegend() {
        getStyleClass().add("chart-legend");
        explain(Cell.BOTH, Half.ROW, Half.ROW);
        explain(Cell.KEPT, Half.ROW, Half.NULLS);
        explain(Cell.ALONE, Half.ROW, Half.NOTHING);
        explain(Cell.NOT_REPEATED, Half.NOTHING, Half.NOTHING);
    }

    private void explain(Cell cell, Half left, Half right) {
        HBox both = new HBox(new KindChartCell(cell, left, right), new Label(words().kinds().cell(cell)));
        both.getStyleClass().add("chart-legend-part");
        both.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(both);
    }
}
