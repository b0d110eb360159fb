package lunko.desktop.look;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URL;
import java.util.List;
import java.util.Objects;
import javafx.application.Application;
import javafx.scene.Parent;
import javafx.scene.text.Font;

/** Lunko's stylesheet and fonts, on top of the control theme. */
public final class Look {
    private static final String FONTS = "/com/formdev/flatlaf/fonts/";
    private static final List<String> FACES = List.of("inter/Inter-Regular.otf", "inter/Inter-SemiBold.otf",
            "inter/Inter-Bold.otf", "inter/Inter-Italic.otf", "jetbrains_mono/JetBrainsMono-Regular.ttf",
            "jetbrains_mono/JetBrainsMono-Bold.ttf", "jetbrains_mono/JetBrainsMono-BoldItalic.ttf");

    private Look() {}

    /** Makes fonts and theme known to the toolkit; to be called once, when it has started. */
    public static void install() {
        for (String face : FACES) {
            try (InputStream file = Objects.requireNonNull(Look.class.getResourceAsStream(FONTS + face), face)) {
                Font.loadFont(file, 13);
            } catch (IOException unreadable) {
                throw new UncheckedIOException(unreadable);
            }
        }
        Application.setUserAgentStylesheet(Theme.LIGHT.controls());
    }

    /** Gives a view, and all in it, Lunko's stylesheet. */
    public static void dress(Parent root) {
        URL sheet = Objects.requireNonNull(Look.class.getResource("/lunko/desktop/look/lunko.css"));
        root.getStylesheets().add(sheet.toExternalForm());
    }
}
