package lunko.words;

/** What stands on the page that learners are given, beside what is said of a lesson. */
public interface PageSentences {

    /** The language as a browser has to know it (BCP 47): {@code en}. */
    String language();

    /** {@code Scene 3 of 12}. */
    String sceneOf(int number, int all);

    /** To the scene before. */
    String sceneBefore();

    /** To the next scene. */
    String nextScene();

    /** {@code Step 12 of 26}. */
    String stepOf(long number, long last);

    /** To the first step. */
    String toStart();

    /** One step back. */
    String stepBack();

    /** Plays the steps. */
    String play();

    /** Stops playing. */
    String pause();

    /** One step on. */
    String stepOn();

    /** To the last step. */
    String toEnd();

    /** How many steps a second are played. */
    String speed();

    /** {@code 2 a second}. */
    String aSecond(String times);

    /** The query, as it may be changed. */
    String query();

    /** The kind of join, to be chosen. */
    String kind();

    /** How rows are matched, to be chosen. */
    String way();

    /** Cells and the query can be changed. */
    String tryIt();

    /** Adds a row to a table. */
    String addRow();

    /** Deletes a row of a table, by its number. */
    String deleteRow(String row);

    /** Takes back the last change. */
    String undo();

    /** Does it again. */
    String redo();

    /** Puts the scene back as it was. */
    String asItWas();

    /** Keeps the lesson as a file, with all that was changed. */
    String save();

    /** Prints the scene at hand. */
    String print();

    /** Which picture stands below the rows. */
    String picture();

    /** The picture grid of pairs, and the diagram with circles. */
    String circles();

    /** Why there are no circles: rows are not compared. */
    String noCircles();

    /** The grid of pairs. */
    String pairs();

    /** Every kind at once. */
    String kinds();

    /** What the query does, one stage after the other. */
    String stages();

    /** Covered, until the question is answered. */
    String covered();

    /** Checks an answer. */
    String check();

    /** Asks for a hint. */
    String hint();

    /** Shows the answer. */
    String uncover();

    /** Where an answer is written. */
    String answer();

    /** That rows are to be ticked in their table. */
    String tickRows();

    /** That cells are to be ticked in the grid of pairs. */
    String tickPairs();

    /** A link to all scenes. */
    String scenes();

    /** That a scene asks something. */
    String asks();

    /** That a question has been answered rightly. */
    String answered();

    /** {@code 5 of 12 questions answered rightly, 4 without the solution}. */
    String score(int right, int all, int alone);

    /** Copies what has come of the questions as a text. */
    String copyResults();

    /** That it has been copied. */
    String copied();

    /** What has come of a question: {@code 3. Keep every hive: right}. */
    String result(int number, String scene, String came);

    /** A question was answered rightly, after its answer had been shown. */
    String rightAfterwards();

    /** A question has not been answered rightly. */
    String notYet();

    /** That it works without a network. */
    String worksAlone();

    /** That this browser is too old for the page. */
    String tooOld();

    /** That this browser keeps nothing, so that changes last as long as the page. */
    String notKept();

    /** That something has gone wrong in the page itself. */
    String broken();
}
