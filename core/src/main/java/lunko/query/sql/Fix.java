package lunko.query.sql;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import lunko.problem.Stretch;

/**
 * A statement's text with changes. One that changes something which stands nowhere in the text gives no text at all.
 */
public final class Fix {

    /** Some characters of the text, counted from 0, and what is written in their place. */
    private record Change(int start, int end, String with) {}

    private final String text;
    private final Stretch statement;
    private final Function<Object, Optional<Stretch>> spans;
    private final Optional<List<Change>> changes;

    private Fix(String text, Stretch statement, Function<Object, Optional<Stretch>> spans,
            Optional<List<Change>> changes) {
        this.text = text;
        this.statement = statement;
        this.spans = spans;
        this.changes = changes;
    }

    /** The statement that stands there in a text, without any change yet. */
    static Fix of(String text, Stretch statement, Function<Object, Optional<Stretch>> spans) {
        return new Fix(text, statement, spans, Optional.of(List.of()));
    }

    private Fix change(Optional<Change> change) {
        return new Fix(text, statement, spans, changes.flatMap(before -> change.map(one -> {
            List<Change> all = new ArrayList<>(before);
            all.add(one);
            return List.copyOf(all);
        })));
    }

    /** Writes something in the place of a part. */
    public Fix instead(Object part, String with) {
        return change(spans.apply(part).map(span -> new Change(span.start(), span.end(), with)));
    }

    /** Writes something directly before a part. */
    public Fix before(Object part, String added) {
        return change(spans.apply(part).map(span -> new Change(span.start(), span.start(), added)));
    }

    /** Writes something directly behind a part. */
    public Fix after(Object part, String added) {
        return change(spans.apply(part).map(span -> new Change(span.end(), span.end(), added)));
    }

    /** Takes out what stands behind one part, up to the end of another. */
    public Fix without(Object behind, Object upTo) {
        return change(spans.apply(behind).flatMap(from -> spans.apply(upTo).filter(to -> to.end() >= from.end())
                .map(to -> new Change(from.end(), to.end(), ""))));
    }

    /** Writes something in the place of what stands between two parts. */
    public Fix between(Object one, Object other, String with) {
        return change(spans.apply(one).flatMap(from -> spans.apply(other).filter(to -> to.start() >= from.end())
                .map(to -> new Change(from.end(), to.start(), with))));
    }

    /** The changed text, if it is one that can be read, or if reading comes farther than the changes. */
    public Optional<String> text() {
        return changes.filter(all -> {
            String mended = changed(all);
            OptionalInt stops = SqlParser.stops(mended);
            int last = all.stream().mapToInt(Change::end).max().orElse(0) - statement.start();
            int behind = mended.length() - (statement.end() - statement.start() - last);
            return stops.isEmpty() || stops.getAsInt() > behind;
        }).map(this::changed);
    }

    private String changed(List<Change> all) {
        StringBuilder mended = new StringBuilder(text.substring(0, statement.end()));
        // From the back, so that the places before stay where they are.
        all.stream().sorted(Comparator.comparingInt(Change::start).reversed())
                .forEach(change -> mended.replace(change.start(), change.end(), change.with()));
        return mended.substring(statement.start());
    }
}
