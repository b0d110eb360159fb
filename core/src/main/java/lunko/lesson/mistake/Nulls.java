package lunko.lesson.mistake;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.lesson.AliasedTable;
import lunko.table.Table;
import lunko.table.Value;

/** Mistakes with NULL: one that is stored, or those that an outer join makes. */
final class Nulls {
    private Nulls() {}

    /** A condition with {@code = NULL}, which is never true. */
    static Stream<Shown> equalsNull(Ground ground) {
        return ground.tables().stream().flatMap(table -> withNull(table, ground).stream());
    }

    private static Optional<Shown> withNull(Table table, Ground ground) {
        // A column that belongs to another table says most: nobody looks after that hive.
        return Stream.of(true, false).flatMap(linked -> table.columns().stream()
                .filter(column -> ground.isLinked(table, column) == linked)
                .filter(column -> hasNull(table, table.columns().indexOf(column)))).findFirst().map(column -> {
                    AliasedTable named = AliasedTable.of(table).getFirst();
                    String where = "SELECT * FROM " + named.item() + " WHERE " + named.column(column.name());
                    return Shown.of(where + " = NULL", where + " IS NULL");
                });
    }

    private static boolean hasNull(Table table, int column) {
        return table.rows().stream().anyMatch(row -> row.value(column).isNull());
    }

    /** NOT IN over a column in which a NULL is. */
    static Stream<Shown> notIn(Ground ground) {
        return ground.ties().stream().filter(tie -> tie.isSimple() && tie.leavesSomeOut()
                && hasNull(tie.right(), tie.right().column(tie.on().getFirst().right()).orElseThrow())).map(tie -> {
                    List<AliasedTable> tables = AliasedTable.of(tie.left(), tie.right());
                    AliasedTable left = tables.getFirst();
                    AliasedTable right = tables.getLast();
                    String from = "SELECT * FROM " + left.item() + " WHERE ";
                    return Shown.of(from + left.column(tie.on().getFirst().left()) + " NOT IN (SELECT "
                            + right.column(tie.on().getFirst().right()) + " FROM " + right.item() + ")",
                            from + "NOT EXISTS (SELECT * FROM " + right.item() + " WHERE "
                                    + left.equal(right, tie.on()) + ")");
                });
    }

    /** A condition on the right table in WHERE, which the NULLs of unmatched rows do not fulfil. */
    static Stream<Shown> undoneByWhere(Ground ground) {
        return ground.ties().stream().filter(tie -> tie.leavesSomeOut() && ofMatched(tie, ground).isPresent())
                .map(tie -> {
                    List<AliasedTable> tables = AliasedTable.of(tie.left(), tie.right());
                    AliasedTable right = tables.getLast();
                    String condition =
                            right.column(ground.label(tie.right())) + " = " + ofMatched(tie, ground).orElseThrow()
                                    .sql();
                    String joined = "SELECT * FROM " + tables.getFirst().item() + " LEFT JOIN " + right.item() + " ON "
                            + tables.getFirst().equal(right, tie.on());
                    return Shown.of(joined + " WHERE " + condition, joined + " AND " + condition);
                });
    }

    /** What a row on the right is called by that has a match. */
    private static Optional<Value> ofMatched(Tie tie, Ground ground) {
        int label = tie.right().column(ground.label(tie.right())).orElseThrow();
        return tie.check().right().matchedRows().stream().map(row -> tie.right().rows().get(row).value(label))
                .filter(value -> !value.isNull()).findFirst();
    }

    /** A third table joined to the second by an inner join: rows that the outer join kept do not match there. */
    static Stream<Shown> undoneByJoin(Ground ground) {
        List<Tie> ties = ground.ties();
        return ties.stream().filter(Tie::leavesSomeOut).flatMap(first -> ties.stream()
                .filter(second -> second.left().equals(first.right()) && !second.right().equals(first.left()))
                .map(second -> chain(first, second)));
    }

    private static Shown chain(Tie first, Tie second) {
        List<AliasedTable> tables = AliasedTable.of(first.left(), first.right(), second.right());
        List<String> texts = IntStream.range(0, 2).mapToObj(i -> "SELECT * FROM " + tables.getFirst().item()
                + " LEFT JOIN " + tables.get(1).item() + " ON " + tables.getFirst().equal(tables.get(1), first.on())
                + (i == 0 ? " JOIN " : " LEFT JOIN ") + tables.get(2).item() + " ON "
                + tables.get(1).equal(tables.get(2), second.on())).toList();
        return Shown.of(texts.getFirst(), texts.getLast());
    }
}
