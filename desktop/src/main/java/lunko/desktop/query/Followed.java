package lunko.desktop.query;

import java.util.List;
import java.util.Optional;
import lunko.desktop.show.Showing;
import lunko.insight.StageWords;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.Trouble;
import lunko.lesson.WrittenQuery;
import lunko.problem.Checked;
import lunko.steps.Way;

/**
 * What a text comes to that somebody has typed.
 *
 * @param typed the text, and where the lesson stood when it was asked
 * @param troubles what is wrong with it
 * @param after the history in which the lesson shows it, and what is to be seen then; nothing, if it cannot be shown
 * @param preview where a join lacks its condition, what it would make
 */
record Followed(Typed typed, List<Trouble> troubles, Optional<After> after, Optional<Showing> preview) {

    /**
     * A text that has been typed, and what is shown meanwhile; {@code more} says that the last change of the history
     * was typing too.
     */
    record Typed(WrittenQuery query, History history, Showing before, boolean more) {

        private Way way() {
            return before.way();
        }
    }

    /** A history, what its lesson shows, and which words of the text that comes from. */
    record After(History history, Showing showing, Optional<StageWords> words) {}

    private static After after(History history, Showing showing) {
        return new After(history, showing, words(showing));
    }

    /** The words of the text that the stages of a showing come from; nothing, where there are no stages. */
    static Optional<StageWords> words(Showing showing) {
        return showing.timeline()
                .flatMap(timeline -> showing.lesson().text().read().either(
                        read -> Optional.of(StageWords.of(read.script(), read.query(), timeline)),
                        _ -> Optional.empty()));
    }

    /** Finds out. */
    static Followed of(Typed typed) {
        Lesson lesson = typed.history().lesson();
        List<Trouble> troubles = Trouble.in(typed.query().sql(), lesson.tables());
        SceneEdit.Write write = new SceneEdit.Write(Optional.of(typed.query()));
        Checked<History> history = typed.more() ? typed.history().continuedBy(write) : typed.history().after(write);
        Optional<After> after = typed.query().sql().isBlank() ? Optional.empty() : history
                .either(Optional::of, _ -> Optional.<History>empty())
                .map(changed -> after(changed, Showing.of(changed.lesson(), typed.way()).following(typed.before())))
                .filter(shown -> shown.showing().obstacle().isEmpty());
        Optional<Showing> preview = after.isPresent() ? Optional.empty() : typed.query().unconditioned()
                .flatMap(all -> new SceneEdit.Write(Optional.of(all)).applyTo(lesson).either(Optional::of,
                        _ -> Optional.<Lesson>empty()))
                .map(changed -> Showing.of(changed, typed.way())).filter(shown -> shown.obstacle().isEmpty());
        return new Followed(typed, troubles, after, preview);
    }
}
