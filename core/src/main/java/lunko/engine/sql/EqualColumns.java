package lunko.engine.sql;

import java.util.List;
import java.util.Set;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression.Comparator;
import lunko.query.sql.Expression.Comparison;
import lunko.query.sql.Script;
import lunko.query.sql.Statement;
import lunko.table.Table;

/**
 * That columns of two different tables are to be equal, as a query says it.
 *
 * @param comparison where it says so
 * @param left the table and column on its left, by the names that they have in the database
 */
public record EqualColumns(Comparison comparison, Of left, Of right) {

    /** A column of a table, and how the query names it. */
    public record Of(String table, String column, ColumnName written) {}

    /** All that a query says, in ON, WHERE or elsewhere. */
    public static List<EqualColumns> in(Statement.Query query, Script script, List<Table> tables) {
        List<Comparison> comparisons = script.parts(Comparison.class).stream()
                .filter(comparison -> comparison.comparator() == Comparator.EQUAL).toList();
        if (comparisons.isEmpty()) return List.of();
        Meanings meanings = Database.of(tables).meanings(query, script);
        return comparisons.stream().flatMap(comparison -> of(comparison.left(), meanings).stream()
                .flatMap(left -> of(comparison.right(), meanings).stream()
                        .filter(right -> !right.table().equals(left.table()))
                        .map(right -> new EqualColumns(comparison, left, right))))
                .toList();
    }

    private static List<Of> of(Object side, Meanings meanings) {
        if (!(side instanceof ColumnName name)) return List.of();
        Set<Meanings.Origin> origins = meanings.origins(name.column());
        return origins.size() != 1 ? List.of()
                : origins.stream().map(origin -> new Of(origin.table(), origin.column(), name)).toList();
    }
}
