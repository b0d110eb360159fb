package lunko.show;

import java.util.List;
import java.util.Optional;
import lunko.lesson.Diagnostic;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.WrittenQuery;
import lunko.problem.Checked;

/**
 * What a text comes to that somebody has typed. It is read and evaluated once, for what is shown and for what is said.
 *
 * @param typed the text, and where the lesson stood when it was asked
 * @param diagnostics what is wrong with it
 * @param after the history in which the lesson shows it, and what is to be seen then; nothing, if it cannot be shown
 * @param preview where a join lacks its condition, what it would make
 */
public record Followed(Typed typed, List<Diagnostic> diagnostics, Optional<After> after, Optional<Showing> preview) {

    /**
     * A text that has been typed, and what is shown meanwhile; {@code more} says that the last change of the history
     * was typing too.
     */
    public record Typed(WrittenQuery query, History history, Showing before, boolean more) {

        private Checked<History> written() {
            // Links and text follow each other when something is typed, and nothing has been.
            if (query.equals(history.lesson().staged().query())) return Checked.valid(history);
            SceneEdit.Write write = new SceneEdit.Write(Optional.of(query));
            return more ? history.continuedBy(write) : history.after(write);
        }
    }

    /** A history, and what its lesson shows. */
    public record After(History history, Showing showing) {}

    /** Finds out. */
    public static Followed of(Typed typed) {
        if (typed.query().sql().isBlank()) return new Followed(typed, List.of(), Optional.empty(), Optional.empty());
        return typed.written().either(written -> of(typed, written),
                _ -> new Followed(typed, List.of(), Optional.empty(), Optional.empty()));
    }

    private static Followed of(Typed typed, History written) {
        Showing shown = Showing.of(written.lesson(), typed.before().algorithm());
        if (shown.obstacle().isEmpty()) {
            return new Followed(typed, shown.diagnostics(),
                    Optional.of(new After(written, shown.following(typed.before()))), Optional.empty());
        }
        return new Followed(typed, shown.diagnostics(), Optional.empty(), preview(typed));
    }

    private static Optional<Showing> preview(Typed typed) {
        return typed.query().unconditioned()
                .flatMap(all -> new SceneEdit.Write(Optional.of(all)).applyTo(typed.history().lesson())
                        .either(Optional::of, _ -> Optional.<Lesson>empty()))
                .map(changed -> Showing.of(changed, typed.before().algorithm()))
                .filter(shown -> shown.obstacle().isEmpty());
    }
}
