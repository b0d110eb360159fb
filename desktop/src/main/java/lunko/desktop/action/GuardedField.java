package lunko.desktop.action;

import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;

/**
 * A field in which something may be typed that it cannot take. That stays there to be mended; the value of the field,
 * which always has one, is the last that it could take.
 */
public interface GuardedField {

    /** What is to be typed in place of what stands there and could not be taken; empty where all is well. */
    ReadOnlyObjectProperty<Optional<String>> refusal();

    /** Takes what stands there, if it can, as it does when the keyboard leaves it. */
    void commitValue();
}
