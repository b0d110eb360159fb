package lunko.desktop.words;

import lunko.query.Side;

/** What is said where a question is asked, guessed at and uncovered, and where it is chosen. */
public interface AskWords {

    /** {@code covered}. */
    String covered();

    /** {@code Uncover}. */
    String uncover();

    /** {@code Cover again}. */
    String coverAgain();

    /** {@code Your guess}. */
    String guess();

    /** That a kind is chosen above. */
    String chooseKind();

    /** That cells of the pair grid are clicked. */
    String clickCells();

    /** That rows of the table are clicked. */
    String clickRows();

    /** That a result is chosen for each query. */
    String chooseResults();

    /** {@code the order of the rows counts}. */
    String orderCounts();

    /** {@code the names of the columns count}. */
    String headingsCount();

    /** What is typed as one of the other queries, counted from 1. */
    String otherQuery(int number);

    /** That another query gives the same rows here, and where they differ. */
    String otherMeaning(String sql, String tables);

    /** That two of the queries have the same result, so that either is right. */
    String sameResult();

    /** {@code guess: left outer}. */
    String guessedKind(String kind);

    /** How many questions have been answered rightly: {@code 2 of 7 right}. */
    String score(int right, int all);

    /** As in {@code answered: how many rows}. */
    String answered(String what);

    /** {@code Practise}: questions are answered, checked and helped with by one learner. */
    String practise();

    /** That is over. */
    String stopPractising();

    /** What is typed as an answer: a query, or what is missing in one. */
    String typeAnswer(boolean gap);

    /** The tables are to be changed. */
    String changeTables();

    /** Five kinds are to give the same number of rows. */
    String kindsAlike();

    /** The query is to give other rows than another. */
    String differ();

    /** {@code taken as the guess}. */
    String taken();

    /** That this cannot be asked of what is shown. */
    String cannotAsk();

    /** {@code Before it plays, ask the class}. */
    String askTheClass();

    /** {@code nothing}. */
    String nothing();

    /** {@code as Lunko puts it}, in the field for other words. */
    String putItYourself();

    /** {@code the answer}. */
    String theAnswer();

    /** What the answer is now. */
    String computed(String answer);

    /** Rows of a side, by what is asked of them. */
    String rowsThatCome(Side side);

    /** Rows of a side that have no match. */
    String rowsUnmatched(Side side);

    /** {@code row}. */
    String row();

    /** {@code column}. */
    String column();

    /** That more than one kind gives the same rows, so that either is right. */
    String cannotTell(String kinds);

    /** {@code Add a row that tells them apart}. */
    String tellApart(Side side);

    /** As in {@code asks: how many rows}. */
    String asks(String what);
}
