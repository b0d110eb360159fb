package lunko.engine;

import java.util.List;
import java.util.OptionalInt;
import lunko.problem.Checked;
import lunko.problem.LessonFault;
import lunko.problem.QueryFault;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Value;

/** A left and a right column, counted from 0, whose values a join compares. */
public record Equality(int left, int right) {

    /** The two columns of a key pair; a problem if one is not there or if their types cannot be compared. */
    public static Checked<Equality> of(KeyPair pair, Table left, Table right) {
        return column(left, pair.left()).then(l -> column(right, pair.right()).then(r -> {
            Column one = left.columns().get(l);
            Column other = right.columns().get(r);
            if (one.type().comparesWith(other.type())) return Checked.valid(new Equality(l, r));
            return Checked.invalid(new QueryFault.NotMatchable(typed(left, one), typed(right, other)));
        }));
    }

    private static QueryFault.Typed typed(Table table, Column column) {
        return new QueryFault.Typed(new QueryFault.Named.Written(table.name() + "." + column.name()), column.type());
    }

    private static Checked<Integer> column(Table table, String name) {
        OptionalInt column = table.column(name);
        if (column.isPresent()) return Checked.valid(column.getAsInt());
        return Checked.invalid(new LessonFault.NoColumn(name, table.name(),
                table.columns().stream().map(Column::name).toList()));
    }

    /** The comparison for a left and a right row. */
    public Comparison of(List<Value> leftRow, List<Value> rightRow) {
        return new Comparison(leftRow.get(left), rightRow.get(right));
    }

    /** The column on a side. */
    public int on(Side side) {
        return side.of(left, right);
    }

    /** The same of two tables in each other's place. */
    public Equality mirrored() {
        return new Equality(right, left);
    }
}
