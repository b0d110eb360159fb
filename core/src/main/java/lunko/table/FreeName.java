package lunko.table;

import java.util.function.Predicate;
import java.util.stream.Stream;

/** A name that nothing else has. */
public final class FreeName {

    private FreeName() {}

    /** The name, or the name with the first number behind it, from 2 on, that is not taken: {@code hives_2}. */
    public static String of(String name, String before, Predicate<String> isTaken) {
        return Stream.iterate(1, number -> number + 1).map(number -> number == 1 ? name : name + before + number)
                .filter(isTaken.negate()).findFirst().orElseThrow();
    }
}
