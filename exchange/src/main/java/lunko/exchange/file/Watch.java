package lunko.exchange.file;

/** Whoever waits for long work: told how far it is, and asked whether it shall go on. */
@FunctionalInterface
public interface Watch {
    /** Nobody watches: the work goes on to its end. */
    Watch NOBODY = (_, _) -> true;

    /** Whether to go on, with so much done of the whole. Called often, from the thread that works. */
    boolean goesOn(long done, long whole);
}
