package lunko.handout.drawing;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;

/** The typefaces of pictures, which come along. */
public enum Face {
    /** Ordinary words. */
    TEXT("Inter-Regular.ttf", Font.PLAIN),
    /** What they turn on. */
    STRONG("Inter-SemiBold.ttf", Font.PLAIN),
    /** Values and SQL. */
    CODE("/com/formdev/flatlaf/fonts/jetbrains_mono/JetBrainsMono-Regular.ttf", Font.PLAIN),
    /** The words of SQL. */
    CODE_STRONG("/com/formdev/flatlaf/fonts/jetbrains_mono/JetBrainsMono-Bold.ttf", Font.BOLD),
    /** NULL. */
    CODE_SLANTED("/com/formdev/flatlaf/fonts/jetbrains_mono/JetBrainsMono-Italic.ttf", Font.ITALIC);

    private final String file;
    private final Font font;
    private final int style;

    Face(String file, int style) {
        this.file = file;
        this.style = style;
        MachineFonts.prepare();
        try (InputStream bytes = open()) {
            this.font = Font.createFont(Font.TRUETYPE_FONT, bytes);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        } catch (FontFormatException broken) {
            throw new IllegalStateException(file, broken);
        }
    }

    /** The font, one point high. */
    public Font font() {
        return font;
    }

    /** What tells it from the other faces of its family: as in {@link Font#getStyle()}. */
    public int style() {
        return style;
    }

    /** The bytes of its file, in the format TrueType. */
    public InputStream open() {
        return Objects.requireNonNull(Face.class.getResourceAsStream(file), file);
    }
}
