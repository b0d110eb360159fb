package lunko.lesson;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lunko.problem.Limits;
import lunko.table.Block;
import lunko.table.Chance;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;

/**
 * How rows are made by chance for a table of a lesson: the same recipe makes the same rows again.
 *
 * @param rows how many, from 0 to {@value #MOST_ROWS}
 * @param withoutKey of a hundred rows, how many have NULL for their key
 * @param keys where the other keys come from
 * @param repeated whether a key is drawn again and again; if not, each is used once as far as they go
 * @param labels what texts are made of
 * @param amounts the range of numbers with a fraction
 * @param days the range of days
 * @param seed what the drawing of lots begins with
 */
public record Recipe(int rows, int withoutKey, Keys keys, boolean repeated, Labels labels, Amounts amounts, Days days,
        long seed) {
    /** The most rows that are made. */
    public static final int MOST_ROWS = Limits.ROWS;

    /** Where keys come from. */
    public sealed interface Keys {

        /**
         * From the other table.
         *
         * @param unmatched of a hundred rows, how many have a key that the other table has not
         */
        record OfOther(int unmatched) implements Keys {}

        /** From a range of whole numbers, the first and the last included. */
        record Range(long first, long last) implements Keys {

            /** A range is never empty. */
            public Range {
                last = Math.max(first, last);
            }
        }
    }

    /** Whole numbers between which amounts are drawn, in halves. */
    public record Amounts(int least, int most) {

        /** A range is never empty. */
        public Amounts {
            most = Math.max(least, most);
        }
    }

    /** Days between which days are drawn, both included. */
    public record Days(LocalDate first, LocalDate last) {

        /** A range is never empty. */
        public Days {
            if (last.isBefore(first)) last = first;
        }
    }

    /** A recipe as one would first try it. */
    public static Recipe usual(int rows) {
        return new Recipe(rows, 10, new Keys.OfOther(20), true, Labels.WORDS, new Amounts(1, 10),
                new Days(LocalDate.of(2026, 5, 1), LocalDate.of(2026, 8, 31)), 1);
    }

    /** What the texts of new rows are made of. */
    public enum Labels {
        /** The first letter of the table and a number: {@code h1}, {@code h2}. */
        NUMBERED,
        /** Words of the sample world. */
        WORDS;

        String of(Table table, int number) {
            String plain = table.name().isBlank() ? "r" : table.name().strip().substring(0, 1).toLowerCase(Locale.ROOT);
            if (this == NUMBERED) return plain + (number + 1);
            int round = number / SampleWords.PLANTS.size();
            return SampleWords.PLANTS.get(number % SampleWords.PLANTS.size()) + (round == 0 ? "" : " " + (round + 1));
        }
    }

    /** A recipe whose numbers are within their limits. */
    public Recipe {
        rows = Math.clamp(rows, 0, MOST_ROWS);
        withoutKey = Math.clamp(withoutKey, 0, 100);
        if (keys instanceof Keys.OfOther(int unmatched))
            keys = new Keys.OfOther(Math.clamp(unmatched, 0, 100 - withoutKey));
    }

    /**
     * A table of a lesson with rows made by this recipe in the place of its own. Its key is that of its link: in the
     * scene, or else the first.
     */
    public Table make(Lesson lesson, String name) {
        Table table = lesson.table(name);
        Scene scene = lesson.scene();
        Optional<Link> link = scene.right().equals(name) ? lesson.link(name, scene.left())
                : scene.left().equals(name) ? lesson.link(name, scene.right()) : Optional.empty();
        Optional<Link> meant = link.or(() -> lesson.links().stream().filter(each -> each.touches(name)).findFirst()
                .map(each -> each.left().equals(name) ? each : each.turned()))
                .filter(each -> !each.right().equals(name));
        Table made = make(table, meant.map(each -> new KeyDraw.Linked(each, lesson.table(each.right()), table)));
        Chance random = new Chance(seed + 1);
        for (Link other : lesson.links()) {
            boolean isOther = other.left().equals(name) && meant.filter(other::equals).isEmpty();
            if (isOther) made = pointing(made,
                    new KeyDraw.Linked(other, other.right().equals(name) ? made : lesson.table(other.right()), made),
                    random);
        }
        return made;
    }

    /** The same table, in which the columns of one more link have keys of the other table, whichever come. */
    private static Table pointing(Table table, KeyDraw.Linked linked, Chance random) {
        List<Row> there = linked.other().rows();
        boolean itself = linked.other() == table;
        // A key of its own is not given away.
        if (there.isEmpty() || linked.own().stream().anyMatch(column -> table.columns().get(column).key()))
            return table;
        List<List<Value>> drawn = new ArrayList<>();
        for (int row = 0; row < table.rows().size(); row++) {
            // No row points at itself, and the first of a table at none.
            Row from = there.get(random.below(itself ? Math.max(1, row) : there.size()));
            drawn.add(itself && row == 0 ? Collections.nCopies(linked.own().size(), Value.NULL)
                    : linked.key(table, from));
        }
        Table pointing = table;
        for (int i = 0; i < linked.own().size(); i++) {
            int at = i;
            pointing = pointing.changing(Block.column(table, linked.own().get(i)),
                    (row, _, _) -> Entry.of(drawn.get(row).get(at)));
        }
        return pointing;
    }

    private Table make(Table table, Optional<KeyDraw.Linked> linked) {
        Chance random = new Chance(seed);
        List<Integer> own = linked.map(KeyDraw.Linked::own).orElse(List.of());
        List<List<Value>> keyValues =
                linked.map(of -> new KeyDraw(this, table, of, random).keys()).orElse(List.of());
        List<Row> made = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            List<Value> values = new ArrayList<>();
            for (int column = 0; column < table.columns().size(); column++)
                values.add(value(table, column, row, random));
            for (int i = 0; i < own.size(); i++) values.set(own.get(i), keyValues.get(row).get(i));
            made.add(new Row(table.nextId() + row, values));
        }
        return new Table(table.name(), table.columns(), made, table.nextId() + rows);
    }

    /**
     * A value that is no key of the link: a key of the table itself and numbers of its first column count up, others
     * are drawn.
     */
    private Value value(Table table, int column, int row, Chance random) {
        boolean counts = column == 0 || table.columns().get(column).key();
        return switch (table.columns().get(column).type()) {
            case INTEGER -> Value.of(counts ? row + 1 : 1 + random.below(100));
            case DECIMAL -> new Value.DecimalValue(
                    BigDecimal.valueOf(5L * random.from(2 * amounts.least(), 2 * amounts.most()), 1));
            case TEXT -> Value.of(labels.of(table, row));
            case BOOLEAN -> new Value.BooleanValue(random.onceIn(2));
            case DATE -> new Value.DateValue(
                    days.first().plusDays(random.below(ChronoUnit.DAYS.between(days.first(), days.last()) + 1)));
        };
    }
}
