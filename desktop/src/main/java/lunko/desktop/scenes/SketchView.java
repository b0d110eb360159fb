package lunko.desktop.scenes;

import java.util.Locale;
import java.util.stream.IntStream;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.look.Hues;
import lunko.insight.picture.ResultSketch;
import lunko.insight.picture.TableHue;

/** A result at a glance: a line for each row, with a bar for each table, filled, hatched or empty. */
final class SketchView extends VBox {

    /** The picture of a sketch. */
    SketchView(ResultSketch sketch) {
        getStyleClass().add("sketch");
        sketch.lines().forEach(line -> getChildren().add(new HBox(IntStream.range(0, line.size())
                .mapToObj(table -> bar(line.get(table), sketch.tables().get(table))).toArray(Region[]::new))));
        getChildren().forEach(line -> line.getStyleClass().add("sketch-line"));
    }

    private static Region bar(ResultSketch.Bar bar, TableHue hue) {
        Region drawn = new Region();
        drawn.getStyleClass().addAll("sketch-bar", bar.name().toLowerCase(Locale.ROOT), Hues.style(hue));
        HBox.setHgrow(drawn, Priority.ALWAYS);
        return drawn;
    }
}
