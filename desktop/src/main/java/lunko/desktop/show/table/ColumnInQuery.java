package lunko.desktop.show.table;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import lunko.desktop.action.Controls;
import lunko.desktop.show.model.ShowModel;
import lunko.engine.Stage;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.query.change.ColumnUse;
import lunko.query.change.QueryChange;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression;
import lunko.query.sql.Name;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.SqlWriter;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Value;

/**
 * What the query does with a column, where it is met on the stage: shown or not, a condition, an order, a further
 * table; each a change of the text.
 */
public record ColumnInQuery(ShowModel model, ColumnUse use) {
    private static final int MOST_VALUES = 9;
    private static final SqlWriter SQL = new SqlWriter();

    /** The items of a menu at the heading of a column; none, where the query as a whole does not know it. */
    public static List<MenuItem> items(ShowModel model, Stage.Heading heading) {
        return of(model, heading).map(ColumnInQuery::items).orElse(List.of());
    }

    /** The items of a menu at a value in the column. */
    public static List<MenuItem> items(ShowModel model, Stage.Heading heading, Value value) {
        return of(model, heading).map(in -> {
            Expression condition = in.use().condition(value);
            return List.of(in.item(words().show().onlyWhere(SQL.expression(condition)), ColumnUse.keeping(condition)));
        }).orElse(List.of());
    }

    private static Optional<ColumnInQuery> of(ShowModel model, Stage.Heading heading) {
        Lesson lesson = model.lesson().lesson().get();
        Optional<ColumnName> column = heading.table().map(table -> ColumnName.of(Name.of(table), heading.name()));
        return lesson.staged().query().read()
                .either(read -> column.flatMap(name -> ColumnUse.of(read.query().query(), lesson.tables(), name)),
                        _ -> Optional.<ColumnUse>empty())
                .map(use -> new ColumnInQuery(model, use));
    }

    private List<MenuItem> items() {
        String name = SQL.expression(use.column());
        CheckMenuItem shown = Controls.checkItem(words().show().select(name));
        shown.setSelected(use.isShown());
        shown.setDisable(use.toggled().isEmpty());
        shown.setOnAction(_ -> use.toggled().ifPresent(this::change));
        List<MenuItem> items = new ArrayList<>(
                List.of(shown, menu(words().show().onlyRowsWhere(), conditions()),
                        menu(words().show().sortResultBy(name), orders())));
        List<MenuItem> further =
                model.lesson().lesson().get().tables().stream().flatMap(table -> further(table).stream()).toList();
        if (!further.isEmpty()) items.add(menu(words().show().joinAnotherBy(name), further));
        return items;
    }

    private List<MenuItem> conditions() {
        return use.conditions(model.lesson().lesson().get().tables(), MOST_VALUES).stream().map(this::condition)
                .toList();
    }

    private MenuItem condition(Expression condition) {
        return item(SQL.expression(condition), ColumnUse.keeping(condition));
    }

    private List<MenuItem> orders() {
        Optional<Boolean> now = use.sorting().map(SortKey::descending);
        return Stream.of(order(words().show().smallestFirst(), Optional.of(false), now),
                order(words().show().largestFirst(), Optional.of(true), now),
                order(words().show().unsorted(), Optional.empty(), now))
                .toList();
    }

    private MenuItem order(String text, Optional<Boolean> descending, Optional<Boolean> now) {
        RadioMenuItem item = Controls.radioItem(text);
        item.setSelected(descending.equals(now));
        item.setOnAction(_ -> change(use.sorted(descending)));
        return item;
    }

    private Optional<MenuItem> further(Table table) {
        List<MenuItem> columns = table.columns().stream().map(Column::name)
                .flatMap(column -> use.joining(table.name(), column).stream().map(change -> item(column, change)))
                .toList();
        return columns.isEmpty() ? Optional.empty() : Optional.of(menu(table.name(), columns));
    }

    private static Menu menu(String text, List<MenuItem> items) {
        Menu menu = Controls.menu(text);
        menu.getItems().setAll(items);
        menu.setDisable(items.isEmpty());
        return menu;
    }

    private MenuItem item(String text, QueryChange change) {
        MenuItem item = Controls.item(text);
        item.setOnAction(_ -> change(change));
        return item;
    }

    private void change(QueryChange change) {
        model.edit(new SceneEdit.Reword(change));
    }
}
