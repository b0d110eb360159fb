package lunko.lesson;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Table;

/**
 * Columns of two tables, by name, that belong together; several pairs make a composite link. A table may be linked with
 * itself.
 */
public record Link(String left, String right, List<KeyPair> pairs) {

    /** Keeps its pairs as they are. */
    public Link {
        pairs = List.copyOf(pairs);
    }

    /** The table on a side. */
    public String on(Side side) {
        return side.of(left, right);
    }

    /** The same link, seen from the other table. */
    public Link turned() {
        return new Link(right, left, pairs.stream().map(pair -> new KeyPair(pair.right(), pair.left())).toList());
    }

    /** The same link with other pairs. */
    public Link with(List<KeyPair> other) {
        return new Link(left, right, other);
    }

    /** Whether a table is one of the two. */
    public boolean touches(String table) {
        return left.equals(table) || right.equals(table);
    }

    /** The link as one between these two tables in this order, if it is between them. */
    public Optional<Link> between(String one, String other) {
        if (left.equals(one) && right.equals(other)) return Optional.of(this);
        return left.equals(other) && right.equals(one) ? Optional.of(turned()) : Optional.empty();
    }

    /** The same link with those pairs alone of which these tables have both columns. */
    Link within(List<Table> tables) {
        return with(pairs.stream()
                .filter(pair -> has(tables, left, pair.left()) && has(tables, right, pair.right())).toList());
    }

    private static boolean has(List<Table> tables, String table, String column) {
        return tables.stream().anyMatch(one -> one.name().equals(table) && one.column(column).isPresent());
    }

    /** The same link with a table under another name. */
    Link renaming(String table, String to) {
        return new Link(left.equals(table) ? to : left, right.equals(table) ? to : right, pairs);
    }

    /** The same link with the columns of a table changed; what becomes nothing is left out. */
    Link changing(String table, UnaryOperator<Optional<String>> column) {
        return with(pairs.stream().flatMap(pair -> {
            Optional<String> l = left.equals(table) ? column.apply(Optional.of(pair.left())) : Optional.of(pair.left());
            Optional<String> r =
                    right.equals(table) ? column.apply(Optional.of(pair.right())) : Optional.of(pair.right());
            return l.isPresent() && r.isPresent() ? Stream.of(new KeyPair(l.get(), r.get())) : Stream.empty();
        }).toList());
    }
}
