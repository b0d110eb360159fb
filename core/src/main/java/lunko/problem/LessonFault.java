package lunko.problem;

import lunko.query.JoinKind;

/** Why a lesson cannot be changed as it was asked, or what its scene shows cannot be shown. */
public sealed interface LessonFault extends Fault {

    /** A lesson without a title. */
    record NoTitle() implements LessonFault {}

    /** The last table of a lesson. */
    record LastTable() implements LessonFault {}

    /** A table without a name. */
    record NoTableName() implements LessonFault {}

    /** A name that another table has. */
    record TableNameTaken(String name) implements LessonFault {}

    /** The last column of a table. */
    record LastColumn(String table) implements LessonFault {}

    /** A column without a name. */
    record NoColumnName() implements LessonFault {}

    /** A name that another column, counted from 1, has. */
    record ColumnNameTaken(String table, int column, String name) implements LessonFault {}

    /** A name that a column of the table has in the lesson, or in another scene. */
    record ColumnNameTakenElsewhere(String table, String name) implements LessonFault {}

    /** The last scene of a lesson. */
    record LastScene() implements LessonFault {}

    /** A kind that cannot be natural. */
    record CannotBeNatural(JoinKind kind) implements LessonFault {}

    /** Two tables that are matched by no columns. */
    record NothingMatched(String left, String right) implements LessonFault {}

    /** A situation where no columns are matched. */
    record NothingMatchedYet() implements LessonFault {}

    /** A situation that needs a value without a match, where every value of a column has one. */
    record EveryValueMatched(String column) implements LessonFault {}

    /** A situation that needs a matched row. */
    record NoRowMatches() implements LessonFault {}

    /** A situation that needs a text for a key. */
    record NoTextKey() implements LessonFault {}

    /** A situation that needs a key. */
    record NoKeyThere() implements LessonFault {}

    /** A view whose rows or columns were to be changed. */
    record RowsOfView(String view) implements LessonFault {}

    /** A view whose query could not run any more. */
    record ViewBroken(String view, Fault why) implements LessonFault {}

    /** A view whose query looks at so many rows that it cannot follow each edit. */
    record ViewTooLarge(String view) implements LessonFault {}

    /** What the tables of a lesson lack for a mistake to be seen on them. */
    enum Lack {
        /** Two tables with rows that are linked. */
        LINK,
        /** A row of one that several of the other match. */
        ONE_TO_MANY,
        /** Two tables of which several rows match the same row of a third. */
        TWO_TO_ONE,
        /** Other columns with values in common. */
        OTHER_COLUMN,
        /** A NULL. */
        NULL,
        /** A NULL in a column that is linked, and rows of the other table without a match. */
        NULL_KEY,
        /** A row without a match. */
        UNMATCHED,
        /** Three tables in a chain, with rows of the first that have no match. */
        CHAIN
    }

    /** A mistake that the tables of a lesson cannot show. */
    record NothingToShowItOn(Lack lack) implements LessonFault {}

    /** A column that a table has not. */
    record NoColumn(String column, String table, java.util.List<String> there) implements LessonFault {}
}
