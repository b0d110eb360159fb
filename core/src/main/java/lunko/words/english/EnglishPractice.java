package lunko.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.say;
import static lunko.words.english.Say.text;

import java.util.List;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.words.Names;
import lunko.words.PracticeSentences;

/** What is said to somebody who practises, in English. */
record EnglishPractice(Names names) implements PracticeSentences {

    @Override
    public Phrase answerFirst() {
        return say("Put in what you think first: the hint begins with that.");
    }

    @Override
    public Phrase missing(Phrase row, long more) {
        return say("{} is missing{}.", row, more(more));
    }

    @Override
    public Phrase tooMany(Phrase row, long more) {
        return say("{} does not belong there{}.", row, more(more));
    }

    private static String more(long more) {
        return more == 0 ? "" : text(", and {}", counted(more, "other"));
    }

    @Override
    public Phrase lookAtKeys(List<String> keys) {
        return say("Look at {}: two rows match where the values are equal, and `NULL` equals nothing.",
                Phrase.code(String.join(", ", keys)));
    }

    @Override
    public Phrase numberOf(long rows, JoinKind other, JoinKind kind) {
        return say("{} is what {} gives. What does {} do otherwise?", rows, names.join(other), names.join(kind));
    }

    @Override
    public Phrase numberOfTable(long rows, Phrase table) {
        return say("{} is how many rows {} has. A row comes once for each of its matches: not always once.", rows,
                table);
    }

    @Override
    public Phrase moreThan(long rows) {
        return say("There are more than {}.", rows);
    }

    @Override
    public Phrase fewerThan(long rows) {
        return say("There are fewer than {}.", rows);
    }

    @Override
    public Phrase countPairs(Phrase table, Phrase other) {
        return say("Count the pairs first: for each row of {}, the rows of {} that it matches.", table, other);
    }

    @Override
    public Phrase parts(long pairs, long left, Phrase leftTable, long right, Phrase rightTable, JoinKind kind) {
        return say("There are {}. {} of {} and {} of {} match nothing. Which of these are in {}?",
                counted(pairs, "pair"), counted(left, "row"), leftTable, counted(right, "row"), rightTable,
                names.join(kind));
    }

    @Override
    public Phrase wouldNotGive(JoinKind kind, Phrase row) {
        return say("{} would not give {}, and it is in the result.", capital(names.join(kind)), row);
    }

    @Override
    public Phrase wouldGive(JoinKind kind, Phrase row) {
        return say("{} would give {}, and it is not in the result.", capital(names.join(kind)), row);
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    @Override
    public Phrase whoseUnmatched(Phrase left, Phrase right) {
        return say("Look for rows without a match: are those of {} in the result, and those of {}?", left, right);
    }

    @Override
    public Phrase comesFrom(int row, List<Phrase> rows) {
        return say("Row {} of the result comes from {}.", row, Phrase.joined(" and ", rows));
    }

    @Override
    public Phrase cannotRun(Phrase why) {
        return say("Your query cannot run yet. {}", why);
    }

    @Override
    public Phrase columns(List<String> wanted, List<String> given) {
        return say("The result has the columns {}, and yours {}.", Phrase.code(String.join(", ", wanted)),
                Phrase.code(String.join(", ", given)));
    }

    @Override
    public Phrase rowMissing(List<String> row, long more) {
        return say("The row {} is missing{}.", Phrase.code(String.join(", ", row)), more(more));
    }

    @Override
    public Phrase rowTooMany(List<String> row, long more) {
        return say("Your query gives the row {}, which is not wanted{}.", Phrase.code(String.join(", ", row)),
                more(more));
    }

    @Override
    public Phrase rowTimes(List<String> row, long given, long wanted) {
        return say("Your query gives the row {} {}, and it is wanted {}.", Phrase.code(String.join(", ", row)),
                EnglishKeys.times(given), EnglishKeys.times(wanted));
    }

    @Override
    public Phrase otherOrder() {
        return say("These are the rows, in another order. What are the wanted rows sorted by?");
    }

    @Override
    public Phrase notInResult(int query, List<String> row, String result) {
        return say("Query {} gives the row {}, and result {} does not have it.", query,
                Phrase.code(String.join(", ", row)), result);
    }

    @Override
    public Phrase notOfQuery(int query, List<String> row, String result) {
        return say("Result {} has the row {}, and query {} does not give it.", result,
                Phrase.code(String.join(", ", row)), query);
    }

    @Override
    public Phrase timesInResult(int query, List<String> row, long times, String result) {
        return say("Query {} gives the row {} {}, and result {} does not.", query, Phrase.code(String.join(", ", row)),
                EnglishKeys.times(times), result);
    }

    @Override
    public Phrase columnsOfResult(int query, int columns, String result, int others) {
        return say("Query {} gives {}, and result {} has {}.", query, counted(columns, "column"), result, others);
    }

    @Override
    public Phrase luck() {
        return say("On these rows your query is right, but **by luck**: on the rows below it gives others than it "
                + "should.");
    }

    @Override
    public Phrase otherKind(JoinKind given) {
        return say("Your query has {}. Which rows should be kept, and which left out?", names.join(given));
    }

    @Override
    public Phrase lookAt(String clause) {
        return say("Look at your {}.", Phrase.code(clause));
    }

    @Override
    public Phrase needs(String clause) {
        return say("It needs a {}.", Phrase.code(clause));
    }

    @Override
    public Phrase needsNo(String clause) {
        return say("It needs no {}.", Phrase.code(clause));
    }

    @Override
    public Phrase joins(int given, int wanted) {
        return say("Your query has {}. How many does it need?", given == 0 ? "no join" : counted(given, "join"));
    }

    @Override
    public String task(int number) {
        return text("Task {}", number);
    }

    @Override
    public Phrase countsNow(List<String> counts) {
        return say("Now it is {}. Rows without a match and rows that match twice make the difference.",
                String.join(", ", counts));
    }

    @Override
    public Phrase everyRowMeetsEveryRow(Phrase left, Phrase right) {
        return say("A cross join puts every row of {} with every row of {}: the others give as many only where each of "
                + "them matches.", left, right);
    }

    @Override
    public Phrase stillTheSame() {
        return say("Both queries still give the same rows. By which rows could they differ?");
    }

    @Override
    public Phrase differOn(List<String> tables) {
        return say("They differ on {}.", Phrase.code(String.join("; ", tables)));
    }

    @Override
    public Phrase stillJoins() {
        return say("There is still a JOIN in it: name both tables behind FROM, or ask for a match with EXISTS.");
    }

    @Override
    public Phrase solution(String answer) {
        return say("The answer: {}", Phrase.code(answer));
    }
}
