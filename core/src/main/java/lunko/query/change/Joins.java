package lunko.query.change;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import lunko.query.sql.FromItem;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;

/** The joins in the FROM of a query, in the order in which they are done: those within others first. */
public final class Joins {
    private Joins() {}

    /** All of them. */
    public static List<FromItem.JoinedTable> of(QueryExpression query) {
        return query.body() instanceof QueryBody.Select select ? in(select.from()) : List.of();
    }

    /** All of those in a FROM. */
    static List<FromItem.JoinedTable> in(List<FromItem> from) {
        List<FromItem.JoinedTable> joins = new ArrayList<>();
        from.forEach(item -> collect(item, joins));
        return joins;
    }

    private static void collect(FromItem item, List<FromItem.JoinedTable> joins) {
        switch (item) {
            case FromItem.NamedTable _,FromItem.DerivedTable _ -> {}
            case FromItem.JoinedTable joined -> {
                collect(joined.left(), joins);
                collect(joined.right(), joins);
                joins.add(joined);
            }
        }
    }

    /** The tables of a FROM, from left to right, those that are no joins. */
    public static List<FromItem> tables(List<FromItem> from) {
        List<FromItem> tables = new ArrayList<>();
        from.forEach(item -> addTables(item, tables));
        return tables;
    }

    private static void addTables(FromItem item, List<FromItem> tables) {
        if (item instanceof FromItem.JoinedTable joined) {
            addTables(joined.left(), tables);
            addTables(joined.right(), tables);
        } else {
            tables.add(item);
        }
    }

    /** The FROM with one of its parts, told by identity, changed; all others are the same objects as before. */
    static List<FromItem> changed(List<FromItem> from, FromItem part, UnaryOperator<FromItem> change) {
        return from.stream().map(item -> changed(item, part, change)).toList();
    }

    private static FromItem changed(FromItem item, FromItem part, UnaryOperator<FromItem> change) {
        if (item == part) return change.apply(item);
        if (!(item instanceof FromItem.JoinedTable joined)) return item;
        FromItem left = changed(joined.left(), part, change);
        FromItem right = changed(joined.right(), part, change);
        return left == joined.left() && right == joined.right() ? joined
                : new FromItem.JoinedTable(left, joined.kind(), right, joined.specification());
    }
}
