package lunko.lesson;

import java.util.List;
import java.util.Optional;
import lunko.problem.Checked;
import lunko.problem.LessonFault;
import lunko.table.SameName;
import lunko.table.Table;
import lunko.words.EditSentences;

/** A change to which tables there are, and how they lie on the bench. */
public sealed interface TableEdit extends Edit {

    /** A new table with one column that has no name or type yet. */
    record Create() implements TableEdit {}

    /** Tables brought in, with their links. */
    record BringIn(TableSet set) implements TableEdit {}

    /** Tables brought in, the first of them in the place of one that is there. */
    record Replace(String table, TableSet set) implements TableEdit {}

    /** A result as a table of its own. */
    record KeepResult(Table copy) implements TableEdit {}

    /** A view, in the place of that of its name if there is one. */
    record KeepView(View view) implements TableEdit {}

    /** Another name for a table. */
    record Rename(String table, String name) implements TableEdit {}

    /** A table gone, and its links with it. */
    record Drop(String table) implements TableEdit {}

    /** A table moved on the bench. */
    record Place(String table, Spot spot) implements TableEdit {}

    /** A table folded up, or unfolded. */
    record Fold(String table, boolean up) implements TableEdit {}

    /** What the next new table is called. */
    static String freeName(Lesson lesson) {
        return lesson.freeName("table");
    }

    @Override
    default Checked<Lesson> applyTo(Lesson lesson) {
        return switch (this) {
            case Create() -> Checked.valid(lesson.roster().adding(TableSet.of(Opening.blank(freeName(lesson)))));
            case BringIn(TableSet set) -> Checked.valid(lesson.roster().bringing(set));
            case Replace(String table, TableSet set) -> {
                Lesson replaced = lesson.roster().replace(table, set.tables().getFirst());
                yield Checked
                        .valid(replaced.roster()
                                .adding(new TableSet(set.tables().subList(1, set.tables().size()), List.of())));
            }
            case KeepResult(Table copy) -> Checked.valid(lesson.roster().adding(TableSet.of(copy)));
            case KeepView(View view) when view.name().isBlank() -> Checked.invalid(new LessonFault.NoTableName());
            case KeepView(View view) when lesson.views().has(view.name()) || lesson.find(view.name()).isEmpty() ->
                Checked.valid(lesson.with(lesson.views().with(view)));
            case KeepView(View view) -> Checked.invalid(new LessonFault.TableNameTaken(view.name()));
            case Rename(String table, String name) -> rename(lesson, table, name.strip());
            case Drop(String table) when lesson.shared().size() == 1 && !lesson.views().has(table) ->
                Checked.invalid(new LessonFault.LastTable());
            case Drop(String table) -> Checked.valid(lesson.roster().without(table));
            case Place(String table, Spot spot) -> Checked.valid(lesson.with(lesson.layout().moving(table, spot)));
            case Fold(String table, boolean up) -> Checked.valid(lesson.with(lesson.layout().folding(table, up)));
        };
    }

    @Override
    default String name(Lesson before, EditSentences in) {
        return switch (this) {
            case Create() -> in.makeTable(freeName(before));
            case BringIn(TableSet set) -> in.importTables(names(set));
            case Replace(String table, TableSet set) -> in.replaceTable(table, names(set));
            case KeepResult(Table copy) -> in.keepResult(copy.name());
            case KeepView(View view) -> in.keepView(view.name());
            case Rename(String table, _) -> in.renameTable(table);
            case Drop(String table) -> in.deleteTable(table);
            case Place(String table, _) -> in.moveTable(table);
            case Fold(String table, boolean up) -> up ? in.fold(table) : in.unfold(table);
        };
    }

    private static List<String> names(TableSet set) {
        return set.tables().stream().map(Table::name).toList();
    }

    private static Checked<Lesson> rename(Lesson lesson, String table, String name) {
        if (name.isEmpty()) return Checked.invalid(new LessonFault.NoTableName());
        Optional<Table> other = lesson.tables().stream()
                .filter(each -> !each.name().equals(table) && SameName.of(each.name(), name)).findFirst();
        return other
                .<Checked<Lesson>>map(
                        _ -> Checked.invalid(new LessonFault.TableNameTaken(name)))
                .orElseGet(() -> Checked.valid(lesson.roster().renaming(table, name)));
    }
}
