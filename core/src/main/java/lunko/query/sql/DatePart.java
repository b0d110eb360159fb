package lunko.query.sql;

import java.util.Arrays;
import java.util.Optional;

/** The parts of a day that EXTRACT takes out of it (ISO/IEC 9075-2, primary datetime field). */
public enum DatePart {
    /** The year. */
    YEAR,
    /** The month, from 1. */
    MONTH,
    /** The day of the month, from 1. */
    DAY;

    /** The part of a name in any case, if there is one. */
    static Optional<DatePart> of(Name name) {
        return Arrays.stream(values()).filter(part -> name.means(part.name())).findFirst();
    }
}
