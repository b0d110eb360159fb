package lunko.desktop.words;

import lunko.practice.Difficulty;

/** What is said where tasks are made of a lesson's tables, and rows are looked for on which something is to be seen. */
public interface TaskWords {

    /** {@code Make tasks…}. */
    String makeTasks();

    /** {@code Make tasks}. */
    String tasks();

    /** What comes of making them. */
    String tasksAbout();

    /** How many are wanted. */
    String howManyTasks();

    /** How much there is to think of. */
    String difficulty();

    /** One of the difficulties. */
    String difficulty(Difficulty difficulty);

    /** What tasks ask. */
    String taskSorts();

    /** The number that others give other tasks for. */
    String taskSeed();

    /** Makes them. */
    String make();

    /** {@code Find rows for a point…}. */
    String findRows();

    /** {@code Rows for a point}. */
    String point();

    /** What comes of finding them. */
    String pointAbout();

    /** What is to be seen. */
    String pointSort();

    /** Two kinds differ by some rows. */
    String kindsDiffer();

    /** Five kinds give as many rows. */
    String kindsAlike();

    /** Two queries give other rows. */
    String queriesDiffer();

    /** The one kind. */
    String pointOne();

    /** The other kind. */
    String pointOther();

    /** By how many rows they differ. */
    String pointRows();

    /** The other query. */
    String pointQuery();

    /** Looks for them. */
    String find();
}
