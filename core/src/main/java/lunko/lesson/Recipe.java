package lunko.lesson;

import java.math.BigDecimal;
import java.time.LocalDate;
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
import lunko.engine.Equality;
import lunko.engine.ValueOrder;
import lunko.query.Side;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;

/**
 * How rows are made by chance for a table of a lesson: the same recipe makes the same rows again.
 *
 * @param rows        how many, from 0 to {@value #MOST_ROWS}
 * @param withoutKey  of a hundred rows, how many have NULL for their key
 * @param partnerless of a hundred rows, how many have a key that the other table has not
 * @param repeated    whether keys of the other table are drawn again and again; if not, each is used once as far as they go
 * @param labels      what texts are made of
 * @param seed        what the drawing of lots begins with
 */
public record Recipe(int rows, int withoutKey, int partnerless, boolean repeated, Labels labels, long seed) {
    /** The most rows that are made. */
    public static final int MOST_ROWS = 10_000;

    private static final LocalDate FIRST_DAY = LocalDate.of(2026, 5, 1);
    private static final int DAYS = 120;

    /** What the texts of new rows are made of. */
    public enum Labels {
        /** The first letter of the table and a number: {@code h1}, {@code h2}. */
        NUMBERED("h1, h2, h3 …"),
        /** Words of the sample world. */
        WORDS("words");

        private static final List<String> WORD_LIST = List.of("Clover", "Heather", "Linden", "Bramble", "Sainfoin", "Mallow", "Borage", "Thyme",
                "Melilot", "Comfrey", "Teasel", "Yarrow", "Vetch", "Campion", "Burdock", "Sorrel", "Tansy", "Chicory", "Lavender", "Hawthorn");

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
            int round = number / WORD_LIST.size();
            return WORD_LIST.get(number % WORD_LIST.size()) + (round == 0 ? "" : " " + (round + 1));
        }
    }

    /** A recipe whose numbers are within their limits. */
    public Recipe {
        rows = Math.clamp(rows, 0, MOST_ROWS);
        withoutKey = Math.clamp(withoutKey, 0, 100);
        partnerless = Math.clamp(partnerless, 0, 100 - withoutKey);
    }

    /** The table of a side with rows made by this recipe in the place of its own. */
    public Table make(Lesson lesson, Side side) {
        Table table = lesson.table(side);
        Table other = lesson.table(side.opposite());
        List<Equality> on = lesson.plan().either(plan -> plan.on(), _ -> List.of());
        Random random = new Random(seed);
        List<List<Value>> keys = keys(table, other, on.stream().map(equality -> equality.on(side)).toList(),
                on.stream().map(equality -> equality.on(side.opposite())).toList(), random);
        List<Row> made = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            List<Value> values = new ArrayList<>();
            for (int column = 0; column < table.columns().size(); column++) values.add(value(table, column, row, random));
            for (int i = 0; i < on.size(); i++) values.set(on.get(i).on(side), keys.get(row).get(i));
            made.add(new Row(table.nextId() + row, values));
        }
        return new Table(table.name(), table.columns(), made, table.nextId() + rows);
    }

    /** The keys of all rows, in an order of chance. */
    private List<List<Value>> keys(Table table, Table other, List<Integer> own, List<Integer> others, Random random) {
        List<List<Value>> there = new ArrayList<>(new LinkedHashSet<>(other.rows().stream().map(row -> values(row, others))
                .filter(key -> key.stream().noneMatch(Value::isNull)).toList()));
        Collections.shuffle(there, random);
        int nulls = Math.round(rows * withoutKey / 100f);
        int alone = there.isEmpty() ? rows - nulls : Math.min(rows - nulls, Math.round(rows * partnerless / 100f));
        List<List<Value>> keys = new ArrayList<>(Collections.nCopies(nulls, Collections.nCopies(own.size(), Value.NULL)));
        Set<Object> taken = new HashSet<>();
        there.forEach(key -> taken.add(ValueOrder.identity(key)));
        int meeting = rows - nulls - alone;
        for (int i = 0; i < meeting; i++) {
            if (repeated) keys.add(fitting(table, own, there.get(random.nextInt(there.size()))));
            else if (i < there.size()) keys.add(fitting(table, own, there.get(i)));
            else alone++;
        }
        for (int number = 1; alone > 0; number++) {
            List<Value> key = fresh(table, own, number);
            if (!taken.add(ValueOrder.identity(key)) && own.stream().noneMatch(column -> isSmall(table.columns().get(column)))) continue;
            keys.add(key);
            alone--;
        }
        Collections.shuffle(keys, random);
        return keys;
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
        return IntStream.range(0, columns.size()).mapToObj(i ->
                Optional.of(key.get(i)).flatMap(value -> table.columns().get(columns.get(i)).type().read(value.shown())).orElse(Value.NULL)).toList();
    }

    /** A key that is likely to be nobody's. */
    private List<Value> fresh(Table table, List<Integer> columns, int number) {
        return columns.stream().map(column -> switch (table.columns().get(column).type()) {
            case INTEGER -> Value.of(number);
            case DECIMAL -> new Value.DecimalValue(BigDecimal.valueOf(number));
            case TEXT -> Value.of(labels.of(table, number - 1));
            case BOOLEAN -> new Value.BooleanValue(number % 2 == 0);
            case DATE -> new Value.DateValue(FIRST_DAY.plusDays(number));
        }).toList();
    }

    /** A value that is no key: numbers of the first column count up, others are drawn. */
    private Value value(Table table, int column, int row, Random random) {
        return switch (table.columns().get(column).type()) {
            case INTEGER -> Value.of(column == 0 ? row + 1 : 1 + random.nextInt(100));
            case DECIMAL -> new Value.DecimalValue(BigDecimal.valueOf(5L * (1 + random.nextInt(19)), 1));
            case TEXT -> Value.of(labels.of(table, row));
            case BOOLEAN -> new Value.BooleanValue(random.nextBoolean());
            case DATE -> new Value.DateValue(FIRST_DAY.plusDays(random.nextInt(DAYS)));
        };
    }
}
