package lunko.query.change;

import java.util.Optional;

/** A query said in another way: its text, or nothing where it cannot be said so; and what is to be known of that. */
public record Rephrasing(RephrasingKind kind, Optional<String> text, String about) {

    static Rephrasing of(RephrasingKind kind, String text) {
        return new Rephrasing(kind, Optional.of(text), kind.about());
    }

    static Rephrasing impossible(RephrasingKind kind, String why) {
        return new Rephrasing(kind, Optional.empty(), why);
    }
}
