package lunko.query.change;

import java.util.Optional;

/** A query said in another way: its text, or nothing where it cannot be said so; and what is to be known of that. */
public record Said(Saying saying, Optional<String> text, String about) {

    static Said of(Saying saying, String text) {
        return new Said(saying, Optional.of(text), saying.about());
    }

    static Said impossible(Saying saying, String why) {
        return new Said(saying, Optional.empty(), why);
    }
}
