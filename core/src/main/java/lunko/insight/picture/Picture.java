package lunko.insight.picture;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The pictures of a join, of which one is shown beside the stage. */
public enum Picture {
    /** Circles with the rows in them. */
    VENN,
    /** Left rows by right rows. */
    PAIRS;

    /** Its name in a file: {@code pairs}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The one of this name, if there is one. */
    public static Optional<Picture> named(String id) {
        return Stream.of(values()).filter(picture -> picture.id().equals(id)).findFirst();
    }
}
