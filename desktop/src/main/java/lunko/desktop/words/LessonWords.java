package lunko.desktop.words;

import lunko.problem.FileKind;
import lunko.query.Side;

/** What is said of a lesson and its files. */
public interface LessonWords {

    /** {@code Open a lesson…}. */
    String open();

    /** {@code New lesson}. */
    String newLesson();

    /** Opens a lesson that comes with Lunko: {@code Open “Chains”}. */
    String openCourse(String title);

    /** {@code Save the lesson}. */
    String save();

    /** {@code Save the lesson under another name…}. */
    String saveAs();

    /** {@code Import tables…}. */
    String importTables();

    /** {@code Save all tables as…}. */
    String saveTables();

    /** {@code Save the result as CSV…}. */
    String saveResult();

    /** {@code Undo}. */
    String undo();

    /** {@code Redo}. */
    String redo();

    /** As in {@code Undo …}. */
    String undoOf(String change);

    /** As in {@code Redo …}. */
    String redoOf(String change);

    /** {@code Undo: what is typed and cannot run}. */
    String undoUnfinished();

    /** {@code Open a file as the left table…}. */
    String openAs(Side side);

    /** As in {@code Reading …}. */
    String reading(String file);

    /** As in {@code Writing …}. */
    String writing(String file);

    /** {@code Save}. */
    String yes();

    /** {@code Do not save}. */
    String doNotSave();

    /** {@code Otherwise the changes are lost.}. */
    String changesLost();

    /** As in {@code Save the changes to “…”?}. */
    String saveChanges(String lesson);

    /** As in {@code Saved the lesson to ….}. */
    String saved(String file);

    /** {@code Open a lesson}. */
    String openTitle();

    /** {@code Save the lesson}. */
    String saveTitle();

    /** {@code Lessons}. */
    String lessons();

    /** {@code All files}. */
    String allFiles();

    /** {@code CSV files}. */
    String csvFiles();

    /** {@code Files with tables}. */
    String tableFiles();

    /** A kind of file, as a choice. */
    String fileKind(FileKind kind);

    /** As in {@code Only … is taken of … files: drop the others one by one.}. */
    String onlyFirst(String file, long files);

    /** As in {@code Copied …: paste it into a spreadsheet, a page, or another lesson.}. */
    String tableCopied(String table);

    /** {@code Saved 5 rows to hives.csv}. */
    String rowsSaved(long rows, String file);

    /** As in {@code Saved the tables to ….}. */
    String tablesSaved(String file);

    /** As in {@code Open a file to replace …}. */
    String replaceTitle(String table);

    /** {@code Import tables}. */
    String importTitle();

    /** {@code Save the result as CSV}. */
    String saveResultTitle();

    /** {@code Save tables}. */
    String saveTablesTitle();

    /** As in {@code Lunko ended while “…” had unsaved changes.}. */
    String endedUnsaved(String lesson);

    /** {@code Recover them}. */
    String recover();

    /** {@code Hives and keepers (changed) – Lunko}. */
    String title(String lesson, boolean changed);

    /** As in {@code …   in …}. */
    String recent(String file, String folder);

    /** {@code Lesson}. */
    String lesson();
}
