package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import lunko.table.Type;
import lunko.table.TypeSize;

/** A type as a statement declares it. */
record DeclaredType(Type type, TypeSize size) {

    /**
     * The type of these words in capitals, with the numbers behind it; nothing, if Lunko has none of that name. Types
     * that have no size take what is said of one for nothing.
     */
    static Optional<DeclaredType> of(String words, List<Integer> numbers) {
        Optional<Type> type = type(words);
        return type.map(known -> new DeclaredType(known, words.equals("SMALLINT") ? new TypeSize.Bits(Short.SIZE)
                : numbers.isEmpty() || words.startsWith("TIME") ? new TypeSize.Any() : size(known, numbers)));
    }

    private static Optional<Type> type(String words) {
        return switch (words) {
            case "INTEGER", "INT", "SMALLINT", "BIGINT", "SERIAL", "BIGSERIAL" -> Optional.of(Type.INTEGER);
            // Lunko reckons exactly: nothing is lost that those would lose.
            case "DECIMAL", "DEC", "NUMERIC", "FLOAT", "REAL", "DOUBLE PRECISION", "DOUBLE" ->
                Optional.of(Type.DECIMAL);
            case "TEXT", "VARCHAR", "CHAR", "CHARACTER", "CHARACTER VARYING", "CHAR VARYING" -> Optional.of(Type.TEXT);
            // As texts they are in their order.
            case "TIME", "TIMESTAMP" -> Optional.of(Type.TEXT);
            case "BOOLEAN" -> Optional.of(Type.BOOLEAN);
            case "DATE" -> Optional.of(Type.DATE);
            default -> Optional.empty();
        };
    }

    private static TypeSize size(Type type, List<Integer> numbers) {
        return switch (type) {
            case DECIMAL -> new TypeSize.Digits(numbers.getFirst(), numbers.size() > 1 ? numbers.getLast() : 0);
            case TEXT -> new TypeSize.Characters(numbers.getFirst());
            case INTEGER, BOOLEAN, DATE -> new TypeSize.Any();
        };
    }
}
