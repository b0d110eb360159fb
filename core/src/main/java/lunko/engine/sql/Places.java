package lunko.engine.sql;

import java.util.Optional;
import java.util.function.Function;
import lunko.problem.Place;
import lunko.problem.Problem;

/** Where the parts of the statement at hand stand in its text. */
record Places(Function<Object, Optional<Place>> of) {

    /** A problem with a part of the statement, to be thrown. */
    Refusal refusal(Object part, String sentence) {
        return new Refusal(of.apply(part).map(place -> Problem.at(place, sentence)).orElseGet(() -> Problem.of(sentence)));
    }
}
