package lunko.engine;

import java.util.Arrays;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * For each left row, some right rows in their order. Left rows may share one list, so memory grows with the rows and
 * not with the pairs, of which there may be rows times rows. Rows count from 0.
 */
public final class RowPairs {
    private final int rightRows;
    private final int[][] rights;
    private final int[] firstLeft;
    private final int[] rightAlone;
    private final long pairs;
    private final long leftAlone;

    /** Lists for each left row; where they are {@code shared}, two lists are the same one or have no row in common. */
    RowPairs(int[][] rights, int rightRows, boolean shared) {
        this.rightRows = rightRows;
        this.rights = rights;
        this.firstLeft = firstLeft(rights, rightRows, shared);
        this.rightAlone = IntStream.range(0, rightRows).filter(right -> firstLeft[right] < 0).toArray();
        long all = 0;
        long alone = 0;
        for (int[] list : rights) {
            all += list.length;
            if (list.length == 0) alone++;
        }
        this.pairs = all;
        this.leftAlone = alone;
    }

    private static int[] firstLeft(int[][] rights, int rightRows, boolean shared) {
        int[] first = new int[rightRows];
        Arrays.fill(first, -1);
        for (int left = 0; left < rights.length; left++) {
            int[] list = rights[left];
            // The first of a shared list is met first with the others: if it is known, so are they.
            if (list.length == 0 || shared && first[list[0]] >= 0) continue;
            for (int right : list) {
                if (first[right] < 0) first[right] = left;
            }
        }
        return first;
    }

    /** How many rows the left side has. */
    public int leftRows() {
        return rights.length;
    }

    /** How many rows the right side has. */
    public int rightRows() {
        return rightRows;
    }

    /** How many pairs there are. */
    public long size() {
        return pairs;
    }

    /** How many right rows a left row has. */
    public int count(int left) {
        return rights[left].length;
    }

    /** The n-th right row of a left row, counted from 0 in the order of the right side. */
    public int right(int left, int n) {
        return rights[left][n];
    }

    /** How many right rows a left row has before this one. */
    public int before(int left, int right) {
        return placeIn(rights[left], right);
    }

    /** Whether a left row has a right row. */
    public boolean has(int left, int right) {
        return Arrays.binarySearch(rights[left], right) >= 0;
    }

    /** The first left row that has a right row. */
    public OptionalInt firstLeft(int right) {
        return firstLeft[right] < 0 ? OptionalInt.empty() : OptionalInt.of(firstLeft[right]);
    }

    /** How many left rows have no right row. */
    public long leftAlone() {
        return leftAlone;
    }

    /** How many right rows no left row has. */
    public int rightAlone() {
        return rightAlone.length;
    }

    /** The n-th right row that no left row has, counted from 0 in the order of the right side. */
    public int rightAlone(int n) {
        return rightAlone[n];
    }

    /** How many right rows that no left row has there are before this one. */
    public int rightAloneBefore(int right) {
        return placeIn(rightAlone, right);
    }

    private static int placeIn(int[] sorted, int row) {
        int found = Arrays.binarySearch(sorted, row);
        return found >= 0 ? found : -found - 1;
    }
}
