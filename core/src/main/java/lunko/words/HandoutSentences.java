package lunko.words;

import java.util.List;

/** What stands on pictures and papers that learners are given. */
public interface HandoutSentences {

    /** {@code Result}. */
    String result();

    /** How many of the rows that there will be are there: {@code 2 of 5 rows}. */
    String soFar(long rows, long all);

    /** How many rows more there are than are drawn. */
    String moreRows(long rows);

    /** {@code rows}, before the numbers of them. */
    String rows();

    /** {@code 1 of 2}, at the foot of a page. */
    String page(int number, int of);

    /** What stands at the foot of each page. */
    String foot(String lesson);

    /** A scene of a lesson. */
    String title(String lesson, String scene);

    /** {@code Worksheet B}. */
    String worksheet(String letter);

    /** Before the line for a name. */
    String name();

    /** Before the line for a date. */
    String date();

    /** The heading of the answers to a worksheet. */
    String answersTo(String title);

    /** Asks for lanes between rows that match, and a sign on the others. */
    String drawLines();

    /** Asks for what is missing in a query. */
    String writeMissing();

    /** Asks for the number of rows. */
    String howManyRows();

    /** Asks for the rows of the result, for which there is more than enough room. */
    String writeResult();

    /** Asks for the first rows of the result. */
    String writeFirst(long rows);

    /** Before a result whose query is asked for. */
    String theseRows();

    /** An answer that somebody has written for the rows of another worksheet. */
    String writtenFor(String letter, String answer);

    /** {@code Why}, before reasons. */
    String why();

    /** The heading of all kinds of join on one page. */
    String everyKind(String lesson);

    /** A scene with its number before its title. */
    String numbered(int number, String title);

    /** {@code Worksheet}, as it is chosen. */
    String worksheets();

    /** {@code Answers}, as they are chosen. */
    String answerSheets();

    /** {@code Every kind on a page}, as it is chosen. */
    String summarySheet();

    /** {@code Pages with pictures}, as they are chosen. */
    String pagesOfPictures();

    /** Pictures that can be made larger, as they are chosen. */
    String drawings();

    /** {@code Pictures}, as they are chosen. */
    String pictures();

    /** A picture of each step, as they are chosen. */
    String picturesOfSteps();

    /** The same that can be made larger, as they are chosen. */
    String drawingsOfSteps();

    /** Moving pictures, as they are chosen. */
    String movingPictures();

    /** A text with pictures, as it is chosen. */
    String markdown();

    /** A page for a browser. */
    String learnersPage();

    /** A notebook, as it is chosen. */
    String notebook();

    /** A script for a database, as it is chosen. */
    String script();

    /** That no typeface has some characters, whose numbers stand in their place. */
    String missing(List<String> characters);

    /** That some scenes, counted from 1, cannot be shown. */
    String notShown(List<Integer> scenes);

    /** {@code Scene}. */
    String scene();

    /** The rows of both tables and of the result. */
    String stage();

    /** {@code Venn diagram}. */
    String venn();

    /** {@code Pair grid}. */
    String pairGrid();

    /** {@code Chart of all kinds}. */
    String kinds();

    /** {@code Stages of the query}. */
    String stages();

    /** {@code Tables with their rows}. */
    String data();

    /** {@code Diagram of the tables}. */
    String tables();
}
