package lunko.words.english;

import lunko.phrase.Phrase;
import lunko.problem.ChangeFault;

/** Why a query cannot be changed as it was asked, in English. */
final class EnglishChangeFaults {

    private EnglishChangeFaults() {}

    static Phrase say(ChangeFault fault) {
        return switch (fault) {
            case ChangeFault.ConditionGone() -> Say.say("That condition is no longer in the query.");
            case ChangeFault.JoinGone() -> Say.say("That join is no longer in the query.");
            case ChangeFault.TableGone() -> Say.say("That table is no longer in FROM.");
            case ChangeFault.CombinedQueries() ->
                Say.say("This combines two queries: change the text of the one you mean.");
            case ChangeFault.NoOnThere() ->
                Say.say("That join has no ON where a condition could stand: match columns first.");
            case ChangeFault.LastCondition() ->
                Say.say("This join needs a condition: add another one first, or choose a cross join.");
            case ChangeFault.NameTaken(String name) ->
                Say.say("Another table is called {}: choose a name that no other has.", name);
            case ChangeFault.NoNaturalThere() ->
                Say.say("NATURAL and USING do not exist, or mean something else, there, and this query is too complex "
                        + "for Lunko to write it with ON: write ON yourself.");
            case ChangeFault.NoFullJoinThere() ->
                Say.say("There is no FULL JOIN there, and this query is too complex for Lunko to write it with UNION "
                        + "ALL: let its ON compare a column of the left side, leave groups out, and sort by columns of "
                        + "the result.");
            case ChangeFault.NoAllThere() ->
                Say.say("This database has no INTERSECT ALL and no EXCEPT ALL: leave ALL out, or use EXISTS.");
            case ChangeFault.NoWordsThere(String words) ->
                Say.say("It has no {}, and Lunko knows no other words for it there: leave it out of the query.", words);
            case ChangeFault.NoAnyThere() ->
                Say.say("This database has no ANY, SOME and ALL before a query: use IN, EXISTS, MIN or MAX.");
            case ChangeFault.NoColumnNamesThere() ->
                Say.say("This database takes no names for columns behind a query in FROM: give them in its SELECT, or "
                        + "write the query into WITH.");
            case ChangeFault.NoNestedUnionThere() ->
                Say.say("This database allows no parentheses around a query of a UNION: write it without them, or "
                        + "as a query in "
                        + "FROM.");
        };
    }
}
