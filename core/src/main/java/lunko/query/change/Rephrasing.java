package lunko.query.change;

import java.util.List;
import java.util.Optional;
import lunko.query.JoinKind;

/**
 * A query written in another way: its text, or nothing where that is not possible.
 *
 * @param caveat what is to be known of it on this query, where there is something beside what is to be known of its
 * kind
 */
public record Rephrasing(RephrasingKind kind, Optional<String> text, Optional<Caveat> caveat) {

    /** What is to be known of a rephrasing of one query. */
    public sealed interface Caveat {

        /** NATURAL would match these columns too. */
        record MatchesMore(List<String> columns) implements Caveat {

            /** Keeps the names as they are. */
            public MatchesMore {
                columns = List.copyOf(columns);
            }
        }

        /** The comma form cannot keep unmatched rows, as this kind does: there is no text. */
        record CommaCannotKeep(JoinKind kind) implements Caveat {}
    }

    static Rephrasing of(RephrasingKind kind, String text) {
        return new Rephrasing(kind, Optional.of(text), Optional.empty());
    }

    static Rephrasing impossible(RephrasingKind kind, Caveat why) {
        return new Rephrasing(kind, Optional.empty(), Optional.of(why));
    }
}
