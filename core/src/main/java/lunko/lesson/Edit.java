package lunko.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lunko.engine.Plan;
import lunko.insight.NearMiss;
import lunko.phrase.Words;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Table;
import lunko.table.Value;

/** A change to a lesson: it gives the changed lesson, or the problem that forbids it. */
public sealed interface Edit {

    /** Another value in a cell. */
    record SetCell(Side side, long rowId, int column, Value value) implements Edit {}

    /** One more row at the end of a table, NULL in every column. */
    record AddRow(Side side) implements Edit {}

    /** A row less. */
    record DeleteRow(Side side, long rowId) implements Edit {}

    /** Another name for a table. */
    record RenameTable(Side side, String name) implements Edit {}

    /** Another table on a side. */
    record ReplaceTable(Side side, Table table) implements Edit {}

    /** Tables brought in: the first on a side, the others on the shelf. */
    record BringIn(Side side, List<Table> tables) implements Edit {}

    /** A table of the shelf on a side, in the place of the one there. */
    record TakeFromShelf(Side side, String table) implements Edit {}

    /** A table of the shelf less. */
    record DropFromShelf(String table) implements Edit {}

    /** A pair of columns that must be equal as well. */
    record Match(KeyPair pair) implements Edit {}

    /** A pair of columns that need not be equal any more. */
    record Unmatch(KeyPair pair) implements Edit {}

    /** Keys of some rows made like those that are meant. */
    record Mend(NearMiss miss) implements Edit {}

    /** Rows made by a recipe, in the place of those there. */
    record MakeRows(Side side, Recipe recipe) implements Edit {}

    /** Just enough changed to show a point. */
    record Arrange(Situation situation) implements Edit {}

    /** Another kind of join. */
    record ChooseKind(JoinKind kind) implements Edit {}

    /** The lesson after this change. */
    default Checked<Lesson> applyTo(Lesson lesson) {
        return switch (this) {
            case SetCell(Side side, long rowId, int column, Value value) ->
                    Checked.valid(lesson.change(side, table -> table.with(rowId, column, value)));
            case AddRow(Side side) -> Checked.valid(lesson.change(side, Table::plusEmptyRow));
            case DeleteRow(Side side, long rowId) -> Checked.valid(lesson.change(side, table -> table.minus(rowId)));
            case RenameTable(Side side, String name) -> rename(lesson, side, name.strip());
            case ReplaceTable(Side side, Table table) -> Checked.valid(lesson.replace(side, table));
            case BringIn(Side side, List<Table> tables) -> Checked.valid(lesson.replace(side, tables.getFirst())
                    .shelving(tables.subList(1, tables.size())));
            case TakeFromShelf(Side side, String table) -> lesson.swap(side, table).<Checked<Lesson>>map(Checked::valid)
                    .orElseGet(() -> Checked.invalid("There is no table " + table + " on the shelf."));
            case DropFromShelf(String table) -> Checked.valid(new Lesson(lesson.title(), lesson.left(), lesson.right(), lesson.kind(), lesson.on(),
                    lesson.shelf().stream().filter(other -> !other.name().equals(table)).toList()));
            case Match(KeyPair pair) -> match(lesson, pair);
            case Unmatch(KeyPair pair) ->
                    Checked.valid(lesson.matching(lesson.on().stream().filter(other -> !other.equals(pair)).toList()));
            case Mend(NearMiss miss) -> mend(lesson, miss);
            case MakeRows(Side side, Recipe recipe) -> Checked.valid(lesson.change(side, _ -> recipe.make(lesson, side)));
            case Arrange(Situation situation) -> situation.in(lesson).map(Situation.SetUp::lesson);
            case ChooseKind(JoinKind kind) -> Checked.valid(lesson.of(kind));
        };
    }

    /** What the change is called, as in “Undo delete row 3 of hives”; {@code before} is the lesson it changes. */
    default String name(Lesson before) {
        return switch (this) {
            case SetCell(Side side, long rowId, int column, Value _) ->
                    "change " + before.table(side).columns().get(column).name() + " in " + row(before, side, rowId);
            case AddRow(Side side) -> "add a row to " + before.table(side).name();
            case DeleteRow(Side side, long rowId) -> "delete " + row(before, side, rowId);
            case RenameTable(Side side, String _) -> "rename " + before.table(side).name();
            case ReplaceTable(Side side, Table table) -> "open " + table.name() + " as the " + side.title() + " table";
            case BringIn(Side side, List<Table> tables) -> "open " + tables.getFirst().name() + " as the " + side.title() + " table";
            case TakeFromShelf(Side side, String table) -> "take " + table + " as the " + side.title() + " table";
            case DropFromShelf(String table) -> "drop " + table;
            case Match(KeyPair(String left, String right)) -> "match " + left + " with " + right;
            case Unmatch(KeyPair(String left, String right)) -> "no longer match " + left + " with " + right;
            case Mend(NearMiss miss) -> "mend " + miss.key().getFirst().sql() + " in " + before.table(miss.side()).name();
            case MakeRows(Side side, Recipe recipe) -> "make " + Words.rows(recipe.rows()) + " of " + before.table(side).name();
            case Arrange(Situation situation) -> "set up " + situation.title();
            case ChooseKind(JoinKind kind) -> "choose " + kind.withArticle();
        };
    }

    private static String row(Lesson lesson, Side side, long rowId) {
        Table table = lesson.table(side);
        return "row " + (table.position(rowId).orElse(-1) + 1) + " of " + table.name();
    }

    private static Checked<Lesson> rename(Lesson lesson, Side side, String name) {
        if (name.isEmpty()) return Checked.invalid("A table needs a name: type one, such as hives.");
        if (name.equalsIgnoreCase(lesson.table(side.opposite()).name())) {
            return Checked.invalid("The other table is called " + name + " already: choose another name.");
        }
        if (lesson.shelf().stream().anyMatch(table -> table.name().equalsIgnoreCase(name))) {
            return Checked.invalid("A table on the shelf is called " + name + " already: choose another name.");
        }
        return Checked.valid(lesson.change(side, table -> table.named(name)));
    }

    private static Checked<Lesson> match(Lesson lesson, KeyPair pair) {
        return Plan.equality(pair, lesson.left(), lesson.right()).map(_ -> {
            List<KeyPair> more = new ArrayList<>(lesson.on());
            if (!more.contains(pair)) more.add(pair);
            return lesson.matching(more);
        });
    }

    private static Checked<Lesson> mend(Lesson lesson, NearMiss miss) {
        Lesson after = lesson;
        for (int row : miss.rows()) {
            for (int i = 0; i < lesson.on().size(); i++) {
                Table table = lesson.table(miss.side());
                int column = table.column(miss.side().of(lesson.on().get(i).left(), lesson.on().get(i).right())).orElseThrow();
                Optional<Value> value = table.columns().get(column).type().read(miss.meant().get(i).shown());
                if (value.isEmpty()) return Checked.invalid(miss.meant().get(i).sql() + " does not fit " + table.columns().get(column).name() + ".");
                long id = table.rows().get(row).id();
                after = after.change(miss.side(), changed -> changed.with(id, column, value.get()));
            }
        }
        return Checked.valid(after);
    }
}
