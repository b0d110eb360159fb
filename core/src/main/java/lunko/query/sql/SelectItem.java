package lunko.query.sql;

import java.util.Optional;

/** One item of a SELECT list. */
public sealed interface SelectItem {

    /** All columns of all tables. */
    record Everything() implements SelectItem {}

    /** All columns of a table. */
    record EverythingOf(Name table) implements SelectItem {}

    /** The value of an expression, under a name if one is given. */
    record Item(Expression expression, Optional<Name> name) implements SelectItem {}
}
