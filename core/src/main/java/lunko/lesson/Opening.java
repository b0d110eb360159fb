package lunko.lesson;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.insight.keys.KeyCheck;
import lunko.query.Side;
import lunko.table.Column;
import lunko.table.Table;

/** What a lesson begins with, and which two tables it shows while nobody has chosen any. */
final class Opening {
    private Opening() {}

    /**
     * The pair that is linked best: of those that are linked, or else of those that may belong together, the one most
     * of whose rows have a match. Nothing, if there are none.
     */
    static Optional<Link> of(Lesson lesson) {
        Optional<Link> linked = best(lesson, lesson.links());
        return linked.isPresent() ? linked : best(lesson, lesson.proposedLinks());
    }

    private static Optional<Link> best(Lesson lesson, List<Link> links) {
        return links.stream().filter(link -> !link.left().equals(link.right()))
                .max(Comparator.comparingDouble((Link link) -> matched(lesson, link))
                        // Of equal ones the first.
                        .thenComparing(links::indexOf, Comparator.reverseOrder()));
    }

    /** The share of the rows of both tables that have a match, from 0 to 1. */
    private static double matched(Lesson lesson, Link link) {
        Table left = lesson.table(link.left());
        Table right = lesson.table(link.right());
        KeyCheck check = KeyCheck.of(left, right, link.pairs());
        long all = (long) left.rows().size() + right.rows().size();
        long alone = Stream.of(Side.values()).map(check::keys)
                .mapToLong(keys -> (long) keys.aloneRows().size() + keys.withoutKey().size()).sum();
        return all == 0 ? 0 : (all - alone) / (double) all;
    }

    /** A table into which nobody has put anything yet: one column that has no name or type of its own. */
    static Table blank(String name) {
        return Table.empty(name, Column.open(ColumnEdit.UNNAMED + 1));
    }

    /** Whether a table is such a one. */
    static boolean isBlank(Table table) {
        return table.rows().isEmpty() && table.columns().equals(blank(table.name()).columns());
    }
}
