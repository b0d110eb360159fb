package lunko.steps;

import java.util.List;
import java.util.stream.Collectors;
import lunko.engine.Join;
import lunko.engine.JoinCondition;
import lunko.engine.Matching;
import lunko.engine.RowPairs;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Value;

/** The inner rows are put into buckets of equal keys, and every outer row is compared with those of its bucket. */
record HashJoin(Join join, RowPairs decisions, RowPairs buckets) implements JoinPlan {

    static HashJoin of(Join join, RowPairs decisions) {
        Join keys = new Join(JoinKind.INNER, join.left(), join.right(), JoinCondition.ofEqual(join.on().equal()));
        return new HashJoin(join, decisions, Matching.of(keys).pairs());
    }

    @Override
    public int preparations() {
        return buckets.rightRows();
    }

    @Override
    public Step preparation(int number) {
        return new Step.Place(Side.RIGHT, number);
    }

    @Override
    public RowMark mark(Side side, int row, int prepared) {
        if (side == Side.LEFT || row >= prepared) return RowMark.NONE;
        List<Value> key =
                join.on().equal().stream().map(equality -> join.row(Side.RIGHT, row).get(equality.right())).toList();
        return key.stream().anyMatch(Value::isNull) ? new RowMark.NoBucket()
                : new RowMark.Bucket(key.stream().map(Value::shown).collect(Collectors.joining(", ")));
    }

    @Override
    public boolean looksUp() {
        return true;
    }

    @Override
    public int compared(int outer) {
        return join.kind().stopsAtFirst() && decisions.count(outer) > 0
                ? indexOf(outer, decisions.right(outer, 0)) + 1 : buckets.count(outer);
    }

    @Override
    public int innerAt(int outer, int n) {
        return buckets.right(outer, n);
    }

    @Override
    public int indexOf(int outer, int match) {
        return buckets.before(outer, match);
    }
}
