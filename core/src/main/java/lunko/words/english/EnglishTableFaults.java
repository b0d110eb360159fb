package lunko.words.english;

import lunko.phrase.Phrase;
import lunko.problem.TableFault;
import lunko.words.Names;

/** What is wrong with a table, in English. */
final class EnglishTableFaults {

    private EnglishTableFaults() {}

    static Phrase say(TableFault fault, Names names) {
        return switch (fault) {
            case TableFault.TooManyRows(int most) ->
                Say.say("There are more than {} rows, the most that Lunko opens, because a lesson shows every row and "
                        + "every comparison of two rows: keep only the rows that make your point.", most);
            case TableFault.TooManyColumns(int columns, int most) ->
                Say.say("There are {} columns, and a lesson can show {}: leave out those that nobody will look at.",
                        columns, most);
            case TableFault.TooManyCells(long cells, int most) ->
                Say.say("There are {} cells, and a lesson can show {} of a table: leave out rows and columns that "
                        + "nobody will look at.", cells, most);
            case TableFault.TooManyTables(int tables, int most) ->
                Say.say("There are {} tables, and a lesson can have {}: leave out those that nobody will look at.",
                        tables, most);
            case TableFault.TooManyLinks(int links, int most) ->
                Say.say("There are {} links, and a lesson can have {}: leave out those that nobody will look at.",
                        links, most);
            case TableFault.TooManyScenes(int scenes, int most) ->
                Say.say("There are {} scenes, and a lesson can have {}: put the rest into another lesson.", scenes,
                        most);
            case TableFault.NameTooLong(int characters, int most) ->
                Say.say("A name of {} characters is too long: use {} at most.", characters, most);
            case TableFault.TextTooLong(int characters, int most) ->
                Say.say("A text of {} characters is too long: a cell holds {}.", characters, most);
            case TableFault.HalfCharacter() ->
                Say.say("There is half of a character in it, which no file can hold: remove it.");
            case TableFault.TooManyDigits(int most) -> Say.say("A number of more than {} digits is too long.", most);
            case TableFault.DateTooFar(var date) -> Say.say("The date {} is out of range.", date.toString());
            case TableFault.Misfit(String typed, var column) ->
                Say.say("“{}” does not fit {}, which is {}: type {}, or NULL. Until then it counts as NULL.", typed,
                        column.name(), names.type(column.type(), column.size()),
                        names.example(column.type(), column.size()));
        };
    }
}
