package lunko;

import java.util.List;
import lunko.engine.Join;
import lunko.engine.JoinResult;
import lunko.engine.Joined;
import lunko.lesson.Lesson;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.query.change.PlainJoin;
import lunko.table.Table;

/** Two tables and the plain join that a lesson draws of them. */
public record TwoTables(Table left, JoinKind kind, Table right, List<KeyPair> on) {

    /** The same as another kind of join. */
    public TwoTables as(JoinKind other) {
        return new TwoTables(left, other, right, on);
    }

    /** The two tables in each other's place, whose columns are called alike, as another kind of join. */
    public TwoTables swapped(JoinKind other) {
        return new TwoTables(right, other, left, on);
    }

    /** The table on a side. */
    public Table on(Side side) {
        return side.of(left, right);
    }

    /** Both tables. */
    public List<Table> tables() {
        return List.of(left, right);
    }

    /** The lesson that shows the join. */
    public Lesson lesson() {
        return Lesson.of("", left, kind, right, on);
    }

    /** The join as it is drawn. */
    public PlainJoin plain() {
        return PlainJoin.of(left, kind, right, on);
    }

    /** The join as text. */
    public String sql() {
        return lesson().staged().sql();
    }

    /** What it comes to, as the lesson shows it. */
    public JoinResult outcome() {
        return JoinResult.of((Joined) lesson().staged().result().expect());
    }

    /** The join that it comes to. */
    public Join join() {
        return outcome().join();
    }
}
