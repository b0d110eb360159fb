package lunko.desktop.show.lane;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.Group;

/** The lanes that are drawn in a gap. Only those that have changed are made anew. */
public final class LaneDrawing extends Group {
    private static final PseudoClass CROWDED = PseudoClass.getPseudoClass("crowded");
    private static final int MANY = 60;

    private List<LaneShape> drawn = List.of();

    /** A gap in which nothing is drawn yet. */
    public LaneDrawing() {
        setManaged(false);
        getStyleClass().add("met");
    }

    /** Draws these and nothing else. */
    public void show(List<LaneShape> lanes) {
        if (lanes.equals(drawn)) return;
        for (int i = 0; i < lanes.size(); i++) {
            if (i >= drawn.size()) getChildren().add(lanes.get(i).node());
            else if (!drawn.get(i).equals(lanes.get(i))) getChildren().set(i, lanes.get(i).node());
        }
        getChildren().remove(lanes.size(), getChildren().size());
        drawn = lanes;
        pseudoClassStateChanged(CROWDED, lanes.size() > MANY);
    }
}
