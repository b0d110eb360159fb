package lunko.engine;

import java.util.AbstractList;
import java.util.Objects;
import java.util.RandomAccess;
import java.util.function.IntFunction;

/**
 * An immutable list whose elements are computed when they are asked for. It is equal to any list of equal elements, so
 * that values made of such lists are compared by what they hold.
 */
public final class LazyList<T> extends AbstractList<T> implements RandomAccess {
    private static final int MOST_KEPT = 2_000_000;

    private final int size;
    private final IntFunction<T> element;

    private LazyList(int size, IntFunction<T> element) {
        this.size = size;
        this.element = element;
    }

    /** A list of so many elements, each computed from its index alone and then kept, unless there are very many. */
    public static <T> LazyList<T> kept(int size, IntFunction<T> element) {
        if (size > MOST_KEPT) return of(size, element);
        @SuppressWarnings("unchecked")
        T[] known = (T[]) new Object[size];
        // What is kept is immutable, and so as it should be for every thread that sees it.
        return of(size, index -> {
            T there = known[index];
            if (there == null) known[index] = there = element.apply(index);
            return there;
        });
    }

    /** A list of so many elements, each computed from its index alone. */
    public static <T> LazyList<T> of(int size, IntFunction<T> element) {
        return new LazyList<>(size, element);
    }

    @Override
    public T get(int index) {
        return element.apply(Objects.checkIndex(index, size));
    }

    @Override
    public int size() {
        return size;
    }
}
