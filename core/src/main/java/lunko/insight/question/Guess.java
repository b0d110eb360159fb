package lunko.insight.question;

import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
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

    /** That these results are those of the queries, in their order; {@link #NONE} is none yet. */
    record Matched(List<Integer> results) implements Guess {
        /** No result yet. */
        public static final int NONE = -1;

        /** Keeps them as they are. */
        public Matched {
            results = List.copyOf(results);
        }

        /** None yet of so many queries. */
        public static Matched nothing(int queries) {
            return new Matched(Collections.nCopies(queries, NONE));
        }

        /** The same with the result of a query, which is that of no other then. */
        public Matched choosing(int query, int result) {
            return new Matched(IntStream.range(0, results.size())
                    .mapToObj(at -> at == query ? result : results.get(at) == result ? NONE : results.get(at))
                    .toList());
        }
    }

    /** What was typed for a value or in words. */
    record Typed(String text) implements Guess {}

    /** What was typed, the query that it makes, and what that gives, or why it cannot run. */
    record Written(String text, String sql, Checked<Stage> result) implements Guess {}

    /** That the tables are now as they should be. */
    record Changed() implements Guess {}
}
