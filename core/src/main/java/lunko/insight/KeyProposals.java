package lunko.insight;

import java.util.List;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Table;

/** The columns of two tables that may belong together, because they have the same name and can be compared. */
public record KeyProposals(List<KeyPair> pairs) {

    /** What can be proposed for two tables. */
    public static KeyProposals of(Table left, Table right) {
        return new KeyProposals(left.columns().stream()
                .flatMap(column -> right.column(column.name()).stream().mapToObj(right.columns()::get)
                        .filter(other -> column.type().comparesWith(other.type()))
                        .map(other -> pair(column, other)))
                .toList());
    }

    /** The proposal to take unasked: the only one. Where there are more, only a person can tell which is meant. */
    public List<KeyPair> sure() {
        return pairs.size() == 1 ? pairs : List.of();
    }

    private static KeyPair pair(Column left, Column right) {
        return new KeyPair(left.name(), right.name());
    }
}
