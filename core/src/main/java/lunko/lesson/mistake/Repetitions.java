package lunko.lesson.mistake;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import lunko.lesson.AliasedTable;
import lunko.query.SqlName;

/** Mistakes with rows that a join repeats. */
final class Repetitions {
    private Repetitions() {}

    /** Each row of one table counted, or its number added, once for each of its matches. */
    static Stream<Shown> fan(Ground ground) {
        // Where there is something to add up, that is worse than a wrong number of rows.
        return ground.ties().stream().filter(Tie::isOneToMany)
                .sorted(Comparator.comparing(tie -> ground.measure(tie.left()).isEmpty())).map(tie -> {
                    List<AliasedTable> tables = AliasedTable.of(tie.left(), tie.right());
                    AliasedTable one = tables.getFirst();
                    String figure = ground.measure(tie.left()).map(measure -> "SUM(" + one.column(measure) + ")")
                            .orElse("COUNT(" + one.column(tie.on().getFirst().left()) + ")");
                    String matched = one.equal(tables.getLast(), tie.on());
                    return Shown.of(
                            "SELECT " + figure + " FROM " + one.item() + " JOIN " + tables.getLast().item() + " ON "
                                    + matched,
                            "SELECT " + figure + " FROM " + one.item() + " WHERE EXISTS (SELECT * FROM "
                                    + tables.getLast().item() + " WHERE " + matched + ")");
                });
    }

    /** The names of the rows that have a match, made single again by DISTINCT. */
    static Stream<Shown> distinct(Ground ground) {
        return ground.ties().stream().filter(Tie::isOneToMany).map(tie -> {
            List<AliasedTable> tables = AliasedTable.of(tie.left(), tie.right());
            AliasedTable one = tables.getFirst();
            String label = one.column(ground.label(tie.left()));
            String matched = one.equal(tables.getLast(), tie.on());
            return Shown.of("SELECT DISTINCT " + label + " FROM " + one.item() + " JOIN " + tables.getLast().item()
                    + " ON " + matched,
                    "SELECT " + label + " FROM " + one.item() + " WHERE EXISTS (SELECT * FROM "
                            + tables.getLast().item() + " WHERE " + matched + ")");
        });
    }

    /** What is counted of two tables that are both many to the same one: the rows of each repeat the other's. */
    static Stream<Shown> chasm(Ground ground) {
        List<Tie> ties = ground.ties().stream().filter(Tie::isSimple).filter(Tie::isOneToMany).toList();
        return ties.stream().flatMap(first -> ties.stream()
                .filter(second -> first.left().equals(second.left()) && !first.right().equals(second.right()))
                .map(second -> chasm(ground, first, second)));
    }

    private static Shown chasm(Ground ground, Tie first, Tie second) {
        List<AliasedTable> tables = AliasedTable.of(first.left(), first.right(), second.right());
        AliasedTable one = tables.getFirst();
        String label = one.column(ground.label(first.left()));
        String wrong = "SELECT " + label + ", " + figure(ground, first, tables.get(1)) + ", "
                + figure(ground, second, tables.get(2)) + " FROM " + one.item() + " JOIN " + tables.get(1).item()
                + " ON " + one.equal(tables.get(1), first.on()) + " JOIN " + tables.get(2).item() + " ON "
                + one.equal(tables.get(2), second.on()) + " GROUP BY " + label;
        String mended = "SELECT " + label + ", " + tables.get(1).column("figure") + ", "
                + tables.get(2).column("figure") + " FROM " + one.item() + " JOIN "
                + grouped(ground, first, tables.get(1)) + " ON " + one.equal(tables.get(1), first.on()) + " JOIN "
                + grouped(ground, second, tables.get(2)) + " ON " + one.equal(tables.get(2), second.on());
        return Shown.of(wrong, mended);
    }

    private static String figure(Ground ground, Tie tie, AliasedTable many) {
        return ground.measure(tie.right()).map(measure -> "SUM(" + many.column(measure) + ")")
                .orElse("COUNT(" + many.column(tie.on().getFirst().right()) + ")");
    }

    /** The table on the right, already grouped by what it is joined by. */
    private static String grouped(Ground ground, Tie tie, AliasedTable many) {
        String key = tie.on().getFirst().right();
        return "(SELECT " + many.column(key) + ", " + figure(ground, tie, many) + " AS figure FROM " + many.item()
                + " GROUP BY " + many.column(key) + ") AS " + new SqlName(many.alias()).text();
    }
}
