package lunko.desktop.words;

import java.util.Optional;
import lunko.table.Column;

/** What is said of scenes: in their outline, in the bar that goes through them, and of tables that are theirs alone. */
public interface SceneWords {

    /** {@code The next scene}. */
    String next();

    /** {@code The scene before}. */
    String before();

    /** Where one stands in the lesson: {@code 5 of 12}. */
    String place(int number, int all);

    /** What a scene is called, as in {@code Scene 5} where nobody has given it a title. */
    String called(int number, String title);

    /** A scene with its number: {@code 5. Keep every hive}. */
    String numbered(int number, String title);

    /** {@code All scenes}. */
    String outline();

    /** {@code Keep the show as a scene}. */
    String keepShow();

    /** {@code Duplicate the selected scenes}. */
    String repeat();

    /** {@code Delete the selected scenes}. */
    String delete();

    /** {@code Move the selected scenes up}. */
    String moveUp();

    /** {@code Move the selected scenes down}. */
    String moveDown();

    /** {@code Bring in scenes…}. */
    String bringIn();

    /** {@code Show a mistake…}. */
    String showMistake();

    /** {@code Show a mistake}. */
    String mistakes();

    /** What comes of choosing one. */
    String mistakesAbout();

    /** {@code Add scenes}. */
    String addScenes();

    /** {@code Show the scene}. */
    String show();

    /** {@code Change the title of the scene}. */
    String changeTitle();

    /** As in {@code Present from scene 5}. */
    String presentFrom(int number);

    /** How many scenes there are and, where they have been rehearsed, how long they take. */
    String total(int scenes, long minutes);

    /** What a scene gives, beside its title: {@code 5 rows}. */
    String rows(long rows);

    /** {@code cannot run}. */
    String cannotRun();

    /** {@code own tables}. */
    String ownTables();

    /** {@code Title}. */
    String title();

    /** {@code The speaker’s note}. */
    String note();

    /** {@code what to say, as Markdown}. */
    String notePrompt();

    /** {@code A note for learners}. */
    String handed();

    /** What such a note is for. */
    String handedPrompt();

    /** {@code Opens}. */
    String opens();

    /** {@code at the start}. */
    String atStart();

    /** As in {@code at step 12}. */
    String atStep(long step);

    /** {@code at the end}. */
    String atEnd();

    /** {@code How rows are matched when the scene opens}. */
    String way();

    /** {@code The picture beside the stage when the scene opens}. */
    String picture();

    /** {@code Tables}. */
    String tables();

    /** {@code the lesson’s}. */
    String lessons();

    /** {@code this scene’s own}. */
    String ofItsOwn();

    /** That what is changed in the scene stays in it, and that nothing has been yet. */
    String nothingDiffers();

    /** How many things differ: {@code 2 differences from the lesson’s tables:}. */
    String differs(int count);

    /** That some differences have nothing to go by any more, because the lesson's tables have changed. */
    String unfit(int count);

    /** {@code Take them into the lesson}. */
    String take();

    /** {@code Drop them}. */
    String drop();

    /** {@code Drop what no longer fits}. */
    String dropUnfit();

    /** That there are more differences than are shown. */
    String moreDiffer(int more);

    /** What differs in a table: {@code hives row 3 keeper_id: 12 → NULL}. */
    String ofTable(String table, String differs);

    /** A cell that is another, its row counted from 1; no row where that is gone. */
    String cell(Optional<Integer> row, String column, String was, String now);

    /** A row that is gone, counted from 1, by the values in it. */
    String rowGone(Optional<Integer> row, String values);

    /** A row that is added, by the values in it. */
    String rowAdded(String values);

    /** A column that is gone. */
    String columnGone(String column);

    /** A column that is added. */
    String columnAdded(String column);

    /** A column that is another one. */
    String columnOther(Column was, Column now);

    /** As in {@code Scenes of “Hives and keepers”}. */
    String scenesOf(String lesson);

    /** {@code The tables that they need come with them.}. */
    String broughtWith();

    /** As in {@code Bring in 3 scenes}. */
    String take(int scenes);
}
