package lunko.words.english;

import java.util.List;
import lunko.phrase.Phrase;
import lunko.problem.QueryNote;
import lunko.problem.Spelling;
import lunko.words.Names;

/** What is probably not meant by a query, in English. */
final class EnglishQueryNotes {

    private EnglishQueryNotes() {}

    static Phrase say(QueryNote note, Names names) {
        return switch (note) {
            case QueryNote.NaturalWithoutColumns() ->
                Say.say("The two tables have no column name in common, so NATURAL matches nothing and every row is "
                        + "paired with every row: write ON and the columns that belong together.");
            case QueryNote.NaturalMatchesSeveral(List<String> columns) ->
                Say.say("NATURAL matches all columns that both tables have, here {}: if you do not mean all of them, "
                        + "write USING and those you mean.", Say.list(columns));
            case QueryNote.NaturalMatchesNothing(String column) ->
                Say.say("NATURAL matches {}, and by that no row has a match: if you mean other columns, write ON and "
                        + "those.", column);
            case QueryNote.NaturalByNoKey(String column) ->
                Say.say("NATURAL matches {}, which repeats values on both sides and so is no key: if you mean other "
                        + "columns, write ON and those.", column);
            case QueryNote.ComparedWithNull(String comparison, String meant) ->
                Say.say("{} is never true, whatever the value is: write {}.", comparison, meant);
            case QueryNote.UndoesOuterJoin(String column, String condition) ->
                Say.say("{} is NULL in the unmatched rows that the outer join keeps, so this WHERE removes them "
                        + "again: to keep them, write {} into the ON of the join.", column, condition);
            case QueryNote.JoinUndoesOuterJoin(String column) ->
                Say.say("{} is NULL in the unmatched rows that the outer join before keeps, so they match nothing here "
                        + "and this join loses them again: to keep them, make it a left join as well.", column);
            case QueryNote.CountsRowsTwice(var table, var row, int times, var group, var is, var once) ->
                Say.say("The joins have repeated rows of {} before they are reckoned up: {} is there {}. {} this gives "
                        + "{}; each row once would give {}. Group {} in a query of its own first, and join that.",
                        names.rows(table), names.row(row), Say.counted(times, "time"),
                        group.key().isEmpty() ? "In all" : Say.text("For {}", names.row(group)), is.shown(),
                        once.shown(), names.rows(table));
            case QueryNote.HidesRepeatedRows(var table, var row, int times) ->
                Say.say("DISTINCT hides that the join repeats rows of {}: {} is there {}. If only those are wanted "
                        + "that have a match, write EXISTS instead of the join.", names.rows(table), names.row(row),
                        Say.counted(times, "time"));
            case QueryNote.JoinsByOtherColumns(String condition, String linked) ->
                Say.say("{} joins the tables by other columns than those that are linked, so rows match whose values "
                        + "only happen to be equal: if you mean the link, write {}.", condition, linked);
            case QueryNote.JoinedInAnotherOrder(List<String> order, long rows) ->
                Say.say("Joined in the order of FROM, there would be {} rows or more on the way. They are joined in "
                        + "the order {} instead: a database chooses its order too, and the result is the same.", rows,
                        Say.list(order));
            case QueryNote.FollowsDelete(String table, List<String> columns, String to, int rows, boolean gone) -> gone
                    ? Say.say("{} of {} went with the rows of {}: ON DELETE CASCADE takes along what refers to a row "
                            + "by {}.", Say.counted(rows, "row"), table, to, Say.list(columns))
                    : Say.say("{} is NULL now in {} of {}: ON DELETE SET NULL keeps what referred to a row of {} that "
                            + "is gone.", Say.list(columns), Say.counted(rows, "row"), table, to);
            case QueryNote.SortedByText(String text) ->
                Say.say("'{}' is a text, the same for every row, and so sorts nothing: write a column without quotes.",
                        text);
            case QueryNote.PatternWithoutLike(String sign, String meant) ->
                Say.say("{} compares letter by letter, and % stands for itself. If it is to stand for any text, "
                        + "write {}.", sign, meant);
            case QueryNote.OtherPatternSigns(String meant) ->
                Say.say("In a pattern of SQL, % stands for any text and _ for any character, and * for itself. If it "
                        + "is to stand for any text, write {}.", meant);
            case QueryNote.AskedAnew(String name, List<String> columns) -> columns.isEmpty()
                    ? Say.say("{} names no column of the tables on its left, so LATERAL makes no difference here.",
                            name)
                    : Say.say("{} is asked anew for each row on its left. Its table shows what it gave, and before "
                            + "that what it was asked for: {}.", name, Say.list(columns));
            case QueryNote.Spelled(Spelling spelling, String standard) -> switch (spelling) {
                case ILIKE -> Say.say("ILIKE compares without case in some databases. It is not in the standard: {} "
                        + "says the same in all of them.", standard);
                case DOUBLE_COLON ->
                    Say.say("Two colons are the short form of a cast in some databases: the standard writes {}.",
                            standard);
                case SCHEMA -> Say.say("The name before the dot is that of a schema. Lunko has none, and takes the "
                        + "table {}.", standard);
                case GROUPED_BY_SELECTED -> Say.say("Some databases group by a name or a number of SELECT: the "
                        + "standard, in which GROUP BY comes before SELECT, writes {}.", standard);
            };
            case QueryNote.NotInWithNull(String column, var rows) ->
                Say.say("{} of {} is NULL in a row, so this NOT IN is never true: add WHERE {} IS NOT NULL to the "
                        + "subquery, or write NOT EXISTS.", column, names.rows(rows), column);
        };
    }
}
