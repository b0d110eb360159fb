package lunko.table;

import java.util.Optional;

/**
 * A column: its name, the type of its values, and what is meant to hold for them. Rows that break what is meant are
 * shown, not forbidden.
 *
 * @param key whether the column is the key of its table, or a part of it
 * @param nullable whether NULL may stand in it; never in a key
 * @param open whether its type is still to be taken from the first value that is typed into it
 */
public record Column(String name, Type type, boolean key, boolean nullable, boolean open) {

    /** A key is never NULL (ISO/IEC 9075-2, unique constraint definition). */
    public Column {
        nullable = nullable && !key;
    }

    /** A column for which nothing must hold. */
    public Column(String name, Type type) {
        this(name, type, false, true, false);
    }

    /** A column that has no values yet and takes its type from the first. */
    public static Column open(String name) {
        return new Column(name, Type.TEXT, false, true, true);
    }

    /** The same column, as the key of its table or a part of it. */
    public Column asKey() {
        return new Column(name, type, true, false, open);
    }

    /** The same column, in the key or not. */
    public Column key(boolean isKey) {
        return new Column(name, type, isKey, nullable || key, open);
    }

    /** The same column, in which NULL may stand or not. */
    public Column nullable(boolean may) {
        return new Column(name, type, key, may, open);
    }

    /** The same column under another name. */
    public Column named(String other) {
        return new Column(other, type, key, nullable, open);
    }

    /** The same column of another type. */
    public Column of(Type other) {
        return new Column(name, other, key, nullable, false);
    }

    /**
     * What a person means by what they typed into a cell of this column: {@code NULL} in any case is NULL, a text in
     * single quotes is the text between them (so {@code ''} is the empty text and {@code 'NULL'} a word), and nothing
     * at all is the empty text, or NULL where the type has no empty value. What is no value of the type is kept as it
     * was typed.
     */
    public Entry entry(String typed) {
        if (typed.equalsIgnoreCase("NULL")) return Entry.NULL;
        if (type == Type.TEXT) return Entry.of(Value.of(unquoted(typed)));
        String text = typed.strip();
        if (text.isEmpty()) return Entry.NULL;
        Optional<Value> value = type.read(text);
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
