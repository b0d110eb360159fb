package lunko.table;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Collection;
import java.util.Optional;
import java.util.regex.Pattern;

/** The type of a column: which texts are values of it, and which other types it can be compared with. */
public enum Type {
    /** Whole numbers of 64 bits. */
    INTEGER("integer") {
        @Override
        public Optional<Value> read(String text) {
            if (!WHOLE.matcher(text).matches()) return Optional.empty();
            try {
                return Optional.of(new Value.IntegerValue(Long.parseLong(text)));
            } catch (NumberFormatException beyond64Bits) {
                return Optional.empty();
            }
        }
    },
    /** Exact numbers with a fraction, of up to {@value Type#MOST_DIGITS} digits. */
    DECIMAL("decimal") {
        @Override
        public Optional<Value> read(String text) {
            return text.length() <= MOST_DIGITS && NUMBER.matcher(text).matches()
                    ? Optional.of(new Value.DecimalValue(new BigDecimal(text)))
                    : Optional.empty();
        }
    },
    /** True and false. */
    BOOLEAN("boolean") {
        @Override
        public Optional<Value> read(String text) {
            return switch (text.toLowerCase(java.util.Locale.ROOT)) {
                case "true" -> Optional.of(new Value.BooleanValue(true));
                case "false" -> Optional.of(new Value.BooleanValue(false));
                default -> Optional.empty();
            };
        }
    },
    /** Days, written as ISO 8601 has them: {@code 2026-05-01}. */
    DATE("date") {
        @Override
        public Optional<Value> read(String text) {
            try {
                return Optional.of(new Value.DateValue(LocalDate.parse(text)));
            } catch (DateTimeParseException notADay) {
                return Optional.empty();
            }
        }
    },
    /** Any text. */
    TEXT("text") {
        @Override
        public Optional<Value> read(String text) {
            return Optional.of(new Value.TextValue(text));
        }
    };

    /** The longest decimal that is read as a number, in characters; SQL leaves it to the implementation. */
    public static final int MOST_DIGITS = 1000;

    // A leading zero is no number here: 007 is a name, and reading it as 7 would lose what was written.
    private static final Pattern WHOLE = Pattern.compile("-?(0|[1-9][0-9]*)");
    private static final Pattern NUMBER = Pattern.compile("-?(0|[1-9][0-9]*)(\\.[0-9]+)?");

    private final String id;

    Type(String id) {
        this.id = id;
    }

    /** The value that a text stands for in this type, if it stands for one. */
    public abstract Optional<Value> read(String text);

    /** The type where a program reads it: {@code integer}. */
    public String id() {
        return id;
    }

    /** Whether the values are numbers. */
    public boolean isNumeric() {
        return this == INTEGER || this == DECIMAL;
    }

    /** Whether values of the two types can be compared (ISO/IEC 9075-2, comparison predicate). */
    public boolean comparesWith(Type other) {
        return this == other || isNumeric() && other.isNumeric();
    }

    /** The type of a value; a NULL has none. */
    public static Optional<Type> of(Value value) {
        return switch (value) {
            case Value.IntegerValue _ -> Optional.of(INTEGER);
            case Value.DecimalValue _ -> Optional.of(DECIMAL);
            case Value.TextValue _ -> Optional.of(TEXT);
            case Value.BooleanValue _ -> Optional.of(BOOLEAN);
            case Value.DateValue _ -> Optional.of(DATE);
            case Value.Null _ -> Optional.empty();
        };
    }

    /** The narrowest type that every one of these texts fits; text where there is none to go by. */
    public static Type narrowest(Collection<String> texts) {
        if (texts.isEmpty()) return TEXT;
        for (Type type : values()) {
            if (texts.stream().allMatch(text -> type.read(text).isPresent())) return type;
        }
        return TEXT;
    }
}
