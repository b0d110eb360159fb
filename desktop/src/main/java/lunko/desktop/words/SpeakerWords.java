package lunko.desktop.words;

/** What is said in the speaker's window. */
public interface SpeakerWords {

    /** {@code Speaker’s window}. */
    String title();

    /** {@code No note.}. */
    String noNote();

    /** The question of the scene and its answer. */
    String asks(String question, String answer);

    /** As in {@code Next: Keep every hive}. */
    String next(String scene);

    /** {@code This is the last scene.}. */
    String last();

    /** How many steps there are to the end of the scene. */
    String stepsLeft(long steps);

    /** How long it is since the start: {@code 12:05 since the start}. */
    String since(long minutes, int seconds);

    /** {@code Start again}. */
    String startAgain();

    /** {@code Rehearse}. */
    String rehearse();

    /** {@code Stop, and keep the minutes}. */
    String stopRehearsing();
}
