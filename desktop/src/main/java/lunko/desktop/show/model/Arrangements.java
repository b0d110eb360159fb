package lunko.desktop.show.model;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import lunko.insight.listing.Arrangement;
import lunko.show.Showing;

/** How results are looked at: the one at hand, and others by their columns, for when they are at hand again. */
final class Arrangements {
    private final ObjectProperty<Arrangement> now = new SimpleObjectProperty<>(Arrangement.PLAIN);
    private final Map<List<Object>, Arrangement> others = new HashMap<>();

    /** How the result at hand is looked at. */
    ObjectProperty<Arrangement> now() {
        return now;
    }

    /** Goes on to what is shown next, its result as it was looked at before. */
    void follow(Showing before, Showing next) {
        List<Object> was = columns(before);
        List<Object> is = columns(next);
        if (was.equals(is)) return;
        others.put(was, now.get());
        now.set(others.getOrDefault(is, Arrangement.PLAIN));
    }

    /** The names and columns of the result at hand. */
    private static List<Object> columns(Showing of) {
        return of.wholeAtHand().<List<Object>>map(result -> List.of(result.headings())).or(() -> of.outcome()
                .map(outcome -> List.of(outcome.join().left().headings(), outcome.join().right().headings())))
                .orElse(List.of());
    }
}
