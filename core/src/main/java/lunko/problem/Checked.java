package lunko.problem;

import java.util.function.Consumer;
import java.util.function.Function;

/** Either what was asked for, or the problem that stood in the way. */
public sealed interface Checked<T> {

    /** What was asked for. */
    record Valid<T>(T value) implements Checked<T> {}

    /** The problem that stood in the way. */
    record Invalid<T>(Problem problem) implements Checked<T> {}

    /** What was asked for is this value. */
    static <T> Checked<T> valid(T value) {
        return new Valid<>(value);
    }

    /** This problem stood in the way. */
    static <T> Checked<T> invalid(Problem problem) {
        return new Invalid<>(problem);
    }

    /** A problem without a place stood in the way. */
    static <T> Checked<T> invalid(Fault fault) {
        return new Invalid<>(Problem.of(fault));
    }

    /** The answer of one of two functions: of the first for a value, of the second for a problem. */
    default <R> R either(Function<? super T, ? extends R> ofValue, Function<Problem, ? extends R> ofProblem) {
        return switch (this) {
            case Valid<T>(T value) -> ofValue.apply(value);
            case Invalid<T>(Problem problem) -> ofProblem.apply(problem);
        };
    }

    /** The value, changed; a problem stays as it is. */
    default <R> Checked<R> map(Function<? super T, ? extends R> change) {
        return either(value -> valid(change.apply(value)), Checked::invalid);
    }

    /** The value, handed on to something that may fail in its turn. */
    default <R> Checked<R> then(Function<? super T, Checked<R>> next) {
        return either(next, Checked::invalid);
    }

    /** Hands the value or the problem to whom it concerns. */
    default void handle(Consumer<? super T> ofValue, Consumer<Problem> ofProblem) {
        switch (this) {
            case Valid<T>(T value) -> ofValue.accept(value);
            case Invalid<T>(Problem problem) -> ofProblem.accept(problem);
        }
    }

    /** The value, where a problem would be a defect of the program; throws IllegalStateException then. */
    default T expect() {
        return switch (this) {
            case Valid<T>(T value) -> value;
            case Invalid<T>(Problem problem) -> throw new IllegalStateException(problem.toString());
        };
    }
}
