package lunko.desktop.words;

import lunko.words.Language;

/** A language with all that the program itself has to say. */
public interface Speech extends Language {

    /** The tag of the language (RFC 5646): {@code en}. */
    String tag();

    /** What is said at the tables. */
    TableWords tables();

    /** What is said of the query. */
    QueryWords query();

    /** What is said in the show. */
    ShowWords show();

    /** What is said of a lesson and its files. */
    LessonWords lesson();

    /** What the window says. */
    WindowWords window();

    /** What the command line says. */
    CommandWords command();
}
