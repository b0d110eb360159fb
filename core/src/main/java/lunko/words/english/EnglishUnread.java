package lunko.words.english;

import lunko.phrase.Phrase;
import lunko.problem.Unread;

/** What Lunko does not read of SQL, and what says the same in a join, in English. */
final class EnglishUnread {
    private EnglishUnread() {}

    static Phrase say(Unread unread) {
        return Say.say(switch (unread) {
            case WINDOW ->
                "OVER makes a window function: it gives each row a figure from the rows around it, and joins "
                        + "nothing. Lunko does not read it; for the latest or largest of each group, join with a query "
                        + "that gives MAX for each group.";
            case FILTER -> "FILTER is not read here: write CASE WHEN … THEN … END into the function.";
            case APPLY -> "APPLY asks the query on its right anew for each row on its left. The standard calls that "
                    + "LATERAL: write CROSS JOIN LATERAL, or LEFT JOIN LATERAL with ON TRUE behind the query.";
            case SELF_JOIN ->
                "SQL has no word for a self join: write the table twice under two names, as in hives h JOIN "
                        + "hives m ON h.mother_no = m.hive_no.";
            case SEMI_OR_ANTI ->
                "SQL has no words for semi and anti joins in FROM: write WHERE EXISTS (SELECT * FROM … "
                        + "WHERE …), or NOT EXISTS.";
            case OUTER_MARK -> "This is an old mark of an outer join, which one database or another reads: write LEFT "
                    + "JOIN … ON … in FROM.";
            case DISTINCT_ON -> "DISTINCT ON is not in the standard: join with a query that gives MIN or MAX for each "
                    + "group.";
            case INTO -> "SELECT … INTO is not read here: keep the result as a table, or write INSERT INTO … SELECT.";
            case ASOF -> "An ASOF join takes of several matches the nearest. It is not in the standard: join by <= and "
                    + "take the match with MAX.";
            case GROUPS_OF_GROUPS -> "ROLLUP and CUBE make totals beside the groups, and are not read here: put the "
                    + "groups and the total together with UNION ALL.";
            case TEXTS_OF_GROUP ->
                "The texts of a group are put into one by LISTAGG(text, ', ') WITHIN GROUP (ORDER BY …), "
                        + "or by STRING_AGG(text, ', ').";
            case MERGE -> "MERGE is not read here: write UPDATE and INSERT.";
        });
    }
}
