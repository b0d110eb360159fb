package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.lesson.Notice;
import lunko.desktop.look.Tip;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.work.Latest;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.Swapping;
import lunko.lesson.WrittenQuery;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import lunko.query.JoinKind;
import lunko.query.change.ConditionSite;
import lunko.query.change.Conditions.SitedCondition;
import lunko.query.change.Conditions;
import lunko.query.change.Joins;
import lunko.query.change.Outline;
import lunko.query.change.QueryChange;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody.Select;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SelectItem;
import lunko.query.sql.SqlWriter;
import lunko.show.Showing;
import lunko.table.Table;
import org.kordamp.ikonli.feather.Feather;

/**
 * The query put together without typing: its tables, columns, conditions, order and first rows, each a change of the
 * text.
 */
final class BuildSheet extends StageSheet {
    private static final int LEAST_CONDITION = 18;
    private static final int MOST_CONDITION = 60;
    private static final SqlWriter SQL = new SqlWriter();

    private static final double BESIDE_NAME = 14;

    /** What has been swapped, and the lesson after it. */
    private record Swapped(WrittenQuery before, Lesson after) {}

    private record SwapFound(Swapped asked, Optional<Swapping> swapping) {}

    private final Latest<Swapped, SwapFound> swapped = new Latest<>("swapped sides",
            asked -> new SwapFound(asked,
                    Swapping.of(asked.before(), asked.after().staged().query(), asked.after().tables())),
            found -> say(found.asked(), found.swapping()));

    BuildSheet(ShowModel model, Runnable close) {
        super(model, "build", words().building().build(), close);
    }

    @Override
    void show(Lesson lesson) {
        Showing now = model().showing().get();
        say(words().building().buildAbout(now.lesson() == lesson ? now.rows() : OptionalLong.empty()));
        lesson.staged().query().read().handle(read -> {
            QueryExpression query = read.query().query();
            Optional<Outline> outline = Outline.of(query, lesson.tables());
            put(outline.isEmpty()
                    ? List.of(label(words().building().combined(),
                            "about"))
                    : List.of(part(words().building().tables(), tables(lesson, query, outline.get())),
                            part(words().building().columns(), columns(query, outline.get())),
                            part(words().building().conditions(), conditions(query, lesson.tables(), outline.get())),
                            part(words().building().order(), order(query, outline.get())),
                            part(words().building().limit(), first(query))));
        }, (Problem problem) -> put(List.of(label(words().problems().of(problem.fault()).text(), "query-problem"))));
    }

    private void change(QueryChange change) {
        if (!model().lesson().edit(new SceneEdit.Reword(change))) show(model().lesson().lesson().get());
    }

    private static Node part(String title, Node content) {
        Label name = label(title, "build-title");
        // The content is as high as its own width makes it.
        BorderPane line = new BorderPane(content, null, null, null, name);
        BorderPane.setMargin(content, new Insets(0, 0, 0, BESIDE_NAME));
        line.getStyleClass().add("build-part");
        return line;
    }

    private static HBox line(Node... parts) {
        HBox line = new HBox(parts);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("build-line");
        return line;
    }

    private static MenuItem item(String name, Runnable action) {
        MenuItem item = Controls.item(name);
        item.setOnAction(_ -> action.run());
        return item;
    }

    private Node tables(Lesson lesson, QueryExpression query, Outline outline) {
        FlowPane all = flow("build-flow");
        List<FromItem.JoinedTable> joins = Joins.of(query);
        for (int i = 0; i < outline.tables().size(); i++) {
            int number = i;
            Outline.OutlinedTable table = outline.tables().get(i);
            TextField alias = new TextField(table.called().text());
            alias.getStyleClass().add("alias-field");
            alias.setId("alias-" + i);
            alias.setAccessibleText(words().building().tableName(table.table()));
            alias.setOnAction(_ -> {
                if (!alias.getText().isBlank()) change(new QueryChange.Call(number, Name.of(alias.getText().strip())));
            });
            all.getChildren().add(line(label(table.table(), "build-name"), alias));
            if (i > 0 && i - 1 < joins.size() && joins.size() == outline.tables().size() - 1)
                all.getChildren().add(all.getChildren().size() - 1, join(lesson, joins, i - 1));
        }
        MenuButton add = Controls.menuButton(words().building().joinAnother());
        add.setId("add-table");
        lesson.tables().forEach(table -> add.getItems().add(item(table.name(),
                () -> change(lesson.staged().furtherTable(query, table.name(), outline.free(table.name()))))));
        all.getChildren().add(add);
        return all;
    }

    /** What stands between two tables: the kind of their join, which can be chosen, swapped or taken out. */
    private Node join(Lesson lesson, List<FromItem.JoinedTable> joins, int number) {
        FromItem.JoinedTable joined = joins.get(number);
        MenuButton kind = Controls.menuButton(joined.kind().words().orElseThrow());
        kind.setId("join-" + number);
        for (JoinKind other : JoinKind.values()) {
            other.words().ifPresent(
                    words -> kind.getItems().add(item(words, () -> lesson.staged().joining(number, joins.size(), other)
                            .ifPresent(text -> model().lesson().edit(new SceneEdit.Write(Optional.of(text)))))));
        }
        HBox line = line(kind,
                small(Feather.REPEAT, words().building().swapSides(), () -> swap(number)));
        if (number == joins.size() - 1) line.getChildren().add(small(Feather.X, words().building().removeRight(),
                () -> change(new QueryChange.DropTable(number))));
        return line;
    }

    /** Swaps, and says what became of the rows. */
    private void swap(int number) {
        Lesson before = model().lesson().lesson().get();
        change(new QueryChange.Swap(number));
        swapped.ask(new Swapped(before.staged().query(), model().lesson().lesson().get()));
    }

    private void say(Swapped asked, Optional<Swapping> found) {
        if (asked.after() == model().lesson().lesson().get())
            found.ifPresent(swapping -> model().lesson().say(new Notice.Success(swapping.said(words()))));
    }

    private Node columns(QueryExpression query, Outline outline) {
        Select select = (Select) query.body();
        FlowPane all = flow("build-flow");
        List<SelectItem.Item> items = outline.items();
        for (int i = 0; i < items.size(); i++) {
            int number = i;
            SelectItem.Item item = items.get(i);
            TextField name = new TextField(item.name().map(Name::text).orElse(""));
            name.getStyleClass().add("alias-field");
            name.setPromptText(words().building().columnName());
            name.setAccessibleText(words().building().nameFor(SQL.expression(item.expression())));
            name.setOnAction(_ -> show(select.distinct(), replaced(items, number, new SelectItem.Item(item.expression(),
                    Optional.of(name.getText().strip()).filter(text -> !text.isEmpty()).map(Name::of)))));
            HBox chip = line(label(SQL.expression(item.expression()), "build-name"), name,
                    small(Feather.CHEVRON_LEFT, words().building().furtherLeft(),
                            () -> show(select.distinct(), swapped(items, number, number - 1))),
                    small(Feather.CHEVRON_RIGHT, words().building().furtherRight(),
                            () -> show(select.distinct(), swapped(items, number, number + 1))),
                    small(Feather.X, words().building().hide(SQL.expression(item.expression())),
                            () -> show(select.distinct(), without(items, number))));
            chip.getStyleClass().add("chip");
            all.getChildren().add(chip);
        }
        MenuButton add = Controls.menuButton(words().building().selectColumn());
        add.setId("add-column");
        for (ColumnName column : outline.hidden())
            add.getItems().add(
                    item(SQL.expression(column), () -> show(select.distinct(), with(items, Outline.item(column)))));
        add.getItems().add(item(words().building().allColumns(),
                () -> change(new QueryChange.Show(select.distinct(), List.of(new SelectItem.Everything())))));
        CheckBox once = Controls.checkBox(words().building().distinct());
        once.setSelected(select.distinct());
        once.setOnAction(_ -> change(new QueryChange.Show(once.isSelected(), select.items())));
        all.getChildren().addAll(add, once);
        return all;
    }

    private void show(boolean distinct, List<SelectItem.Item> items) {
        if (!items.isEmpty()) change(new QueryChange.Show(distinct, List.copyOf(items)));
    }

    private static <T> List<T> replaced(List<T> all, int at, T with) {
        List<T> changed = new ArrayList<>(all);
        changed.set(at, with);
        return changed;
    }

    private static <T> List<T> swapped(List<T> all, int one, int other) {
        List<T> changed = new ArrayList<>(all);
        if (other >= 0 && other < all.size()) Collections.swap(changed, one, other);
        return changed;
    }

    private static <T> List<T> without(List<T> all, int at) {
        List<T> changed = new ArrayList<>(all);
        changed.remove(at);
        return changed;
    }

    private static <T> List<T> with(List<T> all, T more) {
        List<T> changed = new ArrayList<>(all);
        changed.add(more);
        return changed;
    }

    private Node conditions(QueryExpression query, List<Table> tables, Outline outline) {
        VBox all = new VBox();
        all.getStyleClass().add("build-lines");
        int joins = Joins.of(query).size();
        for (SitedCondition condition : Conditions.of(query)) {
            HBox line = line(label(SiteNames.of(condition.seat(), joins), "build-seat"), field(condition));
            Conditions.others(query, condition)
                    .forEach(to -> line.getChildren()
                            .add(send(condition, to, words().building().moveTo(SiteNames.of(to, joins)))));
            line.getChildren().add(small(Feather.X, words().building().removeCondition(),
                    () -> change(new QueryChange.DropCondition(condition.seat(), condition.number()))));
            all.getChildren().add(line);
        }
        if (!outline.columns().isEmpty()) all.getChildren().add(new ConditionMaker(outline, tables, joins,
                (seat, condition) -> change(new QueryChange.AddCondition(seat, condition))));
        return all;
    }

    /** The words of a condition, to be changed in their place. */
    private TextField field(SitedCondition condition) {
        String text = SQL.expression(condition.condition());
        TextField field = new TextField(text);
        field.getStyleClass().add("condition-field");
        Tip.on(field, words().building().changeCondition());
        field.setPrefColumnCount(Math.clamp(text.length(), LEAST_CONDITION, MOST_CONDITION));
        field.setAccessibleText(words().building().condition(text));
        field.setOnAction(_ -> Outline.condition(field.getText()).handle(
                other -> change(new QueryChange.ChangeCondition(condition.seat(), condition.number(), other)),
                model().lesson()::say));
        return field;
    }

    private Button send(SitedCondition condition, ConditionSite to, String name) {
        Button send = Controls.button(name);
        send.getStyleClass().add("use");
        send.setOnAction(_ -> change(new QueryChange.SendCondition(condition.seat(), condition.number(), to)));
        return send;
    }

    private Node order(QueryExpression query, Outline outline) {
        FlowPane all = flow("build-flow");
        List<SortKey> keys = query.orderBy();
        for (int i = 0; i < keys.size(); i++) {
            int number = i;
            SortKey key = keys.get(i);
            HBox chip = line(label(SQL.sortKey(key), "build-name"),
                    small(key.descending() ? Feather.ARROW_UP : Feather.ARROW_DOWN, words().building().reverseOrder(),
                            () -> change(new QueryChange.SortBy(
                                    replaced(keys, number, new SortKey(key.by(), !key.descending(), key.nulls()))))),
                    small(Feather.X, words().building().removeOrder(),
                            () -> change(new QueryChange.SortBy(without(keys, number)))));
            chip.getStyleClass().add("chip");
            all.getChildren().add(chip);
        }
        MenuButton add = Controls.menuButton(words().building().sortBy());
        add.setId("add-sort");
        for (ColumnName column : outline.columns())
            add.getItems().add(item(SQL.expression(column),
                    () -> change(new QueryChange.SortBy(with(keys, new SortKey(column, false, Optional.empty()))))));
        all.getChildren().add(add);
        return all;
    }

    private Node first(QueryExpression query) {
        TextField rows = new TextField(query.limit().isPresent() ? String.valueOf(query.limit().getAsLong()) : "");
        rows.setId("first-rows");
        rows.getStyleClass().add("alias-field");
        rows.setPromptText(words().building().noLimit());
        rows.setAccessibleText(words().building().mostRows());
        rows.setOnAction(_ -> {
            String typed = rows.getText().strip();
            if (typed.isEmpty()) change(new QueryChange.First(OptionalLong.empty()));
            else if (typed.matches("\\d{1,9}")) change(new QueryChange.First(OptionalLong.of(Long.parseLong(typed))));
            else model().lesson().say(Problem.of(new WorkFault.NoRowCount()));
        });
        return line(rows, label(words().building().rowsAtMost(), "about"));
    }
}
