package lunko.table;

import java.util.Collections;
import java.util.List;

/**
 * What is drawn by chance, and is the same whenever the seed is, on any machine and in any browser (SplitMix64: Steele,
 * Lea and Flood, Fast splittable pseudorandom number generators, 2014).
 */
public final class Chance {
    private static final long STEP = 0x9E3779B97F4A7C15L;
    private static final int DIGITS = 31;

    private long state;

    /** Begins with a seed. */
    public Chance(long seed) {
        this.state = seed;
    }

    private long next() {
        state += STEP;
        long mixed = (state ^ state >>> 30) * 0xBF58476D1CE4E5B9L;
        mixed = (mixed ^ mixed >>> 27) * 0x94D049BB133111EBL;
        return mixed ^ mixed >>> 31;
    }

    /** A number from 0 to less than {@code bound}, which is more than 0. */
    public int below(int bound) {
        return (int) below((long) bound);
    }

    /** A number from 0 to less than {@code bound}, which is more than 0. */
    public long below(long bound) {
        if (bound <= 0) throw new IllegalArgumentException("nothing is below " + bound);
        // Bounds are small beside all numbers that there are: none is noticeably more likely than another.
        if (bound <= 1L << DIGITS) return (next() >>> 64 - DIGITS) % bound;
        return (next() >>> 1) % bound;
    }

    /** A number from {@code first} to {@code last}, both among them. */
    public long from(long first, long last) {
        return first + below(last - first + 1);
    }

    /** True once in so many times. */
    public boolean onceIn(int times) {
        return below(times) == 0;
    }

    /** One of these, of which there is at least one. */
    public <T> T of(List<T> all) {
        return all.get(below(all.size()));
    }

    /** Puts a list into an order of chance. */
    public void shuffle(List<?> list) {
        for (int left = list.size(); left > 1; left--) Collections.swap(list, left - 1, below(left));
    }
}
