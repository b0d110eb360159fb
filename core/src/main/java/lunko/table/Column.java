package lunko.table;

import java.util.Optional;

/**
 * A column: its name, the type of its values, and what is meant to hold for them. Rows that break what is meant are
 * shown, not forbidden.
 *
 * @param size how large its values may be
 * @param key whether the column is the key of its table, or a part of it
 * @param nullable whether NULL may stand in it; never in a key
 * @param open whether its type is still to be taken from the first value that is typed into it
 */
public record Column(String name, Type type, TypeSize size, boolean key, boolean nullable, boolean open) {

    /** A key is never NULL (ISO/IEC 9075-2, unique constraint definition); a size that its type has not is none. */
    public Column {
        size = size.isOf(type) ? size : new TypeSize.Any();
        nullable = nullable && !key;
    }

    /** A column for which nothing must hold. */
    public Column(String name, Type type) {
        this(name, type, new TypeSize.Any(), false, true, false);
    }

    /** A column that has no values yet and takes its type from the first. */
    public static Column open(String name) {
        return new Column(name, Type.TEXT, new TypeSize.Any(), false, true, true);
    }

    /** The same column, as the key of its table or a part of it. */
    public Column asKey() {
        return new Column(name, type, size, true, false, open);
    }

    /** The same column, in the key or not. */
    public Column key(boolean isKey) {
        return new Column(name, type, size, isKey, nullable || key, open);
    }

    /** The same column, in which NULL may stand or not. */
    public Column nullable(boolean may) {
        return new Column(name, type, size, key, may, open);
    }

    /** The same column under another name. */
    public Column named(String other) {
        return new Column(other, type, size, key, nullable, open);
    }

    /** The same column of another type, whose values may be of any size. */
    public Column of(Type other) {
        return new Column(name, other, new TypeSize.Any(), key, nullable, false);
    }

    /** The same column with values of no more than this size. */
    public Column sized(TypeSize other) {
        return new Column(name, type, other, key, nullable, false);
    }

    /** Whether a value is as large as the column allows, to its last digit. */
    boolean holds(Value value) {
        return size.stored(value).filter(value::equals).isPresent();
    }

    /**
     * What a person means by what they typed into a cell of this column: {@code NULL} in any case is NULL, a text in
     * single quotes is the text between them (so {@code ''} is the empty text and {@code 'NULL'} a word), and nothing
     * at all is the empty text, or NULL where the type has no empty value. A number of more digits behind the point
     * than the column has is rounded. What is no value of the type, or too large for the column, is kept as it was
     * typed.
     */
    public Entry entry(String typed) {
        if (typed.equalsIgnoreCase("NULL")) return Entry.NULL;
        String text = type == Type.TEXT ? unquoted(typed) : typed.strip();
        if (type != Type.TEXT && text.isEmpty()) return Entry.NULL;
        Optional<Value> value = type.read(text).flatMap(size::stored);
        return value.map(Entry::of).orElseGet(() -> Entry.misfit(typed));
    }

    /** What to type into a cell of this column to mean what stands there: {@link #entry} takes it back. */
    public String typed(Entry entry) {
        if (entry.misfit().isPresent()) return entry.misfit().get();
        return entry.value() instanceof Value.TextValue(String text) && !isPlain(text) ? entry.value().sql()
                : entry.value().shown();
    }

    private static boolean isPlain(String text) {
        return !text.isEmpty() && unquoted(text).equals(text) && !text.equalsIgnoreCase("NULL");
    }

    private static String unquoted(String typed) {
        boolean quoted = typed.length() >= 2 && typed.startsWith("'") && typed.endsWith("'");
        return quoted ? typed.substring(1, typed.length() - 1).replace("''", "'") : typed;
    }
}
