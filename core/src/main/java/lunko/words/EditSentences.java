package lunko.words;

import java.util.List;
import java.util.Optional;
import lunko.query.JoinKind;
import lunko.query.change.QueryChange;
import lunko.table.Column;
import lunko.table.Type;

/**
 * What is done to a lesson, in a few words, as it stands behind Undo: {@code change kg in row 3 of hives}; and what
 * situations are called and have done. Rows count from 1.
 */
public interface EditSentences {

    /** So many scenes, the first of them with its number and, where it has one, its title. */
    record SceneNames(int count, int first, Optional<String> title) {}

    /** Rows of a table from one to another. */
    record Rows(String table, int first, int last) {}

    /** So many cells of a table. */
    record Cells(String table, int count) {}

    /** A cell is typed into. */
    String changeCell(String column, int row, String table);

    /** Cells become empty. */
    String clear(Cells cells);

    /** Cells get a value. */
    String put(String typed, Cells cells);

    /** Rows are pasted. */
    String paste(long rows, String table);

    /** Cells are filled from above. */
    String fillDown(Cells cells);

    /** A row is added. */
    String addRow(String table);

    /** A row is inserted. */
    String insertRow(String table);

    /** Rows are duplicated. */
    String duplicate(Rows rows);

    /** Rows are moved. */
    String move(Rows rows, boolean up);

    /** Rows are deleted. */
    String delete(Rows rows);

    /** A column is added. */
    String addColumn(String column, String table);

    /** A column is duplicated. */
    String duplicateColumn(String column, String table);

    /** A column is moved. */
    String moveColumn(String column, String table, boolean left);

    /** A column is deleted. */
    String deleteColumn(String column, String table);

    /** A column becomes another. */
    String changeColumn(String table, Column from, Column to);

    /** A table is made. */
    String makeTable(String table);

    /** Tables are imported. */
    String importTables(List<String> tables);

    /** A table is replaced. */
    String replaceTable(String table, List<String> with);

    /** A result becomes a table. */
    String keepResult(String table);

    /** A view kept, or changed. */
    String keepView(String view);

    /** A table is renamed. */
    String renameTable(String table);

    /** A table is deleted. */
    String deleteTable(String table);

    /** A table is moved. */
    String moveTable(String table);

    /** A table is folded. */
    String fold(String table);

    /** A table is unfolded. */
    String unfold(String table);

    /** Two columns are linked. */
    String link(String left, String right);

    /** Two columns are no longer linked. */
    String unlink(String left, String right);

    /** A link is deleted. */
    String deleteLink(String left, String right);

    /** A scene shows two tables. */
    String lookAt(String left, String right);

    /** A kind of join is chosen. */
    String chooseKind(JoinKind kind);

    /** A natural kind of join is chosen. */
    String chooseNatural(JoinKind kind);

    /** The join goes by the link again. */
    String joinByLink();

    /** The query is typed. */
    String changeQuery();

    /** The query is changed without typing. */
    String change(QueryChange change);

    /** A key is corrected. */
    String fixKey(String key, String table);

    /** A column gets another type. */
    String retype(String column, String table, Type type);

    /** The values of a column get another size. */
    String resize(String table, Column to);

    /** Rows are generated. */
    String generateRows(long rows, String table);

    /** A situation is set up. */
    String setUp(String situation);

    /** The speaker notes are changed. */
    String changeNote();

    /** What learners read becomes another. */
    String changeHandedNote();

    /** The scene is called otherwise. */
    String changeSceneTitle();

    /** The scene opens otherwise. */
    String changeStart();

    /** The scene asks something else. */
    String changeQuestion();

    /** What is shown becomes a scene. */
    String keepScene();

    /** A scene is as it was. */
    String putBack();

    /** Scenes are there once more. */
    String repeatScenes(SceneNames scenes);

    /** Scenes get another place. */
    String moveScenes(SceneNames scenes);

    /** Scenes are deleted. */
    String deleteScenes(SceneNames scenes);

    /** Scenes of another lesson are brought in. */
    String bringInScenes(int scenes, String lesson);

    /** It is noted how long scenes took. */
    String keepMinutes();

    /** The scene gets a state of the tables of its own. */
    String beginOwnTables();

    /** The scene shows the lesson's tables again. */
    String dropOwnTables();

    /** What does not fit any more is gone. */
    String dropUnfit();

    /** The lesson's tables become as the scene's are. */
    String takeIntoLesson();

    /** The title is changed. */
    String changeTitle();

    /** The situation of an unmatched left row. */
    String unmatchedLeft();

    /** The situation of an unmatched right row. */
    String unmatchedRight();

    /** The situation of a repeated key. */
    String repeatedKey();

    /** The situation of a NULL key. */
    String nullKey();

    /** The situation of a key spelled differently. */
    String keySpelledDifferently();

    /** The situation of one key everywhere. */
    String everyKeyTheSame();

    /** The situation of a deleted parent. */
    String parentDeleted();

    /** A new row has a key that no row of the other table has. */
    String newUnmatched(int row, String table, String other, String key);

    /** A new row repeats the key of another. */
    String newRepeated(int row, String table, String key, int of);

    /** A new row has a NULL key. */
    String newNull(int row, String table);

    /** A key is now spelled differently from its match. */
    String nowSpelled(int row, String table, String now, String match);

    /** Every row has the same key now. */
    String nowTheSame(String key);

    /** Rows are gone to which others referred. */
    String nowOrphans(List<Integer> rows, String table, String key, String children);
}
