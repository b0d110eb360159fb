package lunko.problem;

import java.util.Optional;

/** Why something a person asked for cannot be done: one sentence for them, and where it went wrong. */
public record Problem(Optional<Place> place, String sentence) {

    /** A problem that no file is to blame for. */
    public static Problem of(String sentence) {
        return new Problem(Optional.empty(), sentence);
    }

    /** A problem at a place in a file. */
    public static Problem at(Place place, String sentence) {
        return new Problem(Optional.of(place), sentence);
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
