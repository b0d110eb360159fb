package lunko.steps;

import lunko.words.Language;

/** What a way of matching has put beside a row. */
public sealed interface RowMark {

    /** Nothing. */
    record None() implements RowMark {}

    /** The bucket that it is in, by its key. */
    record Bucket(String key) implements RowMark {}

    /** It is in no bucket, as its key is NULL. */
    record NoBucket() implements RowMark {}

    /** Its place in the order of its side, from 1. */
    record Place(int number) implements RowMark {}

    /** It is set aside, as its key is NULL. */
    record Aside() implements RowMark {}

    /** Nothing. */
    RowMark NONE = new None();

    /** The mark as it stands beside the row; empty for none. */
    default String text(Language in) {
        return switch (this) {
            case None _ -> "";
            case Bucket(String key) -> in.matching().bucket(key);
            case NoBucket _ -> in.matching().noBucket();
            case Place(int number) -> in.counts().ordinal(number);
            case Aside _ -> in.matching().aside();
        };
    }
}
