package lunko.desktop.grid;

import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import lunko.desktop.action.Controls;
import lunko.desktop.lesson.LessonModel;
import lunko.insight.keys.Retyping;
import lunko.lesson.ColumnEdit;
import lunko.lesson.Lesson;
import lunko.lesson.LinkEdit;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;

/** Everything that can be done with a column. */
record ColumnMenu(LessonModel model, TableGrid grid, int at) {
    private static final int MOST_NAMED = 3;

    ContextMenu menu() {
        Lesson lesson = model.lesson().get();
        Table table = lesson.table(grid.table());
        Column column = table.columns().get(at);
        CheckMenuItem key = Controls.checkItem("Key of " + table.name() + ", or a part of it");
        key.setSelected(column.key());
        key.setOnAction(_ -> change(column.key(!column.key())));
        CheckMenuItem nullable = Controls.checkItem("May be NULL");
        nullable.setSelected(column.nullable());
        nullable.setDisable(column.key());
        nullable.setOnAction(_ -> change(column.nullable(!column.nullable())));
        return new ContextMenu(item("Rename", () -> grid.renameColumn(at)), types(table, column), key, nullable,
                links(lesson, table, column), new SeparatorMenuItem(),
                item("Insert a column on the left", () -> insert(table, at)),
                item("Insert a column on the right", () -> insert(table, at + 1)),
                item("Repeat the column", () -> model.edit(new ColumnEdit.Repeat(table.name(), at))),
                moving("Move to the left", at > 0, -1), moving("Move to the right", at < table.columns().size() - 1, 1),
                item("Drop " + column.name(), () -> model.edit(new ColumnEdit.Drop(table.name(), at))));
    }

    /** Each type with what would not fit it. */
    private Menu types(Table table, Column column) {
        Menu types = Controls.menu("Type: " + (column.open() ? "that of the first value" : column.type().title()));
        for (Type type : Type.values()) {
            RadioMenuItem item = Controls.radioItem(type.title() + " – " + fit(Retyping.of(table, at, type)));
            item.setSelected(type == column.type() && !column.open());
            item.setOnAction(_ -> change(column.of(type)));
            types.getItems().add(item);
        }
        return types;
    }

    private static String fit(Retyping retyping) {
        List<String> misfits = retyping.misfits();
        if (misfits.isEmpty()) return "everything fits";
        String named =
                misfits.stream().limit(MOST_NAMED).map(text -> "“" + text + "”").collect(Collectors.joining(", "));
        return misfits.size() + (misfits.size() == 1 ? " does not fit: " : " do not fit: ") + named
                + (misfits.size() > MOST_NAMED ? " …" : "");
    }

    /** For those who do not drag: the columns of all tables to choose from. */
    private Menu links(Lesson lesson, Table table, Column column) {
        Menu links = Controls.menu("Match with");
        for (Table other : lesson.tables()) {
            Menu columns = Controls.menu(other.name());
            for (Column partner : other.columns()) {
                if (other == table && partner == column) continue;
                columns.getItems().add(item(partner.name() + " – " + partner.type().title(),
                        () -> model.edit(new LinkEdit.Match(table.name(), other.name(),
                                new KeyPair(column.name(), partner.name())))));
            }
            if (!columns.getItems().isEmpty()) links.getItems().add(columns);
        }
        return links;
    }

    private void change(Column column) {
        model.edit(new ColumnEdit.Change(grid.table(), at, column));
    }

    private void insert(Table table, int place) {
        if (model.edit(new ColumnEdit.Add(table.name(), place, Column.open(ColumnEdit.freeName(table)))))
            grid.renameColumn(place);
    }

    private MenuItem moving(String text, boolean possible, int by) {
        MenuItem item = item(text, () -> model.edit(new ColumnEdit.Move(grid.table(), at, by)));
        item.setDisable(!possible);
        return item;
    }

    private static MenuItem item(String text, Runnable handler) {
        MenuItem item = Controls.item(text);
        item.setOnAction(_ -> handler.run());
        return item;
    }
}
