package lunko.problem;

/** Why a query cannot be changed as it was asked, or not be written for a database. */
public sealed interface ChangeFault extends Fault {

    /** A condition that is gone. */
    record ConditionGone() implements ChangeFault {}

    /** A join that is gone. */
    record JoinGone() implements ChangeFault {}

    /** A table that is gone from FROM. */
    record TableGone() implements ChangeFault {}

    /** Two combined queries, of which one must be meant. */
    record CombinedQueries() implements ChangeFault {}

    /** A join without ON, for a condition that should stand there. */
    record NoOnThere() implements ChangeFault {}

    /** The last condition of a join. */
    record LastCondition() implements ChangeFault {}

    /** A name that another table of the query has. */
    record NameTaken(String name) implements ChangeFault {}

    /** A database without NATURAL and USING, and a query too much for ON. */
    record NoNaturalThere() implements ChangeFault {}

    /** A database without full joins, and a query too much for UNION ALL. */
    record NoFullJoinThere() implements ChangeFault {}

    /** A database without INTERSECT ALL and EXCEPT ALL. */
    record NoAllThere() implements ChangeFault {}

    /** A database without parentheses around a query of a UNION. */
    record NoNestedUnionThere() implements ChangeFault {}

    /** A database that compares a value with those of a query by IN and EXISTS alone. */
    record NoAnyThere() implements ChangeFault {}

    /** There is no such function or word, and no other words for it that Lunko knows. */
    record NoWordsThere(String words) implements ChangeFault {}

    /** A database that has no names for the columns of a query in FROM. */
    record NoColumnNamesThere() implements ChangeFault {}
}
