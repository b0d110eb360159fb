package lunko.engine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import lunko.query.Side;
import lunko.query.Tally;
import lunko.table.Row;
import lunko.table.Value;

/**
 * Which rows are partners. Rows with the same key share one list of partners, so memory grows with the rows and
 * not with the pairs, of which there may be rows times rows.
 */
public final class Matching {
    private static final int[] NOBODY = {};

    private final int rightRows;
    private final int[][] partners;
    private final int[] firstPartner;
    private final int[] rightAlone;
    private final Tally tally;

    private Matching(int[][] partners, int[] firstPartner) {
        this.rightRows = firstPartner.length;
        this.partners = partners;
        this.firstPartner = firstPartner;
        this.rightAlone = IntStream.range(0, rightRows).filter(right -> firstPartner[right] < 0).toArray();
        long pairs = Arrays.stream(partners).mapToLong(list -> list.length).sum();
        long leftAlone = Arrays.stream(partners).filter(list -> list.length == 0).count();
        this.tally = new Tally(partners.length, rightRows, pairs, leftAlone, rightAlone.length);
    }

    /** Finds the partners of every row: by equal keys, or everybody with everybody where nothing is compared. */
    public static Matching of(Plan plan) {
        Map<List<Object>, int[]> rightsByKey = rightsByKey(plan);
        List<Row> lefts = plan.left().rows();
        int[][] partners = new int[lefts.size()][];
        int[] firstPartner = new int[plan.right().rows().size()];
        Arrays.fill(firstPartner, -1);
        for (int left = 0; left < partners.length; left++) {
            partners[left] = key(plan, Side.LEFT, lefts.get(left)).map(rightsByKey::get).orElse(NOBODY);
            // The first of a shared list is met first with the others: if it is known, so are they.
            if (partners[left].length > 0 && firstPartner[partners[left][0]] < 0) {
                for (int right : partners[left]) firstPartner[right] = left;
            }
        }
        return new Matching(partners, firstPartner);
    }

    private static Map<List<Object>, int[]> rightsByKey(Plan plan) {
        Map<List<Object>, IntStream.Builder> rowsByKey = new HashMap<>();
        List<Row> rights = plan.right().rows();
        for (int row = 0; row < rights.size(); row++) {
            Optional<List<Object>> key = key(plan, Side.RIGHT, rights.get(row));
            if (key.isPresent()) rowsByKey.computeIfAbsent(key.get(), _ -> IntStream.builder()).add(row);
        }
        Map<List<Object>, int[]> rightsByKey = new HashMap<>();
        rowsByKey.forEach((key, rows) -> rightsByKey.put(key, rows.build().toArray()));
        return rightsByKey;
    }

    /** What a row is matched by: nothing, if a NULL is in it. Without equalities all rows are matched by the same. */
    private static Optional<List<Object>> key(Plan plan, Side side, Row row) {
        List<Object> key = new ArrayList<>(plan.on().size());
        for (Equality equality : plan.on()) {
            Value value = row.value(side.of(equality.left(), equality.right()));
            if (value.isNull()) return Optional.empty();
            key.add(ValueOrder.identity(value));
        }
        return Optional.of(key);
    }

    /** The numbers of rows, pairs and partnerless rows. */
    public Tally tally() {
        return tally;
    }

    /** How many rows the left table has. */
    public int leftRows() {
        return partners.length;
    }

    /** How many rows the right table has. */
    public int rightRows() {
        return rightRows;
    }

    /** How many partners a left row has. */
    public int partners(int left) {
        return partners[left].length;
    }

    /** The right row that is a left row's n-th partner, counted from 0 in the order of the right table. */
    public int partner(int left, int n) {
        return partners[left][n];
    }

    /** How many partners a left row has among the right rows before this one. */
    public int partnersBefore(int left, int right) {
        int found = Arrays.binarySearch(partners[left], right);
        return found >= 0 ? found : -found - 1;
    }

    /** The first left row that is a right row's partner. */
    public OptionalInt firstPartner(int right) {
        return firstPartner[right] < 0 ? OptionalInt.empty() : OptionalInt.of(firstPartner[right]);
    }

    /** How many right rows have no partner. */
    public int rightAlone() {
        return rightAlone.length;
    }

    /** The n-th right row without a partner, counted from 0 in the order of the right table. */
    public int rightAlone(int n) {
        return rightAlone[n];
    }

    /** How many right rows without a partner there are before this one. */
    public int rightAloneBefore(int right) {
        int found = Arrays.binarySearch(rightAlone, right);
        return found >= 0 ? found : -found - 1;
    }
}
