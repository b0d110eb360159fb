package lunko.desktop.lesson;

import static lunko.desktop.words.Spoken.words;

import java.util.function.Function;
import lunko.desktop.words.WindowWords;

/** What the window is used for at the moment. */
public enum Mode {
    /** Tables are built, and looked at before they are joined. */
    TABLES(WindowWords::tables),
    /** A join is shown step by step. */
    SHOW(WindowWords::show);

    private final Function<WindowWords, String> title;

    Mode(Function<WindowWords, String> title) {
        this.title = title;
    }

    /** The mode as its button calls it: {@code Tables}. */
    public String title() {
        return title.apply(words().window());
    }
}
