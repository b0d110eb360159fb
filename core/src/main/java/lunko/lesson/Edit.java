package lunko.lesson;

import lunko.problem.Checked;
import lunko.words.EditSentences;

/**
 * A change to a lesson: it gives the changed lesson, or the problem that forbids it. Rows and columns are counted from
 * 0.
 */
public sealed interface Edit permits CellEdit, RowEdit, ColumnEdit, TableEdit, LinkEdit, SceneEdit,
        ScenesEdit, OwnTablesEdit {

    /** The lesson after this change. */
    Checked<Lesson> applyTo(Lesson lesson);

    /** What the change is called, as in “Undo delete row 3 of hives”; {@code before} is the lesson it changes. */
    String name(Lesson before, EditSentences in);
}
