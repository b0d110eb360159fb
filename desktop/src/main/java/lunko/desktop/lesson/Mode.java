package lunko.desktop.lesson;

import static lunko.desktop.words.Spoken.words;

import java.util.function.Function;
import lunko.desktop.words.WindowWords;

/** What the window is used for at the moment. */
public enum Mode {
    /** The scenes are put in order, and what is told with them is written. */
    SCENES(WindowWords::scenes, WindowWords::toScenes),
    /** Tables are built, and looked at before they are joined. */
    TABLES(WindowWords::tables, WindowWords::toTables),
    /** A join is shown step by step. */
    SHOW(WindowWords::show, WindowWords::toShow);

    private final Function<WindowWords, String> title;
    private final Function<WindowWords, String> way;

    Mode(Function<WindowWords, String> title, Function<WindowWords, String> way) {
        this.title = title;
        this.way = way;
    }

    /** The one after it, in a round. */
    public Mode next() {
        return values()[(ordinal() + 1) % values().length];
    }

    /** Going there, in a list of keys: {@code To the tables}. */
    public String way() {
        return way.apply(words().window());
    }

    /** The mode as its button calls it: {@code Tables}. */
    public String title() {
        return title.apply(words().window());
    }
}
