package lunko.words.english;

import lunko.phrase.Phrase;
import lunko.problem.RunFault;
import lunko.words.Names;

/** What ends a statement while it is run, in English. */
final class EnglishRunFaults {

    private EnglishRunFaults() {}

    static Phrase say(RunFault fault, Names names) {
        return switch (fault) {
            case RunFault.TooManyRows(long most) ->
                Say.say("This would give more than {} rows: join with a condition, or take fewer rows.", most);
            case RunFault.TooManySteps(long most) ->
                Say.say("This would take more than {} steps: join by columns that are equal, or take fewer rows.",
                        most);
            case RunFault.TooDeep() ->
                Say.say("This statement is nested too deeply to run here: divide it into several.");
            case RunFault.TextTooLong(String expression, int most) ->
                Say.say("The text of {} has more than {} characters, the most that a cell holds: leave such rows out.",
                        expression, most);
            case RunFault.TooLongFor(String value, int most) ->
                Say.say("{} has more than {}: shorten it, or let the column take more.", value,
                        Say.counted(most, "character"));
            case RunFault.TooLargeFor(String value, int bits) ->
                Say.say("{} is too large for {} bits: take a larger type, such as INTEGER.", value, bits);
            case RunFault.TooManyDigitsFor(String value, int precision, int scale) ->
                Say.say("{} has more digits than DECIMAL({}, {}) takes before the point: write more digits.", value,
                        precision, scale);
            case RunFault.TooManyRounds(String name, int most) ->
                Say.say("{} still brings rows after {} rounds: its rows go round in a circle, or it needs a condition "
                        + "that ends it. UNION without ALL leaves out rows that are there already.", name, most);
            case RunFault.NoSuchDay(String calculation) ->
                Say.say("{} is a day before the year 1 or after the year 9999: take fewer days.", calculation);
            case RunFault.LongEscape(String text) ->
                Say.say("One character stands behind ESCAPE, and here it is '{}': write one that the pattern has "
                        + "nowhere else.", text);
            case RunFault.NegativeLength() ->
                Say.say("A piece of a text cannot have fewer than no characters: write a length of 0 or more.");
            case RunFault.DivisionByZero() ->
                Say.say("This divides by zero: leave such rows out, or write NULLIF(…, 0).");
            case RunFault.TooManyDigits(String expression) ->
                Say.say("The value of {} has more digits than a number can have here: round it, or leave such rows "
                        + "out.", expression);
            case RunFault.OutOfRange(String expression) ->
                Say.say("The value of {} does not fit a 64-bit integer: use a DECIMAL.", expression);
            case RunFault.CannotCast(String value, var type) ->
                Say.say("{} cannot be cast to {}: leave such rows out.", value, names.type(type));
            case RunFault.SeveralRows(int rows) ->
                Say.say("One value is expected here, and this subquery gives {} rows: narrow it down, or take MIN, MAX "
                        + "or another aggregate.", rows);
        };
    }
}
