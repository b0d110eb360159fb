package lunko.engine;

import java.util.AbstractList;
import java.util.RandomAccess;
import java.util.function.IntFunction;

/**
 * An immutable list whose elements are computed when they are asked for. It is equal to any list of equal
 * elements, so that values made of such lists are compared by what they hold.
 */
public final class LazyList<T> extends AbstractList<T> implements RandomAccess {
    private final int size;
    private final IntFunction<T> element;

    private LazyList(int size, IntFunction<T> element) {
        this.size = size;
        this.element = element;
    }

    /** A list of so many elements, each computed from its index alone. */
    public static <T> LazyList<T> of(int size, IntFunction<T> element) {
        return new LazyList<>(size, element);
    }

    @Override
    public T get(int index) {
        return element.apply(java.util.Objects.checkIndex(index, size));
    }

    @Override
    public int size() {
        return size;
    }
}
