package lunko.desktop.grid;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Scene;

/** The table that a person works on: the one that had the keyboard last, of those that are to be seen. */
public final class Hand {

    /** What belongs to a table, as its name and its buttons do: whoever works with it has that table in hand. */
    public interface Card {
        /** The table. */
        TableGrid grid();
    }

    private final List<TableGrid> grids = new ArrayList<>();
    private Optional<TableGrid> last = Optional.empty();

    /** Sees which table has the keyboard in a scene. */
    public void follow(Scene scene) {
        scene.focusOwnerProperty().subscribe(owner -> {
            for (Node at = owner; at != null; at = at.getParent()) {
                if (at instanceof TableGrid grid) last = Optional.of(grid);
                else if (at instanceof Card card) last = Optional.of(card.grid());
            }
        });
    }

    /** Takes notice of a table. */
    public void watch(TableGrid grid) {
        grids.add(grid);
    }

    /** Takes no notice of a table any more. */
    public void forget(TableGrid grid) {
        grids.remove(grid);
        last = last.filter(other -> other != grid);
    }

    /** The table in hand; before any had the keyboard, the first that is to be seen. */
    public Optional<TableGrid> grid() {
        return last.filter(TableGrid::isShown).or(() -> grids.stream().filter(TableGrid::isShown).findFirst());
    }
}
