package lunko.words.english;

import static org.assertj.core.api.Assertions.assertThat;

import lunko.Said;
import lunko.lesson.CellEdit;
import lunko.lesson.ColumnEdit;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.RowEdit;
import lunko.table.Block;
import lunko.table.Type;
import org.junit.jupiter.api.Test;

/** What the changes of a lesson are called where they are undone. */
class EditNamesTest {
    private static final Lesson LESSON = DemoLesson.lesson();

    @Test
    void changesHaveNamesThatSayWhatWasChanged() {
        assertThat(new RowEdit.Delete("hives", 2, 2).name(LESSON, Said.ENGLISH.edits()))
                .isEqualTo("delete row 3 of hives");
        assertThat(new CellEdit.Type("hives", 2, 2, "13").name(LESSON, Said.ENGLISH.edits()))
                .isEqualTo("change keeper_id in row 3 of hives");
        assertThat(
                new ColumnEdit.Change("hives", 0, LESSON.staged().left().columns().getFirst().of(Type.TEXT)).name(
                        LESSON,
                        Said.ENGLISH.edits()))
                .isEqualTo("make hive_no of hives text");
        assertThat(new CellEdit.Put("hives", new Block(0, 1, 0, 1), "").name(LESSON, Said.ENGLISH.edits()))
                .isEqualTo("clear 4 cells of hives");
    }
}
