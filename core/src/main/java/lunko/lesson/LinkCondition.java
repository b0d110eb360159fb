package lunko.lesson;

import java.util.List;
import java.util.Optional;
import lunko.query.change.Joins;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.FromItem.NamedTable;
import lunko.query.sql.FromItem;

/** The condition that the links of a lesson propose for a table that is joined to others. */
final class LinkCondition {
    private LinkCondition() {}

    /**
     * What is to be written for a join: the equalities of the first link between the table on its right and one on its
     * left; nothing, if there is no such link.
     */
    static JoinSpecification of(StagedScene scene, FromItem left, FromItem right) {
        if (!(right instanceof NamedTable added)) return new JoinSpecification.Nothing();
        return Joins.tables(List.of(left)).stream().filter(NamedTable.class::isInstance).map(NamedTable.class::cast)
                .flatMap(one -> link(scene, one, added).stream()).findFirst()
                .<JoinSpecification>map(JoinSpecification.On::new).orElseGet(JoinSpecification.Nothing::new);
    }

    private static Optional<Expression> link(StagedScene scene, NamedTable left, NamedTable right) {
        return scene.find(left.table().text()).flatMap(
                one -> scene.find(right.table().text()).flatMap(other -> scene.link(one.name(), other.name())))
                .map(link -> Expression.all(link.pairs().stream().<Expression>map(
                        pair -> Expression.Comparison.equal(column(left, pair.left()), column(right, pair.right())))
                        .toList()));
    }

    private static ColumnName column(NamedTable table, String column) {
        return ColumnName.of(table.alias().orElse(table.table()), column);
    }
}
