package lunko.desktop.bench;

import java.util.function.Function;
import javafx.scene.layout.Region;

/** Where something that is asked is put over the page until it is answered. */
@FunctionalInterface
public interface Panes {
    /** Shows what is made from the thing to do when it is answered. */
    void show(Function<Runnable, Region> pane);
}
