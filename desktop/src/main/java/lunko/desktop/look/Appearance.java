package lunko.desktop.look;

import java.io.IOException;
import java.io.Reader;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import javafx.application.Application;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Parent;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** How a person wants the screen to look: kept in a file, and used again the next day. */
public final class Appearance {
    private static final Logger LOG = LoggerFactory.getLogger(Appearance.class);
    private static final String THEME = "theme";
    private static final String STILL = "still";

    private final ObjectProperty<Theme> theme = new SimpleObjectProperty<>(Theme.LIGHT);
    private final BooleanProperty still = new SimpleBooleanProperty(false);

    /** The usual appearance, kept nowhere. */
    public Appearance() {}

    /**
     * The appearance that a file tells of; what is changed is written there. A file that tells nothing is no failure.
     */
    public static Appearance in(Path file) {
        Appearance appearance = new Appearance();
        appearance.read(file);
        appearance.theme.subscribe((_, _) -> appearance.write(file));
        appearance.still.subscribe((_, _) -> appearance.write(file));
        return appearance;
    }

    /** The colours. */
    public ObjectProperty<Theme> theme() {
        return theme;
    }

    /** Whether nothing flies over the screen: what comes, fades in where it is. */
    public BooleanProperty still() {
        return still;
    }

    /** Gives a view, and all in it, these colours, now and whenever they change. */
    public void dress(Parent root) {
        theme.subscribe(now -> {
            StyleClasses.choose(root, Arrays.stream(Theme.values()).map(Theme::styleClass).toList(),
                    List.of(now.styleClass()));
            Application.setUserAgentStylesheet(now.controls());
        });
    }

    private void read(Path file) {
        if (!Files.exists(file)) return;
        Properties properties = new Properties();
        try (Reader in = Files.newBufferedReader(file)) {
            properties.load(in);
        } catch (IOException | IllegalArgumentException unreadable) {
            LOG.warn("{} cannot be read", file, unreadable);
            return;
        }
        Optional<Theme> known = Arrays.stream(Theme.values())
                .filter(one -> one.name().equals(properties.getProperty(THEME))).findFirst();
        known.ifPresent(theme::set);
        still.set(Boolean.parseBoolean(properties.getProperty(STILL)));
    }

    private void write(Path file) {
        Properties properties = new Properties();
        properties.setProperty(THEME, theme.get().name());
        properties.setProperty(STILL, Boolean.toString(still.get()));
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            try (Writer out = Files.newBufferedWriter(file)) {
                properties.store(out, "Lunko");
            }
        } catch (IOException refused) {
            LOG.warn("{} cannot be written", file, refused);
        }
    }
}
