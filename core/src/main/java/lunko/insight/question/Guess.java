package lunko.insight.question;

import java.util.HashSet;
import java.util.Set;
import lunko.engine.Stage;
import lunko.insight.picture.Lineage.Pointed;
import lunko.problem.Checked;
import lunko.query.JoinKind;

/** What somebody thinks the answer is. */
public sealed interface Guess {

    /** So many rows. */
    record Number(long rows) implements Guess {}

    /** These rows, or these pairs of rows. */
    record Marked(Set<Pointed> marked) implements Guess {
        /** Nothing is marked yet. */
        public static final Marked NOTHING = new Marked(Set.of());

        /** Keeps what is marked as it is. */
        public Marked {
            marked = Set.copyOf(marked);
        }

        /** The same with one more marked, or one less. */
        public Marked toggling(Pointed pointed) {
            Set<Pointed> changed = new HashSet<>(marked);
            if (!changed.remove(pointed)) changed.add(pointed);
            return new Marked(changed);
        }
    }

    /** This kind. */
    record Kind(JoinKind kind) implements Guess {}

    /** What was typed for a value or in words. */
    record Typed(String text) implements Guess {}

    /** What was typed, the query that it makes, and what that gives, or why it cannot run. */
    record Written(String text, String sql, Checked<Stage> result) implements Guess {}

    /** That the tables are now as they should be. */
    record Changed() implements Guess {}
}
