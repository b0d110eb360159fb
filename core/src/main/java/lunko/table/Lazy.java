package lunko.table;

import java.util.Optional;
import java.util.function.Supplier;

/** A value that is computed when it is first asked for, and then known. */
public final class Lazy<T> implements Supplier<T> {
    private final Supplier<T> compute;
    private Optional<T> known = Optional.empty();

    /** A value that is computed so. */
    public Lazy(Supplier<T> compute) {
        this.compute = compute;
    }

    @Override
    public T get() {
        if (known.isEmpty()) known = Optional.of(compute.get());
        return known.get();
    }
}
