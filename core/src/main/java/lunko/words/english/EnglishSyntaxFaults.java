package lunko.words.english;

import lunko.phrase.Phrase;
import lunko.problem.SyntaxFault;

/** What is wrong with a text that is no SQL, in English. */
final class EnglishSyntaxFaults {

    private EnglishSyntaxFaults() {}

    static Phrase say(SyntaxFault fault) {
        return switch (fault) {
            case SyntaxFault.NotRead(var what) -> EnglishUnread.say(what);
            case SyntaxFault.Slip slip -> EnglishSlips.say(slip);
            case SyntaxFault.OpenText() -> Say.say("This text has no end: add a single quote.");
            case SyntaxFault.OpenName() -> Say.say("This name has no end: add a double quote.");
            case SyntaxFault.EmptyName() ->
                Say.say("A quoted name must not be empty: write the name between the quotes.");
            case SyntaxFault.OpenComment() -> Say.say("This comment has no end: add */.");
            case SyntaxFault.NumberAndName(String word) ->
                Say.say("{} begins like a number and goes on like a name: if it is a name, write it in double quotes; "
                        + "if not, write the number alone.", word);
            case SyntaxFault.WrongDigits() ->
                Say.say("A type has one digit or character at least, and no more digits behind the point than in all: "
                        + "write it as in DECIMAL(8, 2).");
            case SyntaxFault.StrangeSign(String sign) -> Say.say("{} has no meaning in SQL here: remove it.", sign);
            case SyntaxFault.EndsInParentheses() ->
                Say.say("A parenthesis is still open at the end: add the closing one.");
            case SyntaxFault.EndsTooSoon() -> Say.say("The text ends in the middle of a statement: finish it.");
            case SyntaxFault.MissingParenthesis(String before) ->
                Say.say("A closing parenthesis is missing before {}.", before);
            case SyntaxFault.MisplacedOn() ->
                Say.say("ON follows the table that is joined, as in FROM one JOIN other ON …: write it there.");
            case SyntaxFault.ReservedWord(String word) -> Say.say(
                    "{} is a keyword of SQL and cannot be a name as it is: write \"{}\", in double quotes.",
                    Say.upper(word),
                    word);
            case SyntaxFault.Expected(String word, String expected) ->
                Say.say("{} cannot stand here: {} is expected.", word, expected);
            case SyntaxFault.Unexpected(String word) ->
                Say.say("{} cannot stand here: look at it and at the word before it.", word);
            case SyntaxFault.TooManyWords(int most) ->
                Say.say("This statement has more than {} words: divide it into several.", most);
            case SyntaxFault.NestedTooDeep(int most) ->
                Say.say("This is nested more than {} levels deep, more than Lunko reads: write it in several steps.",
                        most);
            case SyntaxFault.ChainTooLong(int most) ->
                Say.say("This chains more than {} operators, more than Lunko reads: divide the statement, or write IN "
                        + "for a list of values.", most);
            case SyntaxFault.OnlyCountCounts(String function) ->
                Say.say("Only COUNT takes *: {} needs a column or an expression.", function);
            case SyntaxFault.NoDate(String written) ->
                Say.say("{} is not a date: write one like DATE '2026-05-01'.", written);
            case SyntaxFault.NoType(String written) ->
                Say.say("Lunko has no type {}: use INTEGER, DECIMAL, TEXT, BOOLEAN or DATE.", written);
            case SyntaxFault.RowCountTooLarge() -> Say.say("No result has that many rows: write a smaller number.");
            case SyntaxFault.NumberExpected(String word) ->
                Say.say("{} cannot stand here: a whole number is expected, not less than 0.", word);
            case SyntaxFault.RowsOfOtherWidths(int one, int other) ->
                Say.say("{} values are compared with {} here: write as many in both parentheses.", one, other);
            case SyntaxFault.NoDatePart(String word) ->
                Say.say("{} is no part of a day: write YEAR, MONTH or DAY.", word);
            case SyntaxFault.NoCondition() -> Say.say("This is not a condition: write one such as kg > 4.");
            case SyntaxFault.NoQuery() -> Say.say("This is not a query: write one that begins with SELECT.");
            case SyntaxFault.NothingWritten() ->
                Say.say("There is no query yet: write one that begins with SELECT.");
            case SyntaxFault.NoSteps() ->
                Say.say("Only a query has steps to show: write one that begins with SELECT. Tables are changed on the "
                        + "stage itself.");
        };
    }
}
