package lunko.desktop.words;

import java.math.BigDecimal;
import java.time.LocalDate;

/** What is said by the window itself: its modes, themes, keys and notes. */
public interface WindowWords {

    /** {@code Scenes}. */
    String scenes();

    /** {@code Tables}. */
    String tables();

    /** {@code Show}. */
    String show();

    /** {@code Steps}. */
    String steps();

    /** {@code Kinds of join}. */
    String kindsOfJoin();

    /** {@code The query}. */
    String theQuery();

    /** {@code Lesson}. */
    String lesson();

    /** {@code View}. */
    String view();

    /** A term and what it means, where it is pointed at. */
    String meaning(String term, String meaning);

    /** {@code Words}. */
    String wordsTitle();

    /** {@code Keys}. */
    String keys();

    /** {@code what to do, or a key}. */
    String keysPrompt();

    /** {@code filter the list of keys}. */
    String keysFilter();

    /** Which keys do what in a table, and how NULL and the empty text are typed. */
    String inATable();

    /** {@code No key does that.}. */
    String noKey();

    /** {@code Type a new title for the lesson.}. */
    String retitle();

    /** {@code title of the lesson}. */
    String titleOfLesson();

    /** {@code Speaker notes}. */
    String speakerNotes();

    /** {@code Show the notes under the page}. */
    String showNotes();

    /** {@code Hide the notes}. */
    String hideNotes();

    /** {@code New here? A lesson in five minutes shows what Lunko does.}. */
    String newHere();

    /** {@code First steps: a lesson in five minutes}. */
    String firstSteps();

    /** {@code Keep}. */
    String keep();

    /** What is to be typed where a whole number is asked: {@code Type a whole number from 1 to 10,000.}. */
    String wholeNumber(int least, int most);

    /** What is to be typed where a number is asked that may have decimals. */
    String decimalNumber(BigDecimal least, BigDecimal most);

    /** What is to be typed where a day is asked, with one of them. */
    String day(LocalDate one);

    /** {@code Cancel}. */
    String cancel();

    /** {@code Close this message}. */
    String closeNotice();

    /** {@code Stop}. */
    String stop();

    /** {@code To the scenes}. */
    String toScenes();

    /** {@code To the tables}. */
    String toTables();

    /** {@code To the show}. */
    String toShow();

    /** {@code List of keys}. */
    String listOfKeys();

    /** {@code Present: the stage alone}. */
    String present();

    /** {@code Larger}. */
    String larger();

    /** {@code Smaller}. */
    String smaller();

    /** {@code Fit to window}. */
    String fitToWindow();

    /** {@code Fade instead of moving}. */
    String fade();

    /** {@code Light}. */
    String light();

    /** {@code Dark}. */
    String dark();

    /** {@code Light, high contrast}. */
    String lightContrast();

    /** {@code Dark, high contrast}. */
    String darkContrast();
}
