package lunko.lesson;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * How the tables lie on the bench: where those stand that somebody has moved, and which are folded up. Tables go by
 * name.
 */
public record Layout(Map<String, Spot> spots, Set<String> folded) {
    /** Nothing has been moved or folded. */
    public static final Layout PLAIN = new Layout(Map.of(), Set.of());

    /** Keeps its parts as they are. */
    public Layout {
        spots = Map.copyOf(spots);
        folded = Set.copyOf(folded);
    }

    /** Where a table has been moved to, if it has been. */
    public Optional<Spot> spot(String table) {
        return Optional.ofNullable(spots.get(table));
    }

    /** Whether a table is folded up. */
    public boolean isFolded(String table) {
        return folded.contains(table);
    }

    /** The same layout with a table moved. */
    public Layout moving(String table, Spot to) {
        Map<String, Spot> changed = new HashMap<>(spots);
        changed.put(table, to);
        return new Layout(changed, folded);
    }

    /** The same layout with a table folded up, or not. */
    public Layout folding(String table, boolean up) {
        Set<String> changed = new TreeSet<>(folded);
        if (up) changed.add(table);
        else changed.remove(table);
        return new Layout(spots, changed);
    }

    /** The same layout without a table. */
    Layout without(String table) {
        Map<String, Spot> changed = new HashMap<>(spots);
        changed.remove(table);
        return new Layout(changed, folded).folding(table, false);
    }

    /** The same layout with a table under another name. */
    Layout renaming(String table, String to) {
        Layout changed = without(table).folding(to, isFolded(table));
        return spot(table).map(spot -> changed.moving(to, spot)).orElse(changed);
    }
}
