package lunko.desktop.look;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.util.Locale;

/** The colours of the screen. All have the same tokens (lunko.css), and the stylesheet names no colour beside them. */
public enum Theme {
    /** For a bright room. */
    LIGHT("Light", false),
    /** For a dim room. */
    DARK("Dark", true),
    /** Light, with as much contrast as there is. */
    LIGHT_CONTRAST("Light, high contrast", false),
    /** Dark, with as much contrast as there is. */
    DARK_CONTRAST("Dark, high contrast", true);

    private final String title;
    private final boolean dark;

    Theme(String title, boolean dark) {
        this.title = title;
        this.dark = dark;
    }

    /** The theme in a menu: {@code Dark}. */
    public String title() {
        return title;
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
