package lunko.problem;

import java.util.List;
import java.util.Optional;
import lunko.table.Type;

/** What is wrong with a statement that can be read: names that mean nothing, and types that do not go together. */
public sealed interface QueryFault extends Fault {

    /** What a name should have meant. */
    enum Thing {
        /** A table. */
        TABLE,
        /** A table of the query's FROM. */
        TABLE_IN_FROM,
        /** A column. */
        COLUMN,
        /** A function. */
        FUNCTION
    }

    /**
     * A name that means nothing.
     *
     * @param of the table that a column was looked for in
     * @param there what there is
     * @param near the one that is probably meant
     */
    record NotThere(Thing thing, String name, Optional<String> of, List<String> there, Optional<String> near)
            implements QueryFault {

        /** Keeps the names as they are. */
        public NotThere {
            there = List.copyOf(there);
        }

        /** The same where another name is probably meant. */
        public NotThere near(String meant) {
            return new NotThere(thing, name, of, there, Optional.of(meant));
        }
    }

    /** What is wanted in a place. */
    enum Wanted {
        /** A number. */
        NUMBER,
        /** A text. */
        TEXT,
        /** A day. */
        DATE
    }

    /** An expression of another type than its place wants, and what would do, if that is known. */
    record WrongType(Wanted wanted, String expression, Type type, Optional<String> instead) implements QueryFault {}

    /** Two texts added up. */
    record TextsAdded(String left, String right) implements QueryFault {}

    /** An aggregate of another one. */
    record AggregateOfAggregate(String outer, String inner) implements QueryFault {}

    /** A name given in SELECT, in a clause that comes before that, and what it stands for. */
    record AliasTooEarly(String clause, String alias, String expression) implements QueryFault {}

    /** A column of a table that does not stand in FROM. */
    record ColumnNotInFrom(String column, String table) implements QueryFault {}

    /** A number in GROUP BY that is the number of no column of SELECT. */
    record GroupedByNumber(long number) implements QueryFault {}

    /** A table that is there and does not stand in FROM; {@code called} is what it is called there, if it does. */
    record TableNotInFrom(String table, Optional<String> called) implements QueryFault {}

    /** A name that means no column, and may be a text. */
    record MaybeText(String name, List<String> columns) implements QueryFault {

        /** Keeps the names as they are. */
        public MaybeText {
            columns = List.copyOf(columns);
        }
    }

    /** A column in ON that both sides have, without the tables, and the condition that is meant. */
    record OnNamesNoTable(String column, String meant) implements QueryFault {}

    /** A function without its parentheses. */
    record FunctionAlone(String function) implements QueryFault {}

    /** A join without ON whose condition stands in WHERE. */
    record OnStandsInWhere(String condition) implements QueryFault {}

    /** An expression where a condition is wanted. */
    record NoTruth(String expression, Type type) implements QueryFault {}

    /** Two things of types that SQL does not compare; a cast may help. */
    record NotComparable(Typed left, Typed right, Optional<String> cast) implements QueryFault {}

    /** Two columns to be matched of types that SQL does not compare. */
    record NotMatchable(Typed left, Typed right) implements QueryFault {}

    /** Something, and its type. */
    record Typed(Named name, Type type) {}

    /** Something that is compared. */
    sealed interface Named {
        /** As it is written. */
        record Written(String text) implements Named {}

        /** The column of that name on the left side. */
        record LeftColumn(String name) implements Named {}

        /** The column of a query within. */
        record SubqueryColumn(Optional<String> name) implements Named {}
    }

    /** Values of several types that stand for each other. */
    record MixedTypes(String expression) implements QueryFault {}

    /** COUNT(*) where there are no groups. */
    record CountWithoutGroups() implements QueryFault {}

    /** An aggregate where there are no groups. */
    record AggregateWithoutGroups(String function) implements QueryFault {}

    /** A column that a group has not one value of. */
    record NotGrouped(String column) implements QueryFault {}

    /** A function with another number of arguments than it takes. */
    record WrongArguments(String function, Optional<Integer> wanted, int has) implements QueryFault {}

    /** A query of several columns where one is wanted. */
    record TooManyColumns(int columns) implements QueryFault {}

    /** A query is to give as many columns as there are values before IN. */
    record ColumnsForRow(int values, int columns) implements QueryFault {}

    /** Rows of VALUES are of different widths. */
    record RowsOfValues(int first, int other) implements QueryFault {}

    /** A query in FROM without a name. */
    record UnnamedQuery() implements QueryFault {}

    /** Two tables of one name in FROM. */
    record SameName(String name) implements QueryFault {}

    /** A join without a condition, and what every row with every row would be. */
    record NoOn(Optional<Product> product) implements QueryFault {}

    /** How many rows every row with every row makes. */
    record Product(long left, long right) {}

    /** A side of a join. */
    sealed interface JoinSide {
        /** A table, or a query with a name. */
        record Called(String name) implements JoinSide {}

        /** A query without a name. */
        record Query() implements JoinSide {}

        /** The tables joined before. */
        record Joined() implements JoinSide {}
    }

    /** A column of USING that a side has not. */
    record UsingMissing(String column, JoinSide side) implements QueryFault {}

    /** A column of USING that a side has more than once. */
    record UsingTwice(String column) implements QueryFault {}

    /** A column of USING that is there more than once on a side. */
    record UsingAmbiguous(String column, JoinSide side) implements QueryFault {}

    /** A table in ON that is joined later. */
    record JoinedLater(String table) implements QueryFault {}

    /** A table in ON that a comma divides from the join. */
    record BeyondComma(String table) implements QueryFault {}

    /** A name in ORDER BY that several columns of the result have, which count from 1. */
    record OrderAmbiguous(String column, List<Integer> columns) implements QueryFault {

        /** Keeps the numbers as they are. */
        public OrderAmbiguous {
            columns = List.copyOf(columns);
        }
    }

    /** A column that several tables have. */
    record Ambiguous(String column, List<Optional<String>> owners, String written) implements QueryFault {

        /** Keeps the names as they are. */
        public Ambiguous {
            owners = List.copyOf(owners);
        }
    }

    /** A star where there are no tables. */
    record StarWithoutFrom() implements QueryFault {}

    /** An order by something that DISTINCT has no one value of. */
    record OrderOutsideDistinct(String expression) implements QueryFault {}

    /** A number in ORDER BY that no column of the result has. */
    record NoSuchResultColumn(long number, int columns) implements QueryFault {}

    /** An order of combined results by something that is no column of them. */
    record OrderOfCombined() implements QueryFault {}

    /** Two combined queries with different numbers of columns. */
    record DifferentWidths(String operation, int left, int right) implements QueryFault {}

    /** An aggregate of rows of a query around the one that it stands in. */
    record AggregateOfAround(String aggregate) implements QueryFault {}

    /** Names for the columns of a query, of which there are not as many. */
    record OtherNumberOfNames(String query, int names, int columns) implements QueryFault {}

    /** Two queries to which WITH gives one name. */
    record NamedTwice(String name) implements QueryFault {}

    /** A query that WITH gives a name, and that takes that name for a table. */
    record NamesItself(String name) implements QueryFault {}

    /** What asks for the day that it is. */
    record NoNow(String word) implements QueryFault {}

    /** ANY, SOME or ALL before values that are written down. */
    record AnyTakesQuery(String word) implements QueryFault {}

    /** A query in FROM names a table beside it, which only a lateral one sees. */
    record NeedsLateral(String table) implements QueryFault {}

    /** A table where a column is needed. */
    record TableAsColumn(String table) implements QueryFault {}

    /** A value behind OR, where a condition is needed, and the whole condition. */
    record HalfCondition(String written, String whole) implements QueryFault {}

    /** A table that is in FROM, and not in the join whose ON names it. */
    record OutsideJoin(String table) implements QueryFault {}

    /** A condition on groups in WHERE. */
    record GroupConditionInWhere(String condition) implements QueryFault {}

    /** A function that the standard writes otherwise, and how. */
    record CalledOtherwise(String function, String standard) implements QueryFault {}

    /** A lateral query, of which a right or full join is to keep rows: there are none without a left row. */
    record LateralKept(String name) implements QueryFault {}

    /** A lateral query is joined without a condition. */
    record LateralWithoutOn(String name) implements QueryFault {}

    /** What a round gives is of another type than what the first query has begun with. */
    record RecursionOfOtherType(String column, Type first, Type next) implements QueryFault {}
}
