package lunko.problem;

import java.util.List;
import java.util.Optional;

/**
 * Why something a person asked for cannot be done: what is wrong, where it went wrong, and what to write instead, where
 * that is known: each fix is the whole of what they wrote, mended.
 */
public record Problem(Optional<Place> place, Fault fault, List<String> fixes) {

    /** Keeps its fixes as they are. */
    public Problem {
        fixes = List.copyOf(fixes);
    }

    /** A problem that no file is to blame for. */
    public static Problem of(Fault fault) {
        return new Problem(Optional.empty(), fault, List.of());
    }

    /** A problem at a place in a file. */
    public static Problem at(Place place, Fault fault) {
        return new Problem(Optional.of(place), fault, List.of());
    }

    /** The same problem with fixes. */
    public Problem with(List<String> mended) {
        return new Problem(place, fault, mended);
    }
}
