package lunko.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lunko.engine.Plan;
import lunko.insight.KeyProposals;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Query;
import lunko.query.Side;
import lunko.table.Table;

/**
 * The document an instructor works on: a left and a right table, how they are joined and by which columns, and the tables
 * that stand on the shelf meanwhile.
 */
public record Lesson(String title, Table left, Table right, JoinKind kind, List<KeyPair> on, List<Table> shelf) {

    /** Keeps its key pairs and tables as they are. */
    public Lesson {
        on = List.copyOf(on);
        shelf = List.copyOf(shelf);
    }

    /** A lesson of two tables. */
    public Lesson(String title, Table left, Table right, JoinKind kind, List<KeyPair> on) {
        this(title, left, right, kind, on, List.of());
    }

    /** A lesson on two tables, joined by the columns that surely belong together, if there are such. */
    public static Lesson on(Table left, JoinKind kind, Table right) {
        return new Lesson("", left, right, kind, List.of()).replace(Side.RIGHT, right);
    }

    /** The table on a side. */
    public Table table(Side side) {
        return side.of(left, right);
    }

    /** All tables: the left one, the right one, and those on the shelf. */
    public List<Table> tables() {
        return Stream.concat(Stream.of(left, right), shelf.stream()).toList();
    }

    /** The query that the lesson shows. */
    public Query query() {
        return Query.of(left, kind, right, on);
    }

    /** The query, bound to the tables. */
    public Checked<Plan> plan() {
        return Plan.bind(query(), tables());
    }

    /** The columns that may belong together and are not matched yet. */
    public List<KeyPair> proposals() {
        return KeyProposals.of(left, right).pairs().stream().filter(pair -> !on.contains(pair)).toList();
    }

    /** The same lesson with another kind of join. */
    public Lesson of(JoinKind other) {
        return new Lesson(title, left, right, other, on, shelf);
    }

    /** The same lesson with other columns matched. */
    public Lesson matching(List<KeyPair> pairs) {
        return new Lesson(title, left, right, kind, pairs, shelf);
    }

    /** The same lesson with the table of one side changed, its columns staying as they are. */
    Lesson change(Side side, UnaryOperator<Table> change) {
        return side == Side.LEFT
                ? new Lesson(title, change.apply(left), right, kind, on, shelf)
                : new Lesson(title, left, change.apply(right), kind, on, shelf);
    }

    /**
     * The same lesson with another table on one side. Columns stay matched where that still makes sense; where
     * none does, those are matched that surely belong together. A name that another table has gets a number.
     */
    Lesson replace(Side side, Table table) {
        Table named = table.named(free(table.name(), Stream.concat(Stream.of(table(side.opposite())), shelf.stream()).toList()));
        Lesson changed = change(side, _ -> named);
        List<KeyPair> still = on.stream()
                .filter(pair -> Plan.equality(pair, changed.left, changed.right) instanceof Checked.Valid).toList();
        return changed.matching(still.isEmpty() ? KeyProposals.of(changed.left, changed.right).sure() : still)
                .titledByTables();
    }

    private Lesson titledByTables() {
        return new Lesson(left.name() + " and " + right.name(), left, right, kind, on, shelf);
    }

    /** The same lesson with more tables on the shelf. */
    public Lesson shelving(List<Table> more) {
        List<Table> all = new ArrayList<>(shelf);
        for (Table table : more) {
            all.add(table.named(free(table.name(), Stream.concat(Stream.of(left, right), all.stream()).toList())));
        }
        return new Lesson(title, left, right, kind, on, all);
    }

    /** The same lesson, a table of the shelf on a side, and the one that was there in its place on the shelf. */
    Optional<Lesson> swap(Side side, String name) {
        return shelf.stream().filter(table -> table.name().equals(name)).findFirst().map(taken -> {
            List<Table> rest = shelf.stream().map(table -> table == taken ? table(side) : table).toList();
            return new Lesson(title, left, right, kind, on, rest).replace(side, taken);
        });
    }

    private static String free(String name, List<Table> taken) {
        return Stream.iterate(1, number -> number + 1).map(number -> number == 1 ? name : name + "_" + number)
                .filter(other -> taken.stream().noneMatch(table -> table.name().equalsIgnoreCase(other))).findFirst().orElseThrow();
    }
}
