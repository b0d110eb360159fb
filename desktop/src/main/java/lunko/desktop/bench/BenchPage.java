package lunko.desktop.bench;

import javafx.application.Platform;
import javafx.beans.value.ObservableDoubleValue;
import javafx.geometry.Bounds;
import javafx.geometry.Orientation;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.grid.ScrollBars;
import lunko.desktop.lesson.FileActions;
import org.kordamp.ikonli.feather.Feather;

/** The tables: the bench on which they are built, and what is known of their keys before they are joined. */
public final class BenchPage extends HBox {
    /** What is left free under or beside a card that is scrolled to. */
    private static final double SPACE = 12;

    /** The page of a lesson, with a column on the right of a width in pixels. */
    public BenchPage(BenchModel model, BenchActions actions, FileActions files, ObservableDoubleValue sideWidth) {
        getStyleClass().add("middle");
        Bench bench = new Bench(model, actions);
        ScrollPane scroll = new ScrollPane(bench);
        scroll.getStyleClass().add("bench-scroll");
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.viewportBoundsProperty().subscribe(_ -> bench.see(view(scroll)));
        bench.onArrival(card -> reveal(scroll, bench, card));
        VBox.setVgrow(scroll, Priority.ALWAYS);
        Button rows = actions.makeRows().button(Feather.SHUFFLE);
        FlowPane tools = new FlowPane(actions.newTable().button(Feather.PLUS), files.bringIn().button(Feather.DOWNLOAD),
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

    /** What is to be seen at once where there is no scroll bar at the side. */
    private static Bench.View view(ScrollPane scroll) {
        double bar = ScrollBars.of(scroll, Orientation.VERTICAL).map(one -> one.prefWidth(-1)).orElse(0.0);
        double width = scroll.getWidth() - scroll.snappedLeftInset() - scroll.snappedRightInset();
        return new Bench.View(width, scroll.getViewportBounds().getHeight(), bar);
    }

    /** Scrolls as little as makes a card visible; where it is larger than the view, its top left corner. */
    private static void reveal(ScrollPane scroll, Region bench, Bounds card) {
        // The bench has its size only after this layout.
        Platform.runLater(() -> {
            Bounds view = scroll.getViewportBounds();
            scroll.setVvalue(revealed(scroll.getVvalue(), bench.getHeight(), view.getHeight(), card.getMinY(),
                    card.getMaxY()));
            scroll.setHvalue(revealed(scroll.getHvalue(), bench.getWidth(), view.getWidth(), card.getMinX(),
                    card.getMaxX()));
        });
    }

    private static double revealed(double now, double all, double view, double from, double to) {
        double hidden = all - view;
        if (hidden <= 0) return now;
        double offset = now * hidden;
        double shown = Math.min(Math.max(offset, to + SPACE - view), from);
        return Math.clamp(shown / hidden, 0, 1);
    }
}
