package lunko.lesson;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.problem.Checked;
import lunko.problem.LessonFault;
import lunko.table.Block;
import lunko.table.Column;
import lunko.table.FreeName;
import lunko.table.SameName;
import lunko.table.Table;
import lunko.words.EditSentences;

/** A change to the columns of a table. */
public sealed interface ColumnEdit extends Edit {
    /** What a column is called that nobody has named yet, with a number behind it. */
    String UNNAMED = "column_";

    /** The table, by name. */
    String table();

    /** One more column at a place, NULL in every row. */
    record Add(String table, int at, Column column) implements ColumnEdit {}

    /**
     * Another column at a place: its name, its type, whether it is a key, whether it may be NULL. Links go with the
     * name.
     */
    record Change(String table, int at, Column column) implements ColumnEdit {}

    /** A column once more, behind itself, under a name of its own. */
    record Repeat(String table, int at) implements ColumnEdit {}

    /** A column so many places farther right, or left where that is negative. */
    record Move(String table, int at, int by) implements ColumnEdit {}

    /** A column gone, and the links with it that it was in. */
    record Drop(String table, int at) implements ColumnEdit {}

    @Override
    default Checked<Lesson> applyTo(Lesson lesson) {
        Table before = lesson.table(table());
        return switch (this) {
            case Add(_, int at, Column column) -> named(lesson, before, -1, column)
                    .map(named -> lesson.change(table(), table -> table.insertingColumn(at, named)));
            case Change(_, int at, Column column) -> named(lesson, before, at, column).map(named -> {
                String old = before.columns().get(at).name();
                Lesson renamed =
                        old.equals(named.name()) ? lesson : lesson.roster().renamingColumn(table(), old, named.name());
                return renamed.change(table(), table -> table.withColumn(at, named));
            });
            case Repeat(_, int at) -> Checked.valid(lesson.change(table(), table -> repeat(table, at)));
            case Move(_, int at, int by) -> Checked.valid(lesson.change(table(), table -> table.movingColumn(at, by)));
            case Drop(_, int at) when before.columns().size() == 1 ->
                Checked.invalid(new LessonFault.LastColumn(table()));
            case Drop(_, int at) -> {
                String gone = before.columns().get(at).name();
                Lesson without = lesson.change(table(), table -> table.minusColumn(at));
                yield Checked.valid(lesson.scene().own().isPresent() ? without : without.changingLinks(
                        link -> link.changing(table(), name -> name.filter(each -> !each.equals(gone)))));
            }
        };
    }

    @Override
    default String name(Lesson before, EditSentences in) {
        List<Column> columns = before.table(table()).columns();
        return switch (this) {
            case Add(_, _, Column column) -> in.addColumn(column.name(), table());
            case Change(_, int at, Column column) -> in.changeColumn(table(), columns.get(at), column);
            case Repeat(_, int at) -> in.duplicateColumn(columns.get(at).name(), table());
            case Move(_, int at, int by) -> in.moveColumn(columns.get(at).name(), table(), by < 0);
            case Drop(_, int at) -> in.deleteColumn(columns.get(at).name(), table());
        };
    }

    /** The column with its name stripped; a problem if it has none, or one that another column has. */
    private static Checked<Column> named(Lesson lesson, Table table, int at, Column column) {
        String name = column.name().strip();
        if (name.isEmpty()) return Checked.invalid(new LessonFault.NoColumnName());
        boolean same = at >= 0 && SameName.of(table.columns().get(at).name(), name);
        if (at >= 0 && !same && lesson.roster().hasElsewhere(table.name(), name))
            return Checked.invalid(new LessonFault.ColumnNameTakenElsewhere(table.name(), name));
        Optional<Integer> other = IntStream.range(0, table.columns().size()).boxed()
                .filter(i -> i != at && SameName.of(table.columns().get(i).name(), name)).findFirst();
        return other
                .<Checked<Column>>map(i -> Checked.invalid(new LessonFault.ColumnNameTaken(table.name(), i + 1, name)))
                .orElseGet(() -> Checked.valid(column.named(name)));
    }

    /** A repeated column is no key: that is the one that it repeats. */
    private static Table repeat(Table table, int at) {
        Column column = table.columns().get(at);
        String name = FreeName.of(column.name(), "_", taken -> table.column(taken).isPresent());
        Table more = table.insertingColumn(at + 1, column.key(false).named(name));
        return more.changing(Block.column(more, at + 1), (row, _, _) -> table.rows().get(row).entry(at));
    }

    /** One more column for a table, of any type, under a name of its own that nobody has given it. */
    static Column unnamed(Table table) {
        return Column.open(IntStream.iterate(table.columns().size() + 1, number -> number + 1)
                .mapToObj(number -> UNNAMED + number).filter(name -> table.column(name).isEmpty()).findFirst()
                .orElseThrow());
    }
}
