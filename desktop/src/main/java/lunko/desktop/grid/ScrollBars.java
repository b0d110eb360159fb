package lunko.desktop.grid;

import java.util.Optional;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.ScrollBar;

/** The scroll bars that the toolkit has made for something. */
public final class ScrollBars {
    private ScrollBars() {}

    /** The scroll bar of a direction, seen or not; it is there once what it scrolls has been laid out. */
    public static Optional<ScrollBar> of(Node scrolled, Orientation direction) {
        return scrolled.lookupAll(".scroll-bar").stream()
                .filter(node -> node instanceof ScrollBar bar && bar.getOrientation() == direction)
                .map(ScrollBar.class::cast).findFirst();
    }
}
