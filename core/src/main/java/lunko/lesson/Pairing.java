package lunko.lesson;

import java.util.List;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Table;

/**
 * Two tables, by name, and how they are joined.
 *
 * @param natural whether by all columns of the same name, instead of by their link
 */
public record Pairing(String left, JoinKind kind, String right, boolean natural) {

    /** The table on a side. */
    public String on(Side side) {
        return side.of(left, right);
    }

    /** Other tables, joined by their link. */
    public Pairing of(String otherLeft, String otherRight) {
        return new Pairing(otherLeft, kind, otherRight, false);
    }

    /** The same without a table: where it stood, the first of the rest stands that is not there already. */
    Pairing without(String table, List<Table> rest) {
        if (!left.equals(table) && !right.equals(table)) return this;
        String stand = rest.stream().map(Table::name).filter(other -> !left.equals(other) && !right.equals(other))
                .findFirst().orElse(rest.getFirst().name());
        return of(left.equals(table) ? stand : left, right.equals(table) ? stand : right);
    }

    /** The same tables under other names. */
    Pairing renaming(String table, String to) {
        return new Pairing(left.equals(table) ? to : left, kind, right.equals(table) ? to : right, natural);
    }

    /** Another kind of join; one that cannot be natural goes by the link. */
    Pairing of(JoinKind other) {
        return new Pairing(left, other, right, natural && other.canBeNatural());
    }

    /** By the columns of the same name; the kind must be one that can be natural. */
    Pairing naturally(JoinKind other) {
        return new Pairing(left, other, right, true);
    }

    /** By the link. */
    Pairing byLink() {
        return new Pairing(left, kind, right, false);
    }
}
