package lunko.practice;

import java.util.List;
import lunko.query.JoinKind;

/** How much there is to think of in a task. */
public enum Difficulty {
    /** Inner and left joins of two tables. */
    EASY(List.of(JoinKind.INNER, JoinKind.LEFT_OUTER)),
    /** All outer joins too, columns chosen, and a filter. */
    MIDDLE(JoinKind.QUALIFIED),
    /** A table joined with itself, three tables in a chain, or a filter within the join. */
    HARD(JoinKind.QUALIFIED);

    private final List<JoinKind> kinds;

    Difficulty(List<JoinKind> kinds) {
        this.kinds = kinds;
    }

    /** The kinds of join that come in such tasks. */
    List<JoinKind> kinds() {
        return kinds;
    }
}
