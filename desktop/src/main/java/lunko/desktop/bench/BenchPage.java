package lunko.desktop.bench;

import javafx.beans.value.ObservableDoubleValue;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.lesson.FileActions;
import org.kordamp.ikonli.feather.Feather;

/** The tables: the bench on which they are built, and what is known of their keys before they are joined. */
public final class BenchPage extends HBox {

    /** The page of a lesson, with a column on the right of a width in pixels. */
    public BenchPage(BenchModel model, BenchActions actions, FileActions files, ObservableDoubleValue sideWidth) {
        getStyleClass().add("middle");
        Bench bench = new Bench(model, actions);
        ScrollPane scroll = new ScrollPane(bench);
        scroll.getStyleClass().add("bench-scroll");
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.viewportBoundsProperty().subscribe(bounds -> bench.see(bounds.getHeight()));
        VBox.setVgrow(scroll, Priority.ALWAYS);
        Button rows = actions.makeRows().button(Feather.SHUFFLE);
        HBox tools = new HBox(actions.newTable().button(Feather.PLUS), files.bringIn().button(Feather.DOWNLOAD),
                actions.pasteTable().button(Feather.CLIPBOARD), rows);
        tools.getStyleClass().add("bench-tools");
        VBox building = new VBox(tools, scroll, new SituationBar(actions));
        building.getStyleClass().add("page-part");
        HBox.setHgrow(building, Priority.ALWAYS);
        KeyCheckCard check = new KeyCheckCard(model);
        check.prefWidthProperty().bind(sideWidth);
        check.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().addAll(building, check);
    }
}
