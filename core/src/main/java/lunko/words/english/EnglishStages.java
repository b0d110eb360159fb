package lunko.words.english;

import static lunko.words.english.Say.capital;
import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.either;
import static lunko.words.english.Say.say;
import static lunko.words.english.Say.small;
import static lunko.words.english.Say.text;

import java.util.List;
import java.util.OptionalLong;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.sql.QueryBody.SetOperator;
import lunko.table.Truth;
import lunko.words.Names;
import lunko.words.StageSentences;

/** What a query does after joining, in English. */
record EnglishStages(Names names) implements StageSentences {

    @Override
    public Phrase filterTitle(String rows, String clause) {
        return say("Filter {} by `{}`", rows, clause);
    }

    @Override
    public String filterReason(String condition, Truth verdict) {
        return text("{} is {}", condition, names.truth(verdict));
    }

    @Override
    public Phrase filterStarts(String clause, long count, String rows) {
        return say("`{}` tests its condition on each of the {} of {}: only rows for which it is true stay.", clause,
                counted(count, "row"), rows);
    }

    @Override
    public Phrase filtered(String condition, Truth verdict, String row, long place) {
        return switch (verdict) {
            case TRUE -> say("`{}` is **true**: {} stays, as row {}.", condition, row, place);
            case FALSE -> say("`{}` is **false**: {} is removed.", condition, row);
            case UNKNOWN -> say("`{}` is neither true nor false but **unknown**: {} is removed, because only true "
                    + "rows stay.", condition, row);
        };
    }

    @Override
    public Phrase filterSays(JoinKind kind) {
        return say("Only the rows that the outer join kept without a match are left: together they are **{}**.",
                names.join(kind));
    }

    @Override
    public Phrase leaves(String clause, long after, long before) {
        return say("`{}` leaves **{}** of {}.", clause, counted(after, "row"), before);
    }

    @Override
    public Phrase groupTitle(String rows, List<String> keys) {
        return keys.isEmpty() ? say("Put {} into one group", rows)
                : say("Group {} by {}", rows, String.join(", ", keys));
    }

    @Override
    public Phrase groupStarts(long count, String rows, List<String> keys) {
        String all = text("The {} of {}", counted(count, "row"), rows);
        return keys.isEmpty() ? say("{} form one group, which gives one row even if it is empty.", all)
                : say("{} form groups of equal {}, and each group becomes one row. NULLs form a group too.", all,
                        String.join(", ", keys));
    }

    @Override
    public Phrase grouped(String row, String group, boolean first) {
        return say(first ? "{} goes into {}, as its first row." : "{} goes into {}.", capital(row), group);
    }

    @Override
    public Phrase groupBecomes(String group, long rows, long place, String values) {
        Phrase becomes = say("{} has {} and becomes row {}", capital(group), counted(rows, "row"), place);
        return values.isEmpty() ? say("{}.", becomes) : say("{}: `{}`.", becomes, values);
    }

    @Override
    public Phrase groupsMade(long groups, long rows) {
        return say("Grouping makes **{}** of {}.", counted(groups, "row"), rows);
    }

    @Override
    public Phrase selectTitle(List<String> columns) {
        return say("Select the columns {}", String.join(", ", columns));
    }

    @Override
    public Phrase selectStarts(List<String> columns) {
        return say("`SELECT` turns each row into one with the columns {}.", String.join(", ", columns));
    }

    @Override
    public Phrase selected(String row, long place, String values) {
        return say("{} gives row {}: `{}`.", capital(row), place, values);
    }

    @Override
    public Phrase selectEnds(long rows) {
        return say("That makes **{}**, as many as before: selecting columns neither adds nor removes rows.",
                counted(rows, "row"));
    }

    @Override
    public Phrase distinctTitle(String rows) {
        return say("Remove duplicates from {}", rows);
    }

    @Override
    public Phrase distinctStarts() {
        return say("`DISTINCT` keeps one of each set of equal rows. Rows are equal if all their values are; here NULL "
                + "equals NULL.");
    }

    @Override
    public Phrase isNew(String values, long place) {
        return say("`{}` is new and stays, as row {}.", values, place);
    }

    @Override
    public Phrase isDuplicate(String values, long ofPlace) {
        return say("`{}` is already there, as row {}, and is removed.", values, ofPlace);
    }

    @Override
    public String duplicateReason(long ofPlace) {
        return text("same as row {}", ofPlace);
    }

    @Override
    public Phrase orderTitle(String keys) {
        return say("Sort by `{}`", keys);
    }

    @Override
    public Phrase orderStarts(long rows, String keys) {
        return say("`ORDER BY` sorts the {} by `{}`.", counted(rows, "row"), keys);
    }

    @Override
    public Phrase ordered(String row, long place, String keys, boolean asBefore) {
        return say(asBefore
                ? "{} is row {}, with `{}` like the row before: `ORDER BY` does not say which of the two comes first."
                : "{} is row {}, with `{}`.", capital(row), place, keys);
    }

    @Override
    public Phrase orderEnds(long rows) {
        return say(either(rows, "The {} is in order.", "The {} are in order."), counted(rows, "row"));
    }

    @Override
    public Phrase rearrangedTitle() {
        return say("Back to the order of `FROM`");
    }

    @Override
    public Phrase rearrangedStarts(long rows) {
        return say("The tables were joined in another order than `FROM` names them. Now the {} and the columns are put "
                + "as if they had been joined in that.", counted(rows, "row"));
    }

    @Override
    public Phrase rearranged(String row, long place) {
        return say("{} is row {}.", capital(row), place);
    }

    @Override
    public Phrase rearrangedEnds(long rows) {
        return say(either(rows, "The {} is as `FROM` has it.", "The {} are as `FROM` has them."),
                counted(rows, "row"));
    }

    @Override
    public Phrase limitTitle() {
        return say("Limit the number of rows");
    }

    @Override
    public Phrase limitStarts(long rows, long skipped, OptionalLong most) {
        if (most.isEmpty()) return say("Of the {}, the first {} are skipped.", counted(rows, "row"), skipped);
        return skipped == 0 ? say("Of the {}, at most {} stay.", counted(rows, "row"), most.getAsLong())
                : say("Of the {}, the first {} are skipped, and at most {} of the others stay.",
                        counted(rows, "row"), skipped, most.getAsLong());
    }

    @Override
    public Phrase skipped(String row, long skipped) {
        return say("{} is one of the first {} and is skipped.", capital(row), skipped);
    }

    @Override
    public Phrase withinLimit(String row, long place) {
        return say("{} stays, as row {}.", capital(row), place);
    }

    @Override
    public Phrase beyondLimit(String row, long most) {
        return say("{} is removed: the limit of {} is reached.", capital(row), counted(most, "row"));
    }

    @Override
    public String skippedReason(long skipped) {
        return text("one of the first {}", skipped);
    }

    @Override
    public String beyondReason(long most) {
        return text("after the first {}", most);
    }

    @Override
    public Phrase combineTitle(String operation) {
        return say("Combine two results with `{}`", operation);
    }

    @Override
    public Phrase combineStarts(String operation, SetOperator operator, boolean countsRepeats) {
        return say("`{}` takes {}{}", operation, switch (operator) {
            case UNION -> "the rows of the first query and those of the second";
            case INTERSECT -> "the rows of the first query that are in the second too";
            case EXCEPT -> "the rows of the first query that are not in the second";
        }, countsRepeats ? ", each as often as it occurs." : ", each once. Here NULL equals NULL.");
    }

    @Override
    public Phrase rowOfQuery(boolean first, long row, String values) {
        return say(first ? "Row {} of the first query, `{}`," : "Row {} of the second query, `{}`,", row, values);
    }

    @Override
    public Phrase combineTakes(Phrase row, SetOperator operator, long place) {
        return say(switch (operator) {
            case UNION -> "{} goes into the result as row {}.";
            case INTERSECT -> "{} is in the second query too and goes into the result as row {}.";
            case EXCEPT -> "{} is not in the second query and goes into the result as row {}.";
        }, row, place);
    }

    @Override
    public Phrase combineRepeats(Phrase row) {
        return say("{} is already in the result and is removed.", row);
    }

    @Override
    public Phrase combineMisses(Phrase row, boolean countsRepeats) {
        return say(countsRepeats ? "{} is not in the second query, or not as often, and is removed."
                : "{} is not in the second query and is removed.", row);
    }

    @Override
    public Phrase combineFinds(Phrase row, boolean countsRepeats) {
        return say(countsRepeats ? "{} is in the second query, where one row stands for it, and is removed."
                : "{} is in the second query and is removed.", row);
    }

    @Override
    public Phrase combineOnlyCompares(Phrase row) {
        return say("{} is only compared with, and never in the result itself.", row);
    }

    @Override
    public Phrase combineEnds(String operation, long first, long second, long rows) {
        return say("`{}` of {} and {} gives **{}**.", operation, counted(first, "row"), counted(second, "row"),
                counted(rows, "row"));
    }

    @Override
    public String repeatedReason() {
        return "already there";
    }

    @Override
    public String missingReason() {
        return "not in the second";
    }

    @Override
    public String foundReason() {
        return "in the second too";
    }

    @Override
    public String comparedReason() {
        return "compared only";
    }

    @Override
    public Phrase resultTitle() {
        return say("The result");
    }

    @Override
    public Phrase resultHas(long rows) {
        return say("The result has **{}**.", counted(rows, "row"));
    }

    @Override
    public Phrase orderedBy(String keys) {
        return say("Its order is that of `ORDER BY {}`.", keys);
    }

    @Override
    public Phrase unordered(boolean limited, boolean joins, boolean groups) {
        return say("Without `ORDER BY` a database promises no order{}. {}{}.",
                limited ? ", and so not even which rows a limit takes" : "",
                joins ? "Lunko always takes the order of the left rows, then that of the right rows, and puts the kept "
                        + "right rows at the end" : "Lunko always takes the order of the rows in their tables",
                groups ? "; groups come in the order of their first rows" : "");
    }

    @Override
    public Phrase within(Phrase heading) {
        return say("Subquery: {}", small(heading));
    }

    @Override
    public Phrase within(String name, Phrase heading) {
        return say("For {}: {}", name, small(heading));
    }

    @Override
    public Phrase withinRound(String name, int round, Phrase heading) {
        return round == 0 ? say("For {}, to begin with: {}", name, small(heading))
                : say("Round {} of {}: {}", round, name, small(heading));
    }

    @Override
    public String roundTitle(String name, int round) {
        return round == 0 ? text("{}: first query", name) : text("{}: round {}", name, round);
    }

    @Override
    public Phrase recursionTitle(String name) {
        return say("Put the rounds of {} together", name);
    }

    @Override
    public Phrase recursionStarts(String name) {
        return say("{} reads itself. The first query has begun it; each round has asked the second query of the rows "
                + "that the round before had brought, until a round brought none.", name);
    }

    @Override
    public Phrase rowOfRound(int round, long row, String values) {
        return round == 0 ? say("Row {} of the first query, `{}`,", row, values)
                : say("Row {} of round {}, `{}`,", row, round, values);
    }

    @Override
    public Phrase recursionTakes(Phrase row, long place) {
        return say("{} goes into the result as row {}.", row, place);
    }

    @Override
    public Phrase recursionEnds(int rounds, long rows) {
        return rounds == 0 ? say("The first query gives no row, and so there is no round.")
                : say("{} and the first query give **{}**; the last round brought nothing new.",
                        capital(counted(rounds, "round")), counted(rows, "row"));
    }

    @Override
    public String joinClause(JoinKind kind, String table) {
        return kind.words().map(words -> text("{} {}", words, table))
                .orElseGet(() -> text("{}: {}", names.kind(kind), table));
    }

    @Override
    public String keepClause() {
        return "unmatched kept";
    }

    @Override
    public String resultClause() {
        return "result";
    }
}
