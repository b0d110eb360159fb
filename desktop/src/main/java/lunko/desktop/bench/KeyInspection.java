package lunko.desktop.bench;

import static lunko.desktop.words.Spoken.words;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lunko.desktop.grid.RowSign;
import lunko.insight.keys.Cardinality;
import lunko.insight.keys.KeyCheck;
import lunko.insight.keys.KeyFaults;
import lunko.lesson.Lesson;
import lunko.lesson.Link;
import lunko.lesson.Scene;
import lunko.query.Side;
import lunko.table.Table;

/**
 * What is known about the keys of a lesson.
 *
 * @param check what can be said about the link at hand; nothing if its tables are not linked
 * @param many how many rows may match how many, for each link
 * @param proposed links that nobody has drawn, the likeliest first
 * @param signs of each table, by name, the rows of which there is something to be said, counted from 0
 * @param busy whether the lesson is still being looked at; meanwhile the rest is what was known before
 */
record KeyInspection(Lesson lesson, Optional<KeyCheck> check, Map<Link, Cardinality> many, List<Link> proposed,
        Map<String, Map<Integer, RowSign>> signs, boolean busy) {

    private static final int MOST_PROPOSED = 4;

    /** Nothing is known yet. */
    static KeyInspection before(Lesson lesson) {
        return new KeyInspection(lesson, Optional.empty(), Map.of(), List.of(), Map.of(), true);
    }

    /** What is found by looking. */
    static KeyInspection at(Lesson lesson) {
        Optional<KeyCheck> check = lesson.staged().on().isEmpty() ? Optional.empty()
                : Optional.of(KeyCheck.of(lesson.staged().left(), lesson.staged().right(), lesson.staged().on()));
        Map<Link, Cardinality> many = new HashMap<>();
        for (Link link : lesson.links())
            many.put(link, new Cardinality(many(lesson, link, Side.LEFT), many(lesson, link, Side.RIGHT)));
        Map<String, Map<Integer, RowSign>> signs = new HashMap<>();
        for (Table table : lesson.tables()) signs.put(table.name(), signs(table, lesson.scene(), check));
        return new KeyInspection(lesson, check, many, likeliest(lesson), signs, false);
    }

    private static List<Link> likeliest(Lesson lesson) {
        return lesson.proposedLinks().stream().limit(MOST_PROPOSED).toList();
    }

    private static boolean many(Lesson lesson, Link link, Side side) {
        Table table = lesson.table(link.on(side));
        List<Integer> columns = link.pairs().stream().map(pair -> table.column(pair.on(side)).orElseThrow()).toList();
        return !KeyFaults.tellRowsApart(table, columns);
    }

    /** That rows have no match or no key in the link at hand, or break what is meant to hold for the table itself. */
    private static Map<Integer, RowSign> signs(Table table, Scene scene, Optional<KeyCheck> check) {
        Map<Integer, RowSign> signs = new HashMap<>();
        for (Side side : Side.values()) {
            // A table that is joined with itself has the signs of its left rows.
            if (check.isEmpty() || !scene.on(side).equals(table.name()) || !signs.isEmpty()) continue;
            KeyCheck.Keys keys = check.get().keys(side);
            RowSign alone = new RowSign("○", words().links().noRowHasKey(scene.on(side.opposite())));
            RowSign none = new RowSign("∅", words().links().nullKey());
            keys.aloneRows().forEach(row -> signs.put(row, alone));
            keys.withoutKey().forEach(row -> signs.put(row, none));
        }
        KeyFaults faults = KeyFaults.of(table);
        RowSign twice = new RowSign("!", words().links().keyRepeats());
        faults.twice().forEach(row -> signs.put(row, twice));
        faults.missing().forEach((row, columns) -> signs.put(row,
                new RowSign("!", words().tables().notNull(table.columns().get(columns.getFirst()).name()))));
        return signs;
    }

    /** The same knowledge of a lesson that has changed since, as long as it is being looked at. */
    KeyInspection lookingAt(Lesson now, boolean sameLink) {
        return new KeyInspection(now, check.filter(_ -> sameLink), many, List.of(), signs, true);
    }

    /** The same knowledge of a lesson that has changed in nothing that matters to it. */
    KeyInspection of(Lesson now) {
        return new KeyInspection(now, check, many, proposed, signs, false);
    }
}
