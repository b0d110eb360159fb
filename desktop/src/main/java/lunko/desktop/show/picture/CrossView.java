package lunko.desktop.show.picture;

import static lunko.desktop.words.Spoken.words;

import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lunko.desktop.show.model.ShowModel;
import lunko.engine.Join;
import lunko.show.Showing;

/** What stands in the place of the circles for a cross join: why there are none, and the rectangle that it is. */
final class CrossView extends VBox {
    private final Label why = new Label();

    CrossView(ShowModel model) {
        getStyleClass().add("cross-view");
        why.getStyleClass().add("about");
        why.setWrapText(true);
        why.setMinHeight(USE_PREF_SIZE);
        PairGridView grid = new PairGridView(model);
        grid.visibleProperty().bind(visibleProperty());
        VBox.setVgrow(grid, Priority.ALWAYS);
        getChildren().addAll(why, grid);
        model.showing().subscribe(this::show);
    }

    private void show(Showing now) {
        now.outcome().ifPresent(outcome -> {
            Join join = outcome.join();
            why.setText(words().pictures().noCircles(words().names().rows(join.left().title()),
                    words().names().rows(join.right().title())));
        });
    }
}
