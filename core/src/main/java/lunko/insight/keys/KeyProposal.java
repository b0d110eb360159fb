package lunko.insight.keys;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lunko.engine.ValueOrder;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.SameName;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import lunko.words.KeySentences;
import lunko.words.Language;

/** Two columns that may belong together, and what speaks for it. */
public record KeyProposal(KeyPair pair, Reason reason) {
    /** So many rows of a table say what its columns are like. */
    private static final int ROWS_LOOKED_AT = 200;
    /** Of the values of one column, so many are in the other at least, in percent. */
    private static final int MOST_OF_THEM = 60;

    /** What speaks for two columns, the strongest reason first. */
    public enum Reason {
        /** They have the same name and can be compared. */
        SAME_NAME(KeySentences::sameName),
        /**
         * Most values of the one are in the other, and texts, days or names of one ending say that this is no chance.
         */
        SHARED_VALUES(KeySentences::sharedValues);

        private final Function<KeySentences, String> said;

        Reason(Function<KeySentences, String> said) {
            this.said = said;
        }

        /** The reason in a sentence: {@code the same name}. */
        public String said(Language in) {
            return said.apply(in.keys());
        }
    }

    /** What can be proposed for two tables, the strongest reasons first. */
    public static List<KeyProposal> of(Table left, Table right) {
        List<KeyProposal> found = new ArrayList<>();
        List<Set<Object>> rightValues =
                right.columns().stream().map(column -> values(right, right.columns().indexOf(column))).toList();
        for (int l = 0; l < left.columns().size(); l++) {
            Set<Object> leftValues = values(left, l);
            for (int r = 0; r < right.columns().size(); r++) {
                if (left == right && !pointsAtKey(left.columns().get(l), right.columns().get(r))) continue;
                KeyPair pair = new KeyPair(left.columns().get(l).name(), right.columns().get(r).name());
                reason(left.columns().get(l), leftValues, right.columns().get(r), rightValues.get(r))
                        .ifPresent(reason -> found.add(new KeyProposal(pair, reason)));
            }
        }
        found.sort((a, b) -> a.reason.compareTo(b.reason));
        return List.copyOf(found);
    }

    /** Within one table, a column points at the key, and nothing else at anything. */
    private static boolean pointsAtKey(Column from, Column to) {
        return to.key() && !from.key();
    }

    private static Optional<Reason> reason(Column left, Set<Object> lefts, Column right, Set<Object> rights) {
        // A column that nobody has put anything into says nothing yet.
        if (left.open() || right.open() || !left.type().comparesWith(right.type())) return Optional.empty();
        if (SameName.of(left.name(), right.name())) return Optional.of(Reason.SAME_NAME);
        // Amounts have values in common by chance.
        if (left.type() == Type.DECIMAL || right.type() == Type.DECIMAL) return Optional.empty();
        boolean telling = left.type() == Type.TEXT || left.type() == Type.DATE || ending(left).equals(ending(right));
        Set<Object> smaller = lefts.size() <= rights.size() ? lefts : rights;
        Set<Object> larger = smaller == lefts ? rights : lefts;
        long shared = smaller.stream().filter(larger::contains).count();
        return telling && shared >= 2 && shared * 100 >= (long) smaller.size() * MOST_OF_THEM
                ? Optional.of(Reason.SHARED_VALUES) : Optional.empty();
    }

    private static String ending(Column column) {
        String name = column.name().toLowerCase(Locale.ROOT);
        return name.substring(name.lastIndexOf('_') + 1);
    }

    private static Set<Object> values(Table table, int column) {
        return table.rows().stream().limit(ROWS_LOOKED_AT).map(row -> row.value(column))
                .filter(value -> !value.isNull())
                .map((Value value) -> ValueOrder.identity(value)).collect(Collectors.toCollection(HashSet::new));
    }
}
