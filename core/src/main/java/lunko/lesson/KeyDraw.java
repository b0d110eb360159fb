package lunko.lesson;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import lunko.engine.ValueOrder;
import lunko.lesson.Recipe.Keys;
import lunko.table.Chance;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/** Draws the keys of a table's rows as a recipe wants them. */
final class KeyDraw {

    /** The other table of a link, and the columns of both, by place, whose values are the keys. */
    record Linked(Table other, List<Integer> own, List<Integer> others) {
        Linked(Link link, Table other, Table table) {
            this(other, link.pairs().stream().map(pair -> table.column(pair.left()).orElseThrow()).toList(),
                    link.pairs().stream().map(pair -> other.column(pair.right()).orElseThrow()).toList());
        }

        /** The key of a row of the other table as a key of this one. */
        List<Value> key(Table table, Row from) {
            return IntStream.range(0, own.size())
                    .mapToObj(i -> Optional.of(from.value(others.get(i)))
                            .flatMap(value -> table.columns().get(own.get(i)).type().read(value.shown()))
                            .orElse(Value.NULL))
                    .toList();
        }
    }

    private final Recipe recipe;
    private final Table table;
    private final Linked linked;
    private final Chance random;
    private final List<List<Value>> drawn = new ArrayList<>();

    /** For the columns of a table that are its key of a link to another table. */
    KeyDraw(Recipe recipe, Table table, Linked linked, Chance random) {
        this.recipe = recipe;
        this.table = table;
        this.linked = linked;
        this.random = random;
    }

    /** The keys of all rows, in an order of chance. */
    List<List<Value>> keys() {
        int nulls = Math.round(recipe.rows() * recipe.withoutKey() / 100f);
        drawn.addAll(Collections.nCopies(nulls, Collections.nCopies(linked.own().size(), Value.NULL)));
        switch (recipe.keys()) {
            case Keys.OfOther(int unmatched) -> ofOther(unmatched);
            case Keys.Range(long first, long last) -> ofRange(first, last);
        }
        random.shuffle(drawn);
        return drawn;
    }

    private void ofOther(int unmatched) {
        List<List<Value>> there = new ArrayList<>(new LinkedHashSet<>(linked.other().rows().stream()
                .filter(row -> linked.others().stream().noneMatch(column -> row.value(column).isNull()))
                .map(row -> linked.key(table, row)).toList()));
        random.shuffle(there);
        int left = recipe.rows() - drawn.size();
        int alone = there.isEmpty() ? left : Math.min(left, Math.round(recipe.rows() * unmatched / 100f));
        Set<Object> taken = new HashSet<>();
        there.forEach(key -> taken.add(ValueOrder.identity(key)));
        int meeting = left - alone;
        for (int i = 0; i < meeting; i++) {
            if (recipe.repeated()) drawn.add(random.of(there));
            else if (i < there.size()) drawn.add(there.get(i));
            else alone++;
        }
        for (int number = 1; alone > 0; number++) {
            List<Value> key = fresh(number);
            if (!taken.add(ValueOrder.identity(key))
                    && linked.own().stream().noneMatch(column -> isSmall(table.columns().get(column))))
                continue;
            drawn.add(key);
            alone--;
        }
    }

    /**
     * Keys that are used once go on behind the last of the range when it is used up, so that there are as many rows as
     * were asked for.
     */
    private void ofRange(long first, long last) {
        int left = recipe.rows() - drawn.size();
        if (recipe.repeated()) {
            for (int i = 0; i < left; i++) drawn.add(numbered(random.from(first, last)));
            return;
        }
        List<Long> numbers = new ArrayList<>(LongStream.range(first, Math.max(last + 1, first + left))
                .limit(Math.max(left, Recipe.MOST_ROWS)).boxed().toList());
        random.shuffle(numbers.subList(0, (int) Math.min(last + 1 - first, numbers.size())));
        for (int i = 0; i < left; i++) drawn.add(numbered(numbers.get(i)));
    }

    private List<Value> numbered(long number) {
        return ofColumns(type -> type == Type.TEXT ? Value.of(Long.toString(number)) : ofNumber(type, number));
    }

    /** A key that is likely to be nobody's. */
    private List<Value> fresh(int number) {
        return ofColumns(type -> type == Type.TEXT ? Value.of(recipe.labels().of(table, number - 1))
                : ofNumber(type, number));
    }

    private List<Value> ofColumns(Function<Type, Value> value) {
        return linked.own().stream().map(column -> value.apply(table.columns().get(column).type())).toList();
    }

    private Value ofNumber(Type type, long number) {
        return switch (type) {
            case INTEGER -> Value.of(number);
            case DECIMAL -> new Value.DecimalValue(BigDecimal.valueOf(number));
            case TEXT -> throw new IllegalStateException("a text is no number");
            case BOOLEAN -> new Value.BooleanValue(number % 2 == 0);
            case DATE -> new Value.DateValue(recipe.days().first().plusDays(Math.clamp(number, -100_000, 100_000)));
        };
    }

    /** Whether a type has so few values that there may be no fresh one. */
    private static boolean isSmall(Column column) {
        return switch (column.type()) {
            case BOOLEAN -> true;
            case INTEGER, DECIMAL, TEXT, DATE -> false;
        };
    }
}
