package lunko.desktop.show.picture;

import static lunko.desktop.words.Spoken.words;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lunko.desktop.look.KindTiles;
import lunko.desktop.show.model.ShowModel;
import lunko.show.Showing;

/** How many rows each kind of join gives on these tables; a click chooses the kind. */
public final class KindCounts extends VBox {

    /** The counts of all kinds for what a model shows. */
    public KindCounts(ShowModel model) {
        getStyleClass().addAll("card", "kind-counts");
        Label title = new Label(words().kinds().rowsByKind());
        title.getStyleClass().add("card-title");
        KindTiles tiles = new KindTiles(model::choose);
        setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(title, tiles);
        model.showing().subscribe((before, now) -> {
            if (!before.isOfSameJoin(now)) show(tiles, now);
        });
        show(tiles, model.showing().get());
    }

    private static void show(KindTiles tiles, Showing now) {
        tiles.show(now.counts(), now.kind());
    }
}
