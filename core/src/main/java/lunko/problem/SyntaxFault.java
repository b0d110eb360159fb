package lunko.problem;

/** What is wrong with a text that is no SQL, or more of it than is read. */
public sealed interface SyntaxFault extends Fault {

    /** A text without its closing quote. */
    record OpenText() implements SyntaxFault {}

    /** A quoted name without its closing quote. */
    record OpenName() implements SyntaxFault {}

    /** A quoted name with nothing between its quotes. */
    record EmptyName() implements SyntaxFault {}

    /** A comment without its end. */
    record OpenComment() implements SyntaxFault {}

    /** A word that begins like a number and goes on like a name. */
    record NumberAndName(String word) implements SyntaxFault {}

    /** Digits or characters of a type that no value can have. */
    record WrongDigits() implements SyntaxFault {}

    /** A character that SQL does not use. */
    record StrangeSign(String sign) implements SyntaxFault {}

    /** The end of the text within parentheses. */
    record EndsInParentheses() implements SyntaxFault {}

    /** The end of the text in a statement that wants more. */
    record EndsTooSoon() implements SyntaxFault {}

    /** A clause before the parenthesis is closed. */
    record MissingParenthesis(String before) implements SyntaxFault {}

    /** ON where no table has been joined. */
    record MisplacedOn() implements SyntaxFault {}

    /** A word of SQL for a name. */
    record ReservedWord(String word) implements SyntaxFault {}

    /** A word where only one other can stand. */
    record Expected(String word, String expected) implements SyntaxFault {}

    /** A word that cannot stand where it is. */
    record Unexpected(String word) implements SyntaxFault {}

    /** A statement of more words than are read. */
    record TooManyWords(int most) implements SyntaxFault {}

    /** A statement nested deeper than is read. */
    record NestedTooDeep(int most) implements SyntaxFault {}

    /** A chain of more operators than is read. */
    record ChainTooLong(int most) implements SyntaxFault {}

    /** A function of * that is not COUNT. */
    record OnlyCountCounts(String function) implements SyntaxFault {}

    /** A literal that is no date. */
    record NoDate(String written) implements SyntaxFault {}

    /** A type that there is not. */
    record NoType(String written) implements SyntaxFault {}

    /** A number of rows beyond all results. */
    record RowCountTooLarge() implements SyntaxFault {}

    /** Something else where only a whole number can stand. */
    record NumberExpected(String word) implements SyntaxFault {}

    /** Rows of different numbers of values are compared. */
    record RowsOfOtherWidths(int one, int other) implements SyntaxFault {}

    /** EXTRACT takes something out of a day that is no part of it. */
    record NoDatePart(String word) implements SyntaxFault {}

    /** What Lunko does not read. */
    record NotRead(Unread what) implements SyntaxFault {}

    /** A text that is no condition. */
    record NoCondition() implements SyntaxFault {}

    /** A statement that is no query, where one is wanted. */
    record NoQuery() implements SyntaxFault {}

    /** No text at all. */
    record NothingWritten() implements SyntaxFault {}

    /** A statement that changes tables, where steps are to be shown. */
    record NoSteps() implements SyntaxFault {}

    /** What is written in the place of SQL, where it is known what is meant. */
    sealed interface Slip extends SyntaxFault {

        /** Quotes as a word processor makes them. */
        record CurlyQuotes(String quote) implements Slip {}

        /** A text without its end, before a semicolon. */
        record OpenText() implements Slip {}

        /** A pattern of LIKE without quotes. */
        record PatternWithoutQuotes() implements Slip {}

        /** Two signs in the place of one. */
        record TwoSigns(String written, String meant) implements Slip {}

        /** Two numbers in LIMIT. */
        record LimitWithComma() implements Slip {}

        /** A comma with nothing behind it; {@code before} is the word that follows, or nothing. */
        record CommaTooMuch(String before) implements Slip {}

        /** A word of SQL with a letter wrong. */
        record Misspelt(String written, String meant) implements Slip {}

        /** ON of a cross join. */
        record OnAfterCross() implements Slip {}

        /** ON of a natural join. */
        record OnAfterNatural() implements Slip {}

        /** ON of tables with a comma between them. */
        record OnAfterComma() implements Slip {}

        /** OUTER without a side. */
        record OuterOfWhichSide() implements Slip {}

        /** A table that is missing before a word. */
        record TableMissing(String before) implements Slip {}

        /** A name that is missing between AS and a word. */
        record NameMissing(String before) implements Slip {}

        /** A word that is not the standard's, and what is. */
        record OtherWord(String written, String meant) implements Slip {}

        /** A CASE without its END. */
        record CaseWithoutEnd() implements Slip {}

        /** A clause behind one that it has to come before. */
        record ClauseTooLate(String clause, String before) implements Slip {}

        /** Parentheses that are missing behind a word. */
        record Parentheses(String word) implements Slip {}

        /** IS with a value, and the sign that compares with one. */
        record IsWithValue(String sign) implements Slip {}

        /** NOT NULL as a condition. */
        record IsMissing() implements Slip {}

        /** A comma that is missing before something. */
        record CommaMissing(String before) implements Slip {}

        /** A kind of join without the word JOIN. */
        record JoinMissing(String kind) implements Slip {}

        /** Two kinds of join at once. */
        record TwoKinds(String one, String other) implements Slip {}

        /** A join before FROM. */
        record JoinBeforeFrom() implements Slip {}

        /** AND in the place of ON. */
        record AndForOn() implements Slip {}

        /** AND between two tables. */
        record AndBetweenTables() implements Slip {}

        /** USING with a table before its column. */
        record UsingOfTable(String column) implements Slip {}

        /** A comma in the place of AND. */
        record CommaForAnd() implements Slip {}

        /** No column between SELECT and FROM. */
        record NothingSelected() implements Slip {}

        /** DISTINCT before one of the columns. */
        record DistinctLate() implements Slip {}

        /** ORDER or GROUP without BY. */
        record ByMissing(String word) implements Slip {}

        /** No condition behind a word. */
        record ConditionMissing(String behind) implements Slip {}

        /** No value before what compares it. */
        record ValueMissing(String before) implements Slip {}

        /** A clause that is there already. */
        record ClauseTwice(String clause) implements Slip {}

        /** Parentheses around the columns of SELECT. */
        record ParenthesesTooMuch() implements Slip {}

        /** Three names with dots between them. */
        record TwoDots(String written) implements Slip {}

        /** NOT before a sign or a value. */
        record NotWithSign() implements Slip {}

        /** EXISTS behind a value. */
        record ExistsBehindValue() implements Slip {}

        /** EXISTS before a table. */
        record ExistsOfTable(String table) implements Slip {}

        /** A query as what a function is of. */
        record QueryAsArgument() implements Slip {}

        /** A table behind UNION, EXCEPT or INTERSECT. */
        record UnionOfTable(String word) implements Slip {}

        /** ORDER BY before UNION, EXCEPT or INTERSECT. */
        record OrderBeforeUnion(String word) implements Slip {}

        /** Two comparisons of one value. */
        record TwoComparisons() implements Slip {}

        /** A name in single quotes. */
        record NameInSingleQuotes() implements Slip {}

        /** A name of several words. */
        record NameOfWords() implements Slip {}

        /** A name in quotes that the standard has not. */
        record OtherQuotes(String name) implements Slip {}

        /** A number with a comma. */
        record DecimalComma() implements Slip {}

        /** INTERVAL. */
        record Interval() implements Slip {}

        /** DISTINCT before a star, within a function. */
        record DistinctStar() implements Slip {}

        /** CASE without WHEN. */
        record WhenMissing() implements Slip {}

        /** WHEN without THEN. */
        record ThenMissing() implements Slip {}

        /** ORDER BY with two directions. */
        record TwoDirections() implements Slip {}

        /** A direction before what is sorted by. */
        record DirectionFirst(String word) implements Slip {}

        /** No FROM before a table. */
        record FromMissing() implements Slip {}

        /** A text that is no statement from its first word on. */
        record NoStatement(String word) implements Slip {}

        /** WHERE and ON, one behind the other. */
        record WhereBeforeOn() implements Slip {}

        /** A kind of join behind JOIN. */
        record KindBehindJoin(String kind) implements Slip {}

        /** LEFT or RIGHT as a function. */
        record SideAsFunction(String word) implements Slip {}

        /** A query under a name without AS. */
        record AsMissing() implements Slip {}

        /** CAST with a comma. */
        record CastWithComma() implements Slip {}

        /** LIKE with several patterns. */
        record OnePattern() implements Slip {}

        /** A list of values behind a sign. */
        record ListNeedsIn() implements Slip {}

        /** A single quote within a text. */
        record QuoteInText() implements Slip {}

        /** A closing parenthesis that closes nothing. */
        record ParenthesisTooMuch() implements Slip {}

        /** BETWEEN with a comma. */
        record BetweenWithComma() implements Slip {}

        /** A condition of a join without ON. */
        record OnMissing() implements Slip {}
    }
}
