package lunko.desktop.look;

import java.util.List;
import javafx.css.Styleable;

/** Style classes of which a thing has only some at a time. */
public final class StyleClasses {
    private StyleClasses() {}

    /**
     * Lets a thing have some of several classes, and not the others. What it has already is left alone: it, and all
     * within it, would be styled anew.
     */
    public static void choose(Styleable thing, List<String> among, List<String> wanted) {
        List<String> has = among.stream().filter(thing.getStyleClass()::contains).toList();
        if (has.equals(wanted)) return;
        thing.getStyleClass().removeAll(has);
        thing.getStyleClass().addAll(wanted);
    }
}
