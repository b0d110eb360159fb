package lunko.practice;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.lesson.own.OwnTables;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import lunko.table.Chance;
import lunko.table.Column;
import lunko.table.Once;
import lunko.table.Table;
import lunko.table.Value;

/**
 * Looks for small tables on which something is to be seen: the fewest rows first, made of what stands in a lesson's
 * tables, with keys that tell their rows apart. The same lesson gives the same ones.
 */
public record PointSearch(Lesson lesson, Point point) {
    /** No tables with more rows together are looked for. */
    public static final int MOST_ROWS = 9;

    private static final int TRIES = 400;
    private static final long SEED = 5;

    /**
     * Tables, all of the lesson's, on which it is to be seen; or, where there are none or none were found before it was
     * stopped, why.
     */
    public Checked<List<Table>> find(IntPredicate goesOn) {
        Optional<Problem> hopeless = point.hopeless(lesson);
        if (hopeless.isPresent()) return Checked.invalid(hopeless.get());
        Chance chance = new Chance(SEED);
        List<String> about = point.about(lesson.tables());
        Predicate<List<Table>> sight = point.sight();
        for (int rows = 0; rows <= MOST_ROWS && goesOn.test(rows); rows++) {
            for (int tried = 0; tried < TRIES; tried++) {
                List<Table> made = made(about, rows, chance);
                if (sight.test(made)) return Checked.valid(made);
            }
        }
        return Checked.invalid(Problem.of(new WorkFault.NoTablesForPoint(MOST_ROWS)));
    }

    /** It as the state of a scene: what differs from the lesson's tables. */
    public static Scene shown(Scene scene, Lesson lesson, List<Table> tables) {
        OwnTables own = OwnTables.SAME;
        for (Table table : tables)
            if (!lesson.shared().contains(table)) own = own.becoming(lesson.shared(), table, 0);
        return scene.owning(Optional.of(own));
    }

    private List<Table> made(List<String> about, int rows, Chance chance) {
        int[] sizes = new int[about.size()];
        for (int row = 0; row < rows; row++) sizes[chance.below(sizes.length)]++;
        return lesson.tables().stream().map(table -> {
            int at = about.indexOf(table.name());
            return at < 0 || lesson.views().has(table.name()) ? table : made(table, sizes[at], chance);
        }).toList();
    }

    private Table made(Table table, int rows, Chance chance) {
        List<List<Value>> made = new ArrayList<>();
        List<Set<Value>> keys = table.columns().stream().<Set<Value>>map(_ -> new HashSet<>()).toList();
        for (int row = 0; row < rows; row++) {
            List<Value> values = new ArrayList<>();
            for (int column = 0; column < table.columns().size(); column++)
                values.add(value(table.columns().get(column), keys.get(column), chance));
            made.add(values);
        }
        return Table.of(table.name(), table.columns(), made);
    }

    private Value value(Column column, Set<Value> taken, Chance chance) {
        boolean alone = column.key();
        List<Value> there = values(column).stream().filter(value -> !alone || !taken.contains(value)).toList();
        if (there.isEmpty() || column.nullable() && !alone && chance.onceIn(6)) return Value.NULL;
        // A few values alone, so that some of them meet.
        Value value = chance.of(there.subList(0, Math.min(there.size(), 4)));
        taken.add(value);
        return value;
    }

    /** What stands in the lesson's columns of that name and type, or else of that type. */
    private List<Value> values(Column column) {
        List<Value> named = values(column, true);
        return named.isEmpty() ? values(column, false) : named;
    }

    private List<Value> values(Column column, boolean named) {
        return Once.each(lesson.shared().stream().flatMap(table -> IntStream.range(0, table.columns().size())
                .filter(at -> table.columns().get(at).type() == column.type()
                        && (!named || table.columns().get(at).name().equals(column.name())))
                .boxed().flatMap(at -> table.rows().stream().map(row -> row.value(at)))
                .filter(value -> !value.isNull())).sorted((one, other) -> one.sql().compareTo(other.sql())));
    }
}
