package lunko.table;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.stream.Stream;

/** Things of which some come several times, each once. */
public final class Once {
    private Once() {}

    /**
     * Each of these where it comes first. {@link Stream#distinct} behind {@code flatMap} forgets, where core is
     * compiled for a browser, what it has seen.
     */
    public static <T> List<T> each(Stream<T> things) {
        return List.copyOf(new LinkedHashSet<>(things.toList()));
    }
}
