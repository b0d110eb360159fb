package lunko.lesson;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.engine.sql.Renaming;
import lunko.problem.Checked;
import lunko.problem.LessonFault;
import lunko.problem.Limits;
import lunko.table.Table;

/**
 * A table that is what a query gives, whatever stands in the tables that it reads (ISO/IEC 9075-2, view definition).
 * Views are equal that have the same name and query.
 */
public final class View {
    /** More pairs of rows than that would have to be looked at after each edit. */
    private static final double MOST_PAIRS = 1_000_000;

    private final String name;
    private final WrittenQuery query;
    private volatile Optional<Known> known = Optional.empty();

    /** What it gave last: asked about the same tables again, it need not be evaluated anew. */
    private record Known(List<Table> read, Checked<Table> table) {
        boolean isOf(List<Table> tables) {
            return read.size() == tables.size()
                    && IntStream.range(0, read.size()).allMatch(i -> read.get(i) == tables.get(i));
        }
    }

    /** The view of a query under a name. */
    public View(String name, WrittenQuery query) {
        this.name = name.strip();
        this.query = query.alone();
    }

    /** What it is called. */
    public String name() {
        return name;
    }

    /** What it gives. */
    public WrittenQuery query() {
        return query;
    }

    /** Its rows, where these are the tables; a problem where its query cannot run on them, or gives too much. */
    Checked<Table> on(List<Table> tables) {
        List<Table> read = query.named(tables);
        Optional<Known> same = known.filter(last -> last.isOf(read));
        if (same.isPresent()) return same.get().table;
        Checked<Table> found = evaluated(tables);
        known = Optional.of(new Known(read, found));
        return found;
    }

    private Checked<Table> evaluated(List<Table> tables) {
        if (query.pairs(tables) > MOST_PAIRS) return Checked.invalid(new LessonFault.ViewTooLarge(name));
        return query.on(tables).then(result -> {
            Table rows = ResultCopy.following(result, name);
            return Limits.fault(rows, Optional.empty()).<Checked<Table>>map(Checked::invalid)
                    .orElseGet(() -> Checked.valid(rows));
        });
    }

    /** The same view under another name. */
    View named(String other) {
        return new View(other, query);
    }

    /** The same view after a table or a column has got another name; {@code tables} are those before. */
    View renaming(Renaming renaming, List<Table> tables) {
        WrittenQuery renamed = query.renaming(renaming, tables);
        return renamed == query ? this : new View(name, renamed);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof View view && view.name.equals(name) && view.query.equals(query);
    }

    @Override
    public int hashCode() {
        return Objects.hash(name, query);
    }

    @Override
    public String toString() {
        return name + ": " + query;
    }
}
