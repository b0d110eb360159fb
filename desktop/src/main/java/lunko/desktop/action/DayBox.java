package lunko.desktop.action;

import static lunko.desktop.words.Spoken.words;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.control.DatePicker;
import javafx.util.StringConverter;

/** A day that is typed as days are written in tables (ISO 8601), or chosen from a calendar. */
public final class DayBox extends DatePicker implements GuardedField {
    private static final double WIDTH = 150;

    private final ReadOnlyObjectWrapper<Optional<String>> refusal = new ReadOnlyObjectWrapper<>(Optional.empty());

    /** A field with a day to begin with. */
    public DayBox(LocalDate first) {
        super(first);
        setPrefWidth(WIDTH);
        setConverter(new StringConverter<>() {
            @Override
            public String toString(LocalDate day) {
                return day.toString();
            }

            @Override
            public LocalDate fromString(String text) {
                return read(text.strip());
            }
        });
        // It was chosen from the calendar.
        valueProperty().subscribe(() -> refusal.set(Optional.empty()));
    }

    private LocalDate read(String text) {
        try {
            LocalDate day = LocalDate.parse(text);
            refusal.set(Optional.empty());
            return day;
        } catch (DateTimeParseException notOne) {
            refusal.set(Optional.of(words().window().day(getValue())));
            return getValue();
        }
    }

    @Override
    public ReadOnlyObjectProperty<Optional<String>> refusal() {
        return refusal.getReadOnlyProperty();
    }
}
