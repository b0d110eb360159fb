package lunko.engine.sql;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiPredicate;
import lunko.engine.ValueOrder;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Value;

/** Rows joined with rows: by left row, then by right row, a kept left row in its place, the kept right rows at the end. */
final class Rows {
    /** The most rows that a step of a query may give. */
    static final int MOST = 2_000_000;

    /** A column of the left rows and one of the right rows that must be equal. */
    record Equal(int left, int right) {}

    private Rows() {}

    /**
     * Joins rows of the given widths. Rows that are not equal in all the pairs need not be asked about; the others
     * are partners if the condition says so. {@code tooMany} is thrown if there are more than {@link #MOST}.
     */
    static List<List<Value>> join(List<List<Value>> left, int leftWidth, List<List<Value>> right, int rightWidth,
                                  JoinKind kind, List<Equal> equal, BiPredicate<List<Value>, List<Value>> partners,
                                  Refusal tooMany) {
        Map<List<Object>, List<Integer>> rightByKey = byKey(right, equal);
        boolean[] met = new boolean[right.size()];
        List<List<Value>> joined = new ArrayList<>();
        for (List<Value> l : left) {
            boolean alone = true;
            for (int r : rightByKey.getOrDefault(key(l, equal, Side.LEFT), List.of())) {
                if (!partners.test(l, right.get(r))) continue;
                alone = false;
                met[r] = true;
                joined.add(both(l, right.get(r)));
                if (joined.size() > MOST) throw tooMany;
            }
            if (alone && kind.keeps(Side.LEFT)) joined.add(both(l, nulls(rightWidth)));
        }
        if (kind.keeps(Side.RIGHT)) {
            for (int r = 0; r < met.length; r++) {
                if (!met[r]) joined.add(both(nulls(leftWidth), right.get(r)));
            }
        }
        return joined;
    }

    static List<Value> both(List<Value> left, List<Value> right) {
        List<Value> both = new ArrayList<>(left.size() + right.size());
        both.addAll(left);
        both.addAll(right);
        return both;
    }

    private static List<Value> nulls(int width) {
        return Collections.nCopies(width, Value.NULL);
    }

    private static Map<List<Object>, List<Integer>> byKey(List<List<Value>> rows, List<Equal> equal) {
        Map<List<Object>, List<Integer>> byKey = new HashMap<>();
        for (int r = 0; r < rows.size(); r++) {
            byKey.computeIfAbsent(key(rows.get(r), equal, Side.RIGHT), _ -> new ArrayList<>()).add(r);
        }
        return byKey;
    }

    /** What a row is looked up by. NULL equals nothing: a key with a NULL in it is one that the other side has not. */
    private static List<Object> key(List<Value> row, List<Equal> equal, Side side) {
        List<Object> key = new ArrayList<>(equal.size());
        for (Equal pair : equal) {
            Value value = row.get(side.of(pair.left, pair.right));
            key.add(value.isNull() ? side : ValueOrder.identity(value));
        }
        return key;
    }
}
