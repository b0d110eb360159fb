package lunko.lesson;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import lunko.problem.Checked;
import lunko.table.Entry;
import lunko.table.Table;
import lunko.words.EditSentences;

/** A change to the rows of a table. */
public sealed interface RowEdit extends Edit {

    /** The table, by name. */
    String table();

    /** One more row at the end, with something typed into one of its columns, and NULL in the others. */
    record Append(String table, int column, String typed) implements RowEdit {}

    /** One more row at a place, NULL in every column. */
    record Insert(String table, int at) implements RowEdit {}

    /** The rows from one place to another once more, behind them. */
    record Repeat(String table, int first, int last) implements RowEdit {}

    /** The rows from one place to another so many places farther down, or up where that is negative. */
    record Move(String table, int first, int last, int by) implements RowEdit {}

    /** The rows from one place to another gone. */
    record Delete(String table, int first, int last) implements RowEdit {}

    @Override
    default Checked<Lesson> applyTo(Lesson lesson) {
        return Checked.valid(lesson.change(table(), before -> switch (this) {
            case Append(_, int column, String typed) -> append(before, column, typed);
            case Insert(_, int at) -> before.inserting(at, List.of(before.blank()));
            case Repeat(_, int first, int last) -> before.inserting(last + 1,
                    before.rows().subList(first, last + 1).stream().map(row -> row.entries()).toList());
            case Move(_, int first, int last, int by) -> before.movingRows(first, last, by);
            case Delete(_, int first, int last) -> before.minusRows(first, last);
        }));
    }

    @Override
    default String name(Lesson before, EditSentences in) {
        return switch (this) {
            case Append _ -> in.addRow(table());
            case Insert _ -> in.insertRow(table());
            case Repeat(_, int first, int last) -> in.duplicate(rows(first, last));
            case Move(_, int first, int last, int by) -> in.move(rows(first, last), by < 0);
            case Delete(_, int first, int last) -> in.delete(rows(first, last));
        };
    }

    private EditSentences.Rows rows(int first, int last) {
        return new EditSentences.Rows(table(), first + 1, last + 1);
    }

    private static Table append(Table before, int column, String typed) {
        Table settled = CellEdit.settled(before, column, List.of(typed));
        List<Entry> row = new ArrayList<>(settled.blank());
        row.set(column, settled.columns().get(column).entry(typed));
        return settled.inserting(settled.rows().size(), Collections.singletonList(row));
    }
}
