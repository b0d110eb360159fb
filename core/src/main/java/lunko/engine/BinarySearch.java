package lunko.engine;

import java.util.function.IntPredicate;

/** Finds by halving where among numbers in order something begins to hold. */
public final class BinarySearch {
    private BinarySearch() {}

    /** The first number from 0 from which on something holds; {@code size} if it holds for none below that. */
    public static int first(int size, IntPredicate holds) {
        int low = 0;
        int high = size;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (holds.test(middle)) high = middle;
            else low = middle + 1;
        }
        return low;
    }
}
