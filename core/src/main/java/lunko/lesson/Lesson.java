package lunko.lesson;

import java.util.List;
import java.util.function.UnaryOperator;
import lunko.engine.Plan;
import lunko.insight.KeyProposals;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Query;
import lunko.query.Side;
import lunko.table.Table;

/** The document an instructor works on: a left and a right table, how they are joined, and by which columns. */
public record Lesson(String title, Table left, Table right, JoinKind kind, List<KeyPair> on) {

    /** Keeps its key pairs as they are. */
    public Lesson {
        on = List.copyOf(on);
    }

    /** A lesson on two tables, joined by the columns that surely belong together, if there are such. */
    public static Lesson on(Table left, JoinKind kind, Table right) {
        return new Lesson("", left, right, kind, List.of()).replace(Side.RIGHT, right);
    }

    /** The table on a side. */
    public Table table(Side side) {
        return side.of(left, right);
    }

    /** Both tables. */
    public List<Table> tables() {
        return List.of(left, right);
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
        return new Lesson(title, left, right, other, on);
    }

    /** The same lesson with other columns matched. */
    public Lesson matching(List<KeyPair> pairs) {
        return new Lesson(title, left, right, kind, pairs);
    }

    /** The same lesson with the table of one side changed, its columns staying as they are. */
    Lesson change(Side side, UnaryOperator<Table> change) {
        return side == Side.LEFT
                ? new Lesson(title, change.apply(left), right, kind, on)
                : new Lesson(title, left, change.apply(right), kind, on);
    }

    /**
     * The same lesson with another table on one side. Columns stay matched where that still makes sense; where
     * none does, those are matched that surely belong together. A name that the other side has gets a number.
     */
    Lesson replace(Side side, Table table) {
        Table named = table.named(free(table.name(), table(side.opposite()).name()));
        Lesson changed = change(side, _ -> named);
        List<KeyPair> still = on.stream()
                .filter(pair -> Plan.equality(pair, changed.left, changed.right) instanceof Checked.Valid).toList();
        return changed.matching(still.isEmpty() ? KeyProposals.of(changed.left, changed.right).sure() : still)
                .titledByTables();
    }

    private Lesson titledByTables() {
        return new Lesson(left.name() + " and " + right.name(), left, right, kind, on);
    }

    private static String free(String name, String taken) {
        if (!name.equalsIgnoreCase(taken)) return name;
        return name + "_2";
    }
}
