package lunko.lesson;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import lunko.engine.ValueOrder;
import lunko.table.Block;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
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
    public static final int MOST_ROWS = 10_000;

    /** Where keys come from. */
    public sealed interface Keys {

        /**
         * From the other table.
         *
         * @param partnerless of a hundred rows, how many have a key that the other table has not
         */
        record OfOther(int partnerless) implements Keys {}

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
        NUMBERED("h1, h2, h3 …"),
        /** Words of the sample world. */
        WORDS("words");

        private final String title;

        Labels(String title) {
            this.title = title;
        }

        /** The choice in words. */
        public String title() {
            return title;
        }

        private String of(Table table, int number) {
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
        if (keys instanceof Keys.OfOther(int partnerless))
            keys = new Keys.OfOther(Math.clamp(partnerless, 0, 100 - withoutKey));
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
        Table made = make(table, meant.map(each -> new Partner(each, lesson.table(each.right()), table)));
        Random random = new Random(seed + 1);
        for (Link other : lesson.links()) {
            boolean isOther = other.left().equals(name) && meant.filter(other::equals).isEmpty();
            if (isOther) made = pointing(made,
                    new Partner(other, other.right().equals(name) ? made : lesson.table(other.right()), made), random);
        }
        return made;
    }

    /** The same table, in which the columns of one more link have keys of the other table, whichever come. */
    private static Table pointing(Table table, Partner partner, Random random) {
        List<Row> there = partner.other().rows();
        boolean itself = partner.other() == table;
        // A key of its own is not given away.
        if (there.isEmpty() || partner.own().stream().anyMatch(column -> table.columns().get(column).key()))
            return table;
        List<List<Value>> drawn = new ArrayList<>();
        for (int row = 0; row < table.rows().size(); row++) {
            // No row points at itself, and the first of a table at none.
            Row from = there.get(random.nextInt(itself ? Math.max(1, row) : there.size()));
            drawn.add(itself && row == 0 ? Collections.nCopies(partner.own().size(), Value.NULL)
                    : fitting(table, partner.own(), values(from, partner.others())));
        }
        Table pointing = table;
        for (int i = 0; i < partner.own().size(); i++) {
            int at = i;
            pointing = pointing.changing(Block.column(table, partner.own().get(i)),
                    (row, _, _) -> Entry.of(drawn.get(row).get(at)));
        }
        return pointing;
    }

    /** The other table of a link, and the columns of both, by place, whose values are the keys. */
    private record Partner(Table other, List<Integer> own, List<Integer> others) {
        Partner(Link link, Table other, Table table) {
            this(other, link.pairs().stream().map(pair -> table.column(pair.left()).orElseThrow()).toList(),
                    link.pairs().stream().map(pair -> other.column(pair.right()).orElseThrow()).toList());
        }
    }

    private Table make(Table table, Optional<Partner> partner) {
        Random random = new Random(seed);
        List<List<Value>> keyValues =
                partner.map(of -> keys(table, of.other(), of.own(), of.others(), random)).orElse(List.of());
        List<Integer> own = partner.map(Partner::own).orElse(List.of());
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

    /** The keys of all rows, in an order of chance. */
    private List<List<Value>> keys(Table table, Table other, List<Integer> own, List<Integer> others, Random random) {
        int nulls = Math.round(rows * withoutKey / 100f);
        List<List<Value>> drawn =
                new ArrayList<>(Collections.nCopies(nulls, Collections.nCopies(own.size(), Value.NULL)));
        switch (keys) {
            case Keys.OfOther(int partnerless) -> ofOther(table, other, own, others, partnerless, random, drawn);
            case Keys.Range(long first, long last) -> ofRange(table, own, first, last, random, drawn);
        }
        Collections.shuffle(drawn, random);
        return drawn;
    }

    private void ofOther(Table table, Table other, List<Integer> own, List<Integer> others, int partnerless,
            Random random, List<List<Value>> drawn) {
        List<List<Value>> there =
                new ArrayList<>(new LinkedHashSet<>(other.rows().stream().map(row -> values(row, others))
                        .filter(key -> key.stream().noneMatch(Value::isNull)).toList()));
        Collections.shuffle(there, random);
        int left = rows - drawn.size();
        int alone = there.isEmpty() ? left : Math.min(left, Math.round(rows * partnerless / 100f));
        Set<Object> taken = new HashSet<>();
        there.forEach(key -> taken.add(ValueOrder.identity(key)));
        int meeting = left - alone;
        for (int i = 0; i < meeting; i++) {
            if (repeated) drawn.add(fitting(table, own, there.get(random.nextInt(there.size()))));
            else if (i < there.size()) drawn.add(fitting(table, own, there.get(i)));
            else alone++;
        }
        for (int number = 1; alone > 0; number++) {
            List<Value> key = fresh(table, own, number);
            if (!taken.add(ValueOrder.identity(key))
                    && own.stream().noneMatch(column -> isSmall(table.columns().get(column))))
                continue;
            drawn.add(key);
            alone--;
        }
    }

    /**
     * Keys that are used once go on behind the last of the range when it is used up, so that there are as many rows as
     * were asked for.
     */
    private void ofRange(Table table, List<Integer> own, long first, long last, Random random,
            List<List<Value>> drawn) {
        int left = rows - drawn.size();
        if (repeated) {
            for (int i = 0; i < left; i++) drawn.add(numbered(table, own, random.nextLong(first, last + 1)));
            return;
        }
        List<Long> numbers = new ArrayList<>(LongStream.range(first, Math.max(last + 1, first + left))
                .limit(Math.max(left, MOST_ROWS)).boxed().toList());
        Collections.shuffle(numbers.subList(0, (int) Math.min(last + 1 - first, numbers.size())), random);
        for (int i = 0; i < left; i++) drawn.add(numbered(table, own, numbers.get(i)));
    }

    private List<Value> numbered(Table table, List<Integer> own, long number) {
        return own.stream()
                .map(column -> table.columns().get(column).type() == Type.TEXT ? Value.of(Long.toString(number))
                        : ofNumber(table.columns().get(column).type(), number))
                .toList();
    }

    private Value ofNumber(Type type, long number) {
        return switch (type) {
            case INTEGER -> Value.of(number);
            case DECIMAL -> new Value.DecimalValue(BigDecimal.valueOf(number));
            case TEXT -> throw new IllegalStateException("a text is no number");
            case BOOLEAN -> new Value.BooleanValue(number % 2 == 0);
            case DATE -> new Value.DateValue(days.first().plusDays(Math.clamp(number, -100_000, 100_000)));
        };
    }

    /** Whether a type has so few values that there may be no fresh one. */
    private static boolean isSmall(Column column) {
        return switch (column.type()) {
            case BOOLEAN -> true;
            case INTEGER, DECIMAL, TEXT, DATE -> false;
        };
    }

    private static List<Value> values(Row row, List<Integer> columns) {
        return columns.stream().map(row::value).toList();
    }

    private static List<Value> fitting(Table table, List<Integer> columns, List<Value> key) {
        return IntStream.range(0, columns.size())
                .mapToObj(i -> Optional.of(key.get(i))
                        .flatMap(value -> table.columns().get(columns.get(i)).type().read(value.shown()))
                        .orElse(Value.NULL))
                .toList();
    }

    /** A key that is likely to be nobody's. */
    private List<Value> fresh(Table table, List<Integer> columns, int number) {
        return columns.stream().map(column -> {
            Type type = table.columns().get(column).type();
            return type == Type.TEXT ? Value.of(labels.of(table, number - 1)) : ofNumber(type, number);
        }).toList();
    }

    /**
     * A value that is no key of the link: a key of the table itself and numbers of its first column count up, others
     * are drawn.
     */
    private Value value(Table table, int column, int row, Random random) {
        boolean counts = column == 0 || table.columns().get(column).key();
        return switch (table.columns().get(column).type()) {
            case INTEGER -> Value.of(counts ? row + 1 : 1 + random.nextInt(100));
            case DECIMAL -> new Value.DecimalValue(
                    BigDecimal.valueOf(5L * random.nextInt(2 * amounts.least(), 2 * amounts.most() + 1), 1));
            case TEXT -> Value.of(labels.of(table, row));
            case BOOLEAN -> new Value.BooleanValue(random.nextBoolean());
            case DATE -> new Value.DateValue(
                    days.first().plusDays(random.nextLong(ChronoUnit.DAYS.between(days.first(), days.last()) + 1)));
        };
    }
}
