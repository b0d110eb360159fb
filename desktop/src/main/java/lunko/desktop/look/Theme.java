package lunko.desktop.look;

import static lunko.desktop.words.Spoken.words;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.util.Locale;
import java.util.function.Function;
import lunko.desktop.words.WindowWords;

/** The colours of the screen. All have the same tokens (lunko.css), and the stylesheet names no colour beside them. */
public enum Theme {
    /** For a bright room. */
    LIGHT(WindowWords::light, false),
    /** For a dim room. */
    DARK(WindowWords::dark, true),
    /** Light, with as much contrast as there is. */
    LIGHT_CONTRAST(WindowWords::lightContrast, false),
    /** Dark, with as much contrast as there is. */
    DARK_CONTRAST(WindowWords::darkContrast, true);

    private final Function<WindowWords, String> title;
    private final boolean dark;

    Theme(Function<WindowWords, String> title, boolean dark) {
        this.title = title;
        this.dark = dark;
    }

    /** The theme in a menu: {@code Dark}. */
    public String title() {
        return title.apply(words().window());
    }

    /** The style class that the root has: {@code theme-dark}. */
    String styleClass() {
        return "theme-" + name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The stylesheet of the toolkit's own controls. */
    String controls() {
        return dark ? new PrimerDark().getUserAgentStylesheet() : new PrimerLight().getUserAgentStylesheet();
    }
}
