package lunko.desktop.words;

import lunko.words.Language;

/** A language with all that the program itself has to say. */
public interface Speech extends Language {

    /** The tag of the language (RFC 5646): {@code en}. */
    String tag();

    /** What is said at the tables. */
    TableWords tables();

    /** What is said of links. */
    LinkWords links();

    /** What is said where tables are imported. */
    ImportWords imports();

    /** What is said where rows are generated. */
    GenerateWords generating();

    /** What is said of the query. */
    QueryWords query();

    /** What is said where a query is put together without typing. */
    BuildWords building();

    /** What is said on the sheets that take the place of the stage. */
    SheetWords sheets();

    /** What is said in the show. */
    ShowWords show();

    /** What is said of the steps. */
    StepWords steps();

    /** What is said of the kinds of join. */
    KindWords kinds();

    /** What is said in the pictures beside the stage. */
    PictureWords pictures();

    /** What is said of the result. */
    ResultGridWords resultGrid();

    /** What is said of scenes. */
    SceneWords scenes();

    /** Tasks that are made, and rows that are looked for. */
    TaskWords tasks();

    /** What is said where a question is asked. */
    AskWords asking();

    /** What is said in the speaker's window. */
    SpeakerWords speaker();

    /** What is said where something is handed out. */
    HandoutWords handingOut();

    /** What is said of a lesson and its files. */
    LessonWords lesson();

    /** What the window says. */
    WindowWords window();

    /** What the command line says. */
    CommandWords command();
}
