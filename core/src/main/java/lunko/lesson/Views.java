package lunko.lesson;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lunko.engine.sql.Renaming;
import lunko.problem.Checked;
import lunko.problem.LessonFault;
import lunko.problem.Problem;
import lunko.query.Side;
import lunko.table.SameName;
import lunko.table.Table;

/** The views of a lesson. A view may read others, whatever their order, as long as that leads to tables. */
public record Views(List<View> all) {
    /** No view. */
    public static final Views NONE = new Views(List.of());

    /** Keeps its views as they are. */
    public Views {
        all = List.copyOf(all);
    }

    /** The view of this name, if there is one. As in SQL, case does not matter. */
    public Optional<View> find(String name) {
        return all.stream().filter(view -> SameName.of(view.name(), name)).findFirst();
    }

    /** Whether a view has this name. */
    public boolean has(String name) {
        return find(name).isPresent();
    }

    /**
     * Tables, and behind them what the views are on these. One whose query cannot run there is blank: so it is while an
     * edit is being made, which is refused then.
     */
    public List<Table> over(List<Table> stored) {
        if (all.isEmpty()) return stored;
        Settled settled = settled(stored);
        return Stream.concat(stored.stream(), all.stream().map(
                view -> settled.found.containsKey(view) ? settled.found.get(view) : Opening.blank(view.name())))
                .toList();
    }

    /** What those of the views are on tables whose queries can run there. */
    List<Table> on(List<Table> stored) {
        Settled settled = settled(stored);
        return all.stream().filter(settled.found::containsKey).map(settled.found::get).toList();
    }

    /** The first view whose query cannot run where these are the tables, and why. */
    public Optional<Broken> broken(List<Table> stored) {
        return all.isEmpty() ? Optional.empty() : settled(stored).broken().stream().findFirst();
    }

    /** A view that cannot be evaluated. */
    public record Broken(View view, Problem why) {

        /** That it cannot be. */
        public Problem asProblem() {
            return Problem.of(fault(this));
        }
    }

    /** What the views have come to. */
    private record Settled(Map<View, Table> found, List<Broken> broken) {}

    /** Evaluates what can be, until nothing more can: so a view may come before one that it reads. */
    private Settled settled(List<Table> stored) {
        Map<View, Table> found = new LinkedHashMap<>();
        List<Broken> broken = List.of();
        int before;
        do {
            before = found.size();
            broken = new ArrayList<>();
            for (View view : all) {
                if (found.containsKey(view)) continue;
                switch (view.on(Stream.concat(stored.stream(), found.values().stream()).toList())) {
                    case Checked.Valid<Table>(Table table) -> found.put(view, table);
                    case Checked.Invalid<Table>(Problem why) -> broken.add(new Broken(view, why));
                }
            }
        } while (!broken.isEmpty() && found.size() > before);
        return new Settled(found, broken);
    }

    /** The same views with one more, or with another in the place of that of its name. */
    Views with(View view) {
        return has(view.name())
                ? changing(there -> SameName.of(there.name(), view.name()) ? view : there)
                : new Views(Stream.concat(all.stream(), Stream.of(view)).toList());
    }

    /** The same views after a table or a view has got another name; {@code stored} are the tables before. */
    Views renaming(String name, String to, List<Table> stored) {
        Renaming renaming = new Renaming.OfTable(name, to);
        List<Table> before = over(stored);
        return changing(view -> (view.name().equals(name) ? view.named(to) : view).renaming(renaming, before));
    }

    /** The same views without that of a name. */
    Views without(String name) {
        return new Views(all.stream().filter(view -> !view.name().equals(name)).toList());
    }

    /** The same views, each changed. */
    Views changing(UnaryOperator<View> change) {
        return new Views(all.stream().map(change).toList());
    }

    /** Why an edit of a lesson cannot be: it changes the rows or columns of a view, which follow its query. */
    static Optional<LessonFault> fault(Lesson lesson, Edit edit) {
        return touched(lesson, edit).filter(lesson.views()::has).map(LessonFault.RowsOfView::new);
    }

    /** A lesson; a problem, where one of its views cannot be evaluated (as RESTRICT of ISO/IEC 9075-2 has it). */
    static Checked<Lesson> checked(Lesson lesson) {
        return lesson.brokenView().<Checked<Lesson>>map(broken -> Checked.invalid(fault(broken)))
                .orElseGet(() -> Checked.valid(lesson));
    }

    private static LessonFault fault(Broken broken) {
        return broken.why().fault() instanceof LessonFault.ViewTooLarge tooLarge ? tooLarge
                : new LessonFault.ViewBroken(broken.view().name(), broken.why().fault());
    }

    /** The table whose columns or rows an edit changes, if it is about one; a view among several. */
    private static Optional<String> touched(Lesson lesson, Edit edit) {
        return switch (edit) {
            case CellEdit cells -> Optional.of(cells.table());
            case RowEdit rows -> Optional.of(rows.table());
            case ColumnEdit columns -> Optional.of(columns.table());
            case TableEdit.Replace(String table, _) -> Optional.of(table);
            case SceneEdit.MakeRows(String table, _) -> Optional.of(table);
            case SceneEdit.Mend(var repair) -> Optional.of(lesson.scene().on(repair.side()));
            case SceneEdit.Arrange _ -> Stream.of(Side.values()).map(lesson.scene()::on)
                    .filter(lesson.views()::has).findFirst();
            case TableEdit _,LinkEdit _,SceneEdit _,ScenesEdit _,OwnTablesEdit _ -> Optional.empty();
        };
    }
}
