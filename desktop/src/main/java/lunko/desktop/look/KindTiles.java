package lunko.desktop.look;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import lunko.insight.picture.KindCount;
import lunko.phrase.Words;
import lunko.query.JoinKind;

/**
 * How many rows each kind of join gives on the tables at hand, and how the numbers come about; a click chooses the
 * kind.
 */
public final class KindTiles extends GridPane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final String UNKNOWN = "–";

    private final Map<JoinKind, Tile> tiles = new EnumMap<>(JoinKind.class);

    /** Tiles for all kinds; nothing is known yet. */
    public KindTiles(Consumer<JoinKind> choose) {
        getStyleClass().add("count-tiles");
        int half = (JoinKind.values().length + 1) / 2;
        for (JoinKind kind : JoinKind.values()) {
            Tile tile = new Tile(kind, choose);
            tiles.put(kind, tile);
            GridPane.setHgrow(tile, Priority.ALWAYS);
            add(tile, kind.ordinal() / half, kind.ordinal() % half);
        }
    }

    /** Shows counts, of which some may be missing, and the kind that is chosen. */
    public void show(List<KindCount> counts, JoinKind chosen) {
        tiles.forEach((kind, tile) -> tile.show(counts.stream().filter(count -> count.kind() == kind).findFirst(),
                kind == chosen));
    }

    private static final class Tile extends Button {
        private final JoinKind kind;
        private final Label rows = new Label(UNKNOWN);
        private final Label figures = new Label();

        Tile(JoinKind kind, Consumer<JoinKind> choose) {
            this.kind = kind;
            getStyleClass().add("count-tile");
            Label name = new Label(kind.title());
            name.getStyleClass().add("tile-name");
            name.setMinWidth(Region.USE_PREF_SIZE);
            rows.getStyleClass().add("tile-rows");
            rows.setMinWidth(Region.USE_PREF_SIZE);
            figures.getStyleClass().add("tile-figures");
            HBox line = new HBox(name, rows, figures);
            line.setAlignment(Pos.BASELINE_LEFT);
            line.getStyleClass().add("tile-line");
            setGraphic(line);
            setMaxWidth(Double.MAX_VALUE);
            setTooltip(new Tooltip());
            setOnAction(_ -> choose.accept(kind));
        }

        void show(Optional<KindCount> count, boolean chosen) {
            rows.setText(count.map(c -> Words.number(c.rows())).orElse(UNKNOWN));
            figures.setText(count.map(KindCount::figures).orElse(""));
            String said = kind.withArticle() + ": "
                    + count.map(c -> Words.rows(c.rows()) + ", " + c.arithmetic()).orElse("cannot run");
            getTooltip().setText(said);
            setAccessibleText(said);
            pseudoClassStateChanged(CHOSEN, chosen);
        }
    }
}
