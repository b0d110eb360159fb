package lunko.words.english;

import java.util.List;
import lunko.phrase.Phrase;
import lunko.problem.Fault;
import lunko.problem.LessonFault;
import lunko.problem.QueryFault;
import lunko.words.Names;
import lunko.words.Problems;

/** Why a lesson cannot be changed as it was asked, in English. */
final class EnglishLessonFaults {

    private EnglishLessonFaults() {}

    static Phrase say(LessonFault fault, Names names, Problems problems) {
        return switch (fault) {
            case LessonFault.NoTitle() -> Say.say("A lesson needs a title: type one.");
            case LessonFault.LastTable() -> Say.say("A lesson needs a table: make or import another one first.");
            case LessonFault.NoTableName() -> Say.say("A table needs a name: type one, such as hives.");
            case LessonFault.TableNameTaken(String name) ->
                Say.say("Another table is already called {}: choose another name.", name);
            case LessonFault.LastColumn(String table) ->
                Say.say("A table needs a column: delete the table {} instead.", table);
            case LessonFault.NoColumnName() -> Say.say("A column needs a name: type one, such as keeper_id.");
            case LessonFault.ColumnNameTaken(String table, int column, String name) ->
                Say.say("Column {} of {} is already called {}: choose another name.", column, table, name);
            case LessonFault.ColumnNameTakenElsewhere(String table, String name) ->
                Say.say("{} has a column {} already, as another scene shows it: choose another name.", table, name);
            case LessonFault.LastScene() -> Say.say("A lesson needs a scene: keep one of them.");
            case LessonFault.CannotBeNatural(var kind) ->
                Say.say("{} cannot be natural: choose an inner, left outer, right outer or full outer join.",
                        Say.capital(names.join(kind)));
            case LessonFault.NothingMatched(String left, String right) ->
                Say.say("No columns are matched yet: drag a column name of {} onto one of {}, or choose a cross join, "
                        + "which needs none.", left, right);
            case LessonFault.NothingMatchedYet() ->
                Say.say("No columns are matched yet: match two columns first, then set up a situation for them.");
            case LessonFault.EveryValueMatched(String column) ->
                Say.say("Every value of {} already has a match: match another column.", column);
            case LessonFault.NoRowMatches() ->
                Say.say("No row of the left table has a match yet: give two rows the same key.");
            case LessonFault.NoTextKey() -> Say.say(
                    "A number cannot be spelled differently: match text columns, with a key that both tables have.");
            case LessonFault.NoKeyThere() ->
                Say.say("Every key of the left table is NULL: give one row a key, and all can have it.");
            case LessonFault.RowsOfView(String view) -> Say.say(
                    "{} is a view, whose rows follow its query: change the tables that it reads, or keep the result as "
                            + "a table.",
                    view);
            case LessonFault.ViewBroken(String view, QueryFault.NotThere gone) -> Say.say(
                    "The view {} reads {}, which would be gone: delete the view first, or give it another query.", view,
                    gone.name());
            case LessonFault.ViewBroken(String view, Fault why) -> Say.say(
                    "{} The view {} could not run after that: delete it first, or give it another query.",
                    problems.of(why), view);
            case LessonFault.ViewTooLarge(String view) -> Say.say(
                    "The view {} would look at more than 1,000,000 pairs of rows after each change: keep the result as "
                            + "a table instead.",
                    view);
            case LessonFault.NothingToShowItOn(LessonFault.Lack lack) -> Say.say("It needs {}: make one first.",
                    lack(lack));
            case LessonFault.NoColumn(String column, String table, List<String> there) ->
                Say.say("There is no column {} in {}, which has {}.", column, table, Say.list(there));
        };
    }

    private static String lack(LessonFault.Lack lack) {
        return switch (lack) {
            case LINK -> "a link between two tables that have rows";
            case ONE_TO_MANY -> "a row of one table that several rows of a linked table match";
            case TWO_TO_ONE -> "a table with two links, where several rows of both linked tables match the same row";
            case OTHER_COLUMN -> "a pair of columns, in two linked tables, that have values in common and are not "
                    + "linked";
            case NULL -> "a NULL in a table";
            case NULL_KEY -> "a NULL in a linked column, and a row of the other table without a match";
            case UNMATCHED -> "a row without a match in a linked table";
            case CHAIN -> "a chain of three linked tables, with a row of the first that has no match";
        };
    }
}
