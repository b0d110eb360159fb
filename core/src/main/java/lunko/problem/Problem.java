package lunko.problem;

import java.util.List;
import java.util.Optional;

/**
 * Why something a person asked for cannot be done: one sentence for them, where it went wrong, and what to write
 * instead, where that is known: each fix is the whole of what they wrote, mended.
 */
public record Problem(Optional<Place> place, String sentence, List<String> fixes) {

    /** Keeps its fixes as they are. */
    public Problem {
        fixes = List.copyOf(fixes);
    }

    /** A problem that no file is to blame for. */
    public static Problem of(String sentence) {
        return new Problem(Optional.empty(), sentence, List.of());
    }

    /** A problem at a place in a file. */
    public static Problem at(Place place, String sentence) {
        return new Problem(Optional.of(place), sentence, List.of());
    }

    /** The same problem with fixes. */
    public Problem with(List<String> mended) {
        return new Problem(place, sentence, mended);
    }

    /** The same problem in another sentence. */
    public Problem saying(String other) {
        return new Problem(place, other, fixes);
    }

    /** The sentence for the window, its place in words before it. */
    public String inWords() {
        return place.map(at -> at.inWords() + ": ").orElse("") + sentence;
    }

    /** The sentence for a terminal, its place before it as compilers write it. */
    public String inColons() {
        return place.map(at -> at.inColons() + ": ").orElse("") + sentence;
    }
}
