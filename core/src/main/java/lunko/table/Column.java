package lunko.table;

import java.util.Optional;
import lunko.problem.Checked;

/** A column: its name and the type of its values. */
public record Column(String name, Type type) {

    /**
     * The value that a person means by what they typed into a cell of this column: {@code NULL} in any case is
     * NULL, a text in single quotes is the text between them (so {@code ''} is the empty text and
     * {@code 'NULL'} a word), and nothing at all is the empty text, or NULL where the type has no empty value.
     */
    public Checked<Value> valueOf(String typed) {
        if (typed.equalsIgnoreCase("NULL")) return Checked.valid(Value.NULL);
        if (type == Type.TEXT) return Checked.valid(Value.of(unquoted(typed)));
        String text = typed.strip();
        if (text.isEmpty()) return Checked.valid(Value.NULL);
        Optional<Value> value = type.read(text);
        return value.<Checked<Value>>map(Checked::valid).orElseGet(() -> Checked.invalid(
                "“" + text + "” does not fit " + name + ", which is " + type.title()
                        + ": type " + type.example() + ", or NULL."));
    }

    /** What to type into a cell of this column to mean this value: {@link #valueOf} takes it back. */
    public String typed(Value value) {
        return value instanceof Value.TextValue(String text) && !unquoted(text).equals(text)
                || value instanceof Value.TextValue(String word) && word.equalsIgnoreCase("NULL")
                ? value.sql() : value.shown();
    }

    private static String unquoted(String typed) {
        boolean quoted = typed.length() >= 2 && typed.startsWith("'") && typed.endsWith("'");
        return quoted ? typed.substring(1, typed.length() - 1).replace("''", "'") : typed;
    }
}
