package lunko.engine.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lunko.problem.Place;
import lunko.problem.Problem;

/** Where the parts of the statement at hand stand in its text, and what is to be said about them. */
final class Places {
    private final Function<Object, Optional<Place>> of;
    private final List<Problem> notes = new ArrayList<>();

    Places(Function<Object, Optional<Place>> of) {
        this.of = of;
    }

    /** A problem with a part of the statement, to be thrown. */
    Refusal refusal(Object part, String sentence) {
        return new Refusal(at(part, sentence));
    }

    /** Notes what is allowed and yet surely not meant. */
    void note(Object part, String sentence) {
        Problem note = at(part, sentence);
        if (!notes.contains(note)) notes.add(note);
    }

    List<Problem> notes() {
        return List.copyOf(notes);
    }

    private Problem at(Object part, String sentence) {
        return of.apply(part).map(place -> Problem.at(place, sentence)).orElseGet(() -> Problem.of(sentence));
    }
}
