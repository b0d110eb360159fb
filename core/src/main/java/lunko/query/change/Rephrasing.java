package lunko.query.change;

import java.util.Optional;

/** A query said in another way: its text, or nothing where it cannot be said so; and what is to be known of that. */
public record Rephrasing(RephrasingKind saying, Optional<String> text, String about) {

    static Rephrasing of(RephrasingKind saying, String text) {
        return new Rephrasing(saying, Optional.of(text), saying.about());
    }

    static Rephrasing impossible(RephrasingKind saying, String why) {
        return new Rephrasing(saying, Optional.empty(), why);
    }
}
