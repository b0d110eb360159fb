package lunko.lesson;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Comparison;
import lunko.engine.Equality;
import lunko.engine.ValueOrder;
import lunko.insight.keys.KeyCheck.Key;
import lunko.insight.keys.KeyCheck;
import lunko.problem.Checked;
import lunko.problem.LessonFault;
import lunko.problem.Problem;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Block;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import lunko.words.EditSentences;

/** A change to the tables that sets up one teaching point, with just enough rows. */
public enum Situation {
    /** A row of the left table that nobody of the right one meets. */
    UNMATCHED_LEFT(EditSentences::unmatchedLeft) {
        @Override
        Checked<SetUp> in(Ground ground) {
            return ground.unmatched(Side.LEFT);
        }
    },
    /** A row of the right table that nobody of the left one meets. */
    UNMATCHED_RIGHT(EditSentences::unmatchedRight) {
        @Override
        Checked<SetUp> in(Ground ground) {
            return ground.unmatched(Side.RIGHT);
        }
    },
    /** A second left row with the key of another that has a match. */
    REPEATED_KEY(EditSentences::repeatedKey) {
        @Override
        Checked<SetUp> in(Ground ground) {
            return ground.secondRow();
        }
    },
    /** A left row whose key is NULL. */
    NULL_KEY(EditSentences::nullKey) {
        @Override
        Checked<SetUp> in(Ground ground) {
            return ground.add(Side.LEFT, Collections.nCopies(ground.on().size(), Value.NULL),
                    (in, row) -> in.newNull(row, ground.table(Side.LEFT).name()));
        }
    },
    /** A left key that looks like that of its match and is not the same. */
    KEY_SPELLED_DIFFERENTLY(EditSentences::keySpelledDifferently) {
        @Override
        Checked<SetUp> in(Ground ground) {
            return ground.spelt();
        }
    },
    /** The same key in every row of both tables, so that all kinds of join give the same rows. */
    EVERY_KEY_THE_SAME(EditSentences::everyKeyTheSame) {
        @Override
        Checked<SetUp> in(Ground ground) {
            return ground.allTheSame();
        }
    },
    /** A right row deleted that had matches. */
    PARENT_DELETED(EditSentences::parentDeleted) {
        @Override
        Checked<SetUp> in(Ground ground) {
            return ground.orphaned();
        }
    };

    /** What is said of a new row, by its number from 1. */
    private interface NewRow {
        String of(EditSentences in, int row);
    }

    /** A lesson after a situation has been set up, and what was changed for it. */
    public record SetUp(Lesson lesson, Function<EditSentences, String> said) {}

    private final Function<EditSentences, String> title;

    Situation(Function<EditSentences, String> title) {
        this.title = title;
    }

    /** The situation in a sentence: {@code a NULL key}. */
    public String title(EditSentences in) {
        return title.apply(in);
    }

    abstract Checked<SetUp> in(Ground ground);

    /** A lesson with this situation in it; a problem where its tables or columns do not allow for it. */
    public Checked<SetUp> in(Lesson lesson) {
        if (lesson.staged().on().isEmpty())
            return Checked.invalid(new LessonFault.NothingMatchedYet());
        StagedScene staged = lesson.staged();
        List<Equality> on = new ArrayList<>();
        for (KeyPair pair : staged.on()) {
            Checked<Equality> columns = Equality.of(pair, staged.left(), staged.right());
            if (columns instanceof Checked.Invalid<Equality>(Problem problem)) return Checked.invalid(problem);
            on.add(columns.expect());
        }
        return in(new Ground(lesson, on));
    }

    /** A lesson and the columns that it matches. */
    record Ground(Lesson lesson, List<Equality> on) {
        private Table table(Side side) {
            return lesson.staged().table(side);
        }

        private KeyCheck check() {
            return KeyCheck.of(lesson.staged().left(), lesson.staged().right(), lesson.staged().on());
        }

        private List<Value> key(Side side, Row row) {
            return on.stream().map(equality -> row.value(equality.on(side))).toList();
        }

        private SetUp changed(Side side, Table after, Function<EditSentences, String> said) {
            return new SetUp(lesson.change(side, _ -> after), said);
        }

        /** One more row with a key, the other columns filled so that the row can be told from others. */
        Checked<SetUp> add(Side side, List<Value> key, NewRow because) {
            Table table = table(side);
            List<Value> row = new ArrayList<>();
            for (int i = 0; i < table.columns().size(); i++) row.add(fresh(table, i));
            for (int i = 0; i < on.size(); i++) row.set(on.get(i).on(side), key.get(i));
            return Checked.valid(changed(side, table.plus(row),
                    in -> because.of(in, table.rows().size() + 1)));
        }

        /**
         * A value for a column of a new row: one that no other row has where the rows are told apart by it, and else
         * nothing.
         */
        private static Value fresh(Table table, int column) {
            Set<Object> seen = new HashSet<>();
            boolean tellsApart = table.rows().stream()
                    .allMatch(row -> !row.value(column).isNull() && seen.add(ValueOrder.identity(row.value(column))));
            return tellsApart ? unused(table.columns().get(column), table.rows().stream().map(row -> row.value(column)))
                    .orElse(Value.NULL) : Value.NULL;
        }

        /** A value of a column's type that is none of these. */
        private static Optional<Value> unused(Column column, Stream<Value> taken) {
            List<Value> all = taken.filter(value -> !value.isNull()).toList();
            return switch (column.type()) {
                case INTEGER -> Optional.of(Value.of(
                        all.stream().mapToLong(value -> ((Value.IntegerValue) value).number()).max().orElse(0) + 1));
                case DECIMAL ->
                    Optional.of(new Value.DecimalValue(all.stream().map(ValueOrder::number).max(BigDecimal::compareTo)
                            .orElse(BigDecimal.ZERO).add(BigDecimal.ONE)));
                case TEXT -> Stream
                        .concat(SampleWords.PLANTS.stream(),
                                IntStream.iterate(1, n -> n + 1)
                                        .mapToObj(n -> SampleWords.PLANTS.getFirst() + " " + (n + 1)))
                        .map(Value::of)
                        .filter(name -> !all.contains(name)).findFirst();
                case DATE -> Optional.of(new Value.DateValue(all.stream().map(value -> ((Value.DateValue) value).day())
                        .max(LocalDate::compareTo).orElse(LocalDate.of(2026, 5, 1)).plusDays(1)));
                case BOOLEAN -> Stream.of(true, false).<Value>map(Value.BooleanValue::new)
                        .filter(value -> !all.contains(value)).findFirst();
            };
        }

        Checked<SetUp> unmatched(Side side) {
            List<Value> key = new ArrayList<>();
            for (Equality equality : on) {
                Column column = table(side).columns().get(equality.on(side));
                Stream<Value> taken = Stream.of(Side.values())
                        .flatMap(each -> table(each).rows().stream().map(row -> row.value(equality.on(each))));
                Stream<Value> fitting = taken
                        .map(value -> value instanceof Value.DecimalValue(var number) && column.type() == Type.INTEGER
                                ? Value.of(number.longValue()) : value);
                Optional<Value> unused = unused(column, fitting);
                if (unused.isEmpty()) return Checked
                        .invalid(new LessonFault.EveryValueMatched(column.name()));
                key.add(unused.get());
            }
            return add(side, key,
                    (in, row) -> in.newUnmatched(row, table(side).name(), table(side.opposite()).name(), shown(key)));
        }

        Checked<SetUp> secondRow() {
            Optional<Key> key = check().left().matched().stream().findFirst();
            if (key.isEmpty()) return nobodyMeets();
            return add(Side.LEFT, key.get().values(),
                    (in, row) -> in.newRepeated(row, table(Side.LEFT).name(), shown(key.get().values()),
                            key.get().rows().getFirst() + 1));
        }

        private static Checked<SetUp> nobodyMeets() {
            return Checked.invalid(new LessonFault.NoRowMatches());
        }

        Checked<SetUp> spelt() {
            for (Key key : check().left().matched()) {
                for (int i = 0; i < on.size(); i++) {
                    if (!(key.values().get(i) instanceof Value.TextValue(String text)) || text.isBlank()) continue;
                    String other =
                            text.equals(text.toLowerCase(Locale.ROOT)) ? text + " " : text.toLowerCase(Locale.ROOT);
                    Row row = table(Side.LEFT).rows().get(key.rows().getFirst());
                    return Checked.valid(
                            changed(Side.LEFT, table(Side.LEFT).with(row.id(), on.get(i).left(), Value.of(other)),
                                    in -> in.nowSpelled(key.rows().getFirst() + 1, table(Side.LEFT).name(),
                                            Value.of(other).sql(), Value.of(text).sql())));
                }
            }
            return Checked.invalid(
                    new LessonFault.NoTextKey());
        }

        Checked<SetUp> allTheSame() {
            Optional<List<Value>> key = check().left().matched().stream().map(Key::values).findFirst()
                    .or(() -> table(Side.LEFT).rows().stream().map(row -> key(Side.LEFT, row))
                            .filter(values -> values.stream().noneMatch(Value::isNull)).findFirst());
            if (key.isEmpty())
                return Checked.invalid(new LessonFault.NoKeyThere());
            Lesson after = lesson;
            for (Side side : Side.values()) {
                for (int i = 0; i < on.size(); i++) {
                    int column = on.get(i).on(side);
                    Value value = key.get().get(i);
                    after = after.change(side, table -> table.changing(Block.column(table, column),
                            (_, _, _) -> Entry.of(fitting(table.columns().get(column).type(), value))));
                }
            }
            return Checked.valid(new SetUp(after,
                    in -> in.nowTheSame(shown(key.get()))));
        }

        private static Value fitting(Type type, Value value) {
            return type.read(value.shown()).orElse(value);
        }

        Checked<SetUp> orphaned() {
            // Every row of the key goes, so that nothing is left to be met: of one row, where there is such a key.
            Optional<Key> key =
                    check().right().matched().stream().min(Comparator.comparing(one -> one.rows().size()));
            if (key.isEmpty()) return nobodyMeets();
            Table table = table(Side.RIGHT);
            List<Integer> rows = key.get().rows();
            Table after = table;
            for (int row : rows) after = after.minus(table.rows().get(row).id());
            return Checked.valid(changed(Side.RIGHT, after, in -> in.nowOrphans(
                    rows.stream().map(row -> row + 1).toList(), table.name(), shown(key.get().values()),
                    table(Side.LEFT).name())));
        }

        private static String shown(List<Value> key) {
            return String.join(", ", key.stream().map(Comparison::literal).toList());
        }
    }
}
