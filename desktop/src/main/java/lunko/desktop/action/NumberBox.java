package lunko.desktop.action;

import static lunko.desktop.words.Spoken.words;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.control.Spinner;
import javafx.scene.control.SpinnerValueFactory;
import javafx.util.StringConverter;

/** A number that is typed or stepped through. */
public final class NumberBox<N extends Number> extends Spinner<N> implements GuardedField {
    private static final double WIDTH = 110;

    private final ReadOnlyObjectWrapper<Optional<String>> refusal = new ReadOnlyObjectWrapper<>(Optional.empty());

    private NumberBox(SpinnerValueFactory<N> numbers, Function<String, Optional<N>> read, Supplier<String> rule) {
        numbers.setConverter(new StringConverter<>() {
            @Override
            public String toString(N number) {
                // The toolkit would take the digits and signs of the machine's country.
                return shortly(number).toPlainString();
            }

            @Override
            public N fromString(String text) {
                Optional<N> typed = read.apply(text.strip());
                refusal.set(typed.isPresent() ? Optional.empty() : Optional.of(rule.get()));
                return typed.orElseGet(numbers::getValue);
            }
        });
        setValueFactory(numbers);
        setEditable(true);
        setPrefWidth(WIDTH);
        // It was stepped on.
        valueProperty().subscribe(() -> refusal.set(Optional.empty()));
    }

    /** A whole number from {@code least} to {@code most}, {@code first} to begin with. */
    public static NumberBox<Integer> whole(int least, int most, int first, int step) {
        return new NumberBox<>(new SpinnerValueFactory.IntegerSpinnerValueFactory(least, most, first, step),
                text -> number(text, Integer::valueOf).filter(number -> number >= least && number <= most),
                () -> words().window().wholeNumber(least, most));
    }

    /** The same, stepped through one by one. */
    public static NumberBox<Integer> whole(int least, int most, int first) {
        return whole(least, most, first, 1);
    }

    /** A number from {@code least} to {@code most}, {@code first} to begin with; its point may be a comma. */
    public static NumberBox<Double> decimal(double least, double most, double first, double step) {
        return new NumberBox<>(new SpinnerValueFactory.DoubleSpinnerValueFactory(least, most, first, step),
                text -> number(text.replace(',', '.'), Double::valueOf)
                        .filter(number -> number >= least && number <= most),
                () -> words().window().decimalNumber(shortly(least), shortly(most)));
    }

    private static BigDecimal shortly(Number number) {
        return new BigDecimal(number.toString()).stripTrailingZeros();
    }

    private static <N> Optional<N> number(String text, Function<String, N> read) {
        try {
            return Optional.of(read.apply(text));
        } catch (NumberFormatException notOne) {
            return Optional.empty();
        }
    }

    @Override
    public ReadOnlyObjectProperty<Optional<String>> refusal() {
        return refusal.getReadOnlyProperty();
    }
}
