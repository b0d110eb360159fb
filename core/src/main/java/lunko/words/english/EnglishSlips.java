package lunko.words.english;

import lunko.phrase.Phrase;
import lunko.problem.SyntaxFault.Slip;

/** What is written in the place of SQL, in English. */
final class EnglishSlips {
    private EnglishSlips() {}

    static Phrase say(Slip slip) {
        return switch (slip) {
            case Slip.CurlyQuotes(String quote) -> Say.say(
                    "{} is a quote of a word processor: a text stands in straight single quotes, as in 'Clover'.",
                    quote);
            case Slip.OpenText() -> Say.say("This text has no end: add a single quote before the semicolon.");
            case Slip.PatternWithoutQuotes() -> Say.say(
                    "A pattern is a text: write it in single quotes, as in LIKE 'Cl%'.");
            case Slip.TwoSigns(String written, String meant) -> Say.say("{} is not a sign of SQL: write {}.", written,
                    meant);
            case Slip.LimitWithComma() -> Say.say(
                    "LIMIT takes one number: how many rows to skip is said by OFFSET.");
            case Slip.CommaTooMuch(String before) when before.isEmpty() -> Say.say(
                    "Nothing follows this comma: remove it, or go on with what is missing.");
            case Slip.CommaTooMuch(String before) -> Say.say(
                    "Nothing stands between this comma and {}: remove the comma, or write what is missing.", before);
            case Slip.Misspelt(String written, String meant) -> Say.say("{} is not a word of SQL. Did you mean {}?",
                    written, meant);
            case Slip.OnAfterCross() -> Say.say(
                    "A cross join pairs every row with every row and has no condition: write INNER JOIN for one with "
                            + "ON.");
            case Slip.OnAfterNatural() -> Say.say(
                    "A natural join finds its columns by their names and has no condition: leave out NATURAL, or ON "
                            + "and what follows it.");
            case Slip.OnAfterComma() -> Say.say(
                    "ON belongs to JOIN, and here a comma stands between the tables: write JOIN in its place.");
            case Slip.OuterOfWhichSide() -> Say.say(
                    "OUTER needs a side whose unmatched rows are kept: write LEFT, RIGHT or FULL before it.");
            case Slip.TableMissing(String before) -> Say.say("A table is missing before {}: write its name.", before);
            case Slip.NameMissing(String before) -> Say.say(
                    "A name is missing between AS and {}: write it, or remove AS.", before);
            case Slip.OtherWord(String written, String meant) -> Say.say(
                    "{} is not in the standard: write {}.", written, meant);
            case Slip.CaseWithoutEnd() -> Say.say("This CASE has no END: write END behind its last value.");
            case Slip.ClauseTooLate(String clause, String before) -> Say.say(
                    "{} comes before {}: the order is SELECT, FROM, WHERE, GROUP BY, HAVING, ORDER BY.", clause,
                    before);
            case Slip.Parentheses(String word) -> Say.say("{} takes what follows it in parentheses.", word);
            case Slip.IsWithValue(String sign) -> Say.say(
                    "IS asks for NULL, TRUE, FALSE or UNKNOWN: to compare with a value, write {}.", sign);
            case Slip.IsMissing() -> Say.say("To ask whether there is a value, write IS NOT NULL.");
            case Slip.CommaMissing(String before) -> Say.say("A comma is missing before {}.", before);
            case Slip.JoinMissing(String kind) -> Say.say("JOIN is missing behind {}.", kind);
            case Slip.TwoKinds(String one, String other) -> Say.say(
                    "{} and {} are two kinds of join: write the one that you mean.", one, other);
            case Slip.JoinBeforeFrom() -> Say.say(
                    "JOIN is a part of FROM: write FROM and the first table before it.");
            case Slip.AndForOn() -> Say.say("The condition of a join begins with ON: AND adds another one to it.");
            case Slip.AndBetweenTables() -> Say.say(
                    "AND stands between conditions: tables are joined by JOIN, or divided by a comma.");
            case Slip.UsingOfTable(String column) -> Say.say(
                    "USING takes the name that both tables have, without a table before it: write {}.", column);
            case Slip.CommaForAnd() -> Say.say("A comma does not join conditions: write AND if both must hold.");
            case Slip.NothingSelected() -> Say.say(
                    "Nothing stands between SELECT and FROM: write the columns, or * for all of them.");
            case Slip.DistinctLate() -> Say.say(
                    "DISTINCT stands once, behind SELECT: it leaves out whole rows that are there already.");
            case Slip.ByMissing(String word) -> Say.say("BY is missing behind {}.", word);
            case Slip.ConditionMissing(String behind) -> Say.say("A condition is missing behind {}.", behind);
            case Slip.ValueMissing(String before) -> Say.say(
                    "Nothing stands before {} that could be compared: write the column again.", before);
            case Slip.ClauseTwice(String clause) -> Say.say(
                    "There is a {} already: put the conditions together with AND.", clause);
            case Slip.ParenthesesTooMuch() -> Say.say("The columns of SELECT stand without parentheses.");
            case Slip.TwoDots(String written) -> Say.say(
                    "{} has a dot too many: a column has the name of one table before it.", written);
            case Slip.NotWithSign() -> Say.say("For values that are not equal, write <>.");
            case Slip.ExistsBehindValue() -> Say.say(
                    "EXISTS stands alone before its query, and compares nothing: to look for a value, write IN.");
            case Slip.ExistsOfTable(String table) -> Say.say(
                    "EXISTS asks whether a query gives a row: write (SELECT * FROM {} WHERE …) behind it.", table);
            case Slip.QueryAsArgument() -> Say.say(
                    "A query as a value stands in parentheses of its own, here within those of the function.");
            case Slip.UnionOfTable(String word) -> Say.say("{} stands between two queries: write SELECT … FROM before "
                    + "the table.", word);
            case Slip.OrderBeforeUnion(String word) -> Say.say(
                    "ORDER BY sorts the whole result and comes once, at the end: write it behind the last query of "
                            + "the {}.",
                    word);
            case Slip.TwoComparisons() -> Say.say("A sign compares two values: write two comparisons with AND.");
            case Slip.NameInSingleQuotes() -> Say.say(
                    "Single quotes make a text: a name stands in double quotes, or in none.");
            case Slip.NameOfWords() -> Say.say("A name of several words stands in double quotes.");
            case Slip.OtherQuotes(String name) -> Say.say(
                    "These quotes are those of one database or another: write {}, or \"{}\" in double quotes.", name,
                    name);
            case Slip.DecimalComma() -> Say.say("In a number, a point stands before its decimals: 4.5.");
            case Slip.Interval() -> Say.say("Days are added as a number here, as in day + 7.");
            case Slip.DistinctStar() -> Say.say(
                    "COUNT(DISTINCT …) takes a column: rows are counted by COUNT(*), and different rows in a query in "
                            + "FROM with SELECT DISTINCT.");
            case Slip.WhenMissing() -> Say.say("WHEN is missing before the condition of this CASE.");
            case Slip.ThenMissing() -> Say.say("THEN is missing before this value.");
            case Slip.TwoDirections() ->
                Say.say("Rows are sorted upwards, ASC, or downwards, DESC: write one of them.");
            case Slip.DirectionFirst(String word) -> Say.say("{} stands behind the column that is sorted by.", word);
            case Slip.FromMissing() -> Say.say("FROM is missing before the table.");
            case Slip.NoStatement(String word) -> Say.say(
                    "No statement of SQL begins with {}: a query begins with SELECT.", word);
            case Slip.WhereBeforeOn() -> Say.say("The condition of a join stands behind ON, without WHERE.");
            case Slip.KindBehindJoin(String kind) -> Say.say("The kind of a join stands before JOIN: write {} JOIN.",
                    kind);
            case Slip.SideAsFunction(String word) -> Say.say(
                    "{} is a kind of join in SQL, and a function in some databases: for characters of a text, write "
                            + "SUBSTRING(text, from, how many).",
                    word);
            case Slip.AsMissing() -> Say.say("AS is missing between the name and its query.");
            case Slip.CastWithComma() -> Say.say("CAST has AS between the value and the type.");
            case Slip.OnePattern() -> Say.say("LIKE takes one pattern: write LIKE for each, with OR between.");
            case Slip.ListNeedsIn() -> Say.say("A sign compares with one value: to look for one of several, write IN.");
            case Slip.QuoteInText() -> Say.say("A single quote within a text is written twice: 'Oda''s'.");
            case Slip.ParenthesisTooMuch() ->
                Say.say("This parenthesis closes nothing: remove it, or write the one that opens.");
            case Slip.BetweenWithComma() -> Say.say("BETWEEN has AND between its two ends.");
            case Slip.OnMissing() -> Say.say("ON is missing before the condition of the join.");
        };
    }
}
