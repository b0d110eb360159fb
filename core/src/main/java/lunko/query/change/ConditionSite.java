package lunko.query.change;

/** Where in a query a condition stands that decides about rows. */
public sealed interface ConditionSite {

    /** In the ON of a join, counted from 0 in the order in which the joins of FROM are done. */
    record On(int join) implements ConditionSite {}

    /** In WHERE. */
    record Where() implements ConditionSite {}
}
