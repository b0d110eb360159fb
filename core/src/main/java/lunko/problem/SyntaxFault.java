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

    /** A text that is no condition. */
    record NoCondition() implements SyntaxFault {}

    /** A statement that is no query, where one is wanted. */
    record NoQuery() implements SyntaxFault {}

    /** No text at all. */
    record NothingWritten() implements SyntaxFault {}

    /** A statement that changes tables, where steps are to be shown. */
    record NoSteps() implements SyntaxFault {}
}
