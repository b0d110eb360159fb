package lunko.desktop.grid;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.stream.Stream;
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
import lunko.table.TypeSize;

/** Everything that can be done with a column. */
record ColumnMenu(LessonModel model, TableGrid grid, int at) {
    private static final int MOST_NAMED = 3;

    ContextMenu menu() {
        Lesson lesson = model.lesson().get();
        Table table = lesson.table(grid.table());
        Column column = table.columns().get(at);
        if (lesson.views().has(table.name())) return new ContextMenu(links(lesson, table, column));
        CheckMenuItem key = Controls.checkItem(words().tables().keyOf(table.name()));
        key.setSelected(column.key());
        key.setOnAction(_ -> change(column.key(!column.key())));
        CheckMenuItem nullable = Controls.checkItem(words().tables().allowNull());
        nullable.setSelected(column.nullable());
        nullable.setDisable(column.key());
        nullable.setOnAction(_ -> change(column.nullable(!column.nullable())));
        return new ContextMenu(item(words().tables().rename(), () -> grid.renameColumn(at)), types(table, column), key,
                nullable, links(lesson, table, column), new SeparatorMenuItem(),
                item(words().tables().insertLeft(), () -> insert(table, at)),
                item(words().tables().insertRight(), () -> insert(table, at + 1)),
                item(words().tables().duplicateColumn(), () -> model.edit(new ColumnEdit.Repeat(table.name(), at))),
                moving(words().tables().moveLeft(), at > 0, -1),
                moving(words().tables().moveRight(), at < table.columns().size() - 1, 1),
                item(words().tables().delete(column.name()), () -> model.edit(new ColumnEdit.Drop(table.name(), at))));
    }

    /** Each type with what would not fit it. */
    private Menu types(Table table, Column column) {
        Menu types = Controls.menu(words().tables().typeOf(column));
        for (Type type : Type.values()) {
            types.getItems().add(choice(table, type == column.type() ? column.sized(column.size()) : column.of(type),
                    type == column.type() && !column.open()));
        }
        List<TypeSize> usual = column.open() ? List.of() : TypeSize.usual(column.type());
        if (usual.isEmpty()) return types;
        types.getItems().addAll(new SeparatorMenuItem(), sizes(table, column, usual));
        return types;
    }

    /** Each size that the type can have with what would not fit it; that of the column among them. */
    private Menu sizes(Table table, Column column, List<TypeSize> usual) {
        Menu sizes = Controls.menu(words().tables().sizeOf(column.type()));
        Stream.concat(usual.stream(), Stream.of(column.size())).distinct().forEach(size -> sizes.getItems()
                .add(choice(table, column.sized(size), size.equals(column.size()))));
        return sizes;
    }

    private RadioMenuItem choice(Table table, Column other, boolean chosen) {
        RadioMenuItem item =
                Controls.radioItem(words().tables().typeFits(other, Retyping.of(table, at, other).misfits()));
        item.setSelected(chosen);
        item.setOnAction(_ -> change(other));
        return item;
    }

    /** For those who do not drag: the columns of all tables to choose from. */
    private Menu links(Lesson lesson, Table table, Column column) {
        Menu links = Controls.menu(words().tables().matchWith());
        for (Table there : lesson.tables()) {
            Menu columns = Controls.menu(there.name());
            for (Column other : there.columns()) {
                if (there == table && other == column) continue;
                columns.getItems().add(item(words().tables().columnOfType(other.name(), other.type()),
                        () -> model.edit(new LinkEdit.Match(table.name(), there.name(),
                                new KeyPair(column.name(), other.name())))));
            }
            if (!columns.getItems().isEmpty()) links.getItems().add(columns);
        }
        return links;
    }

    private void change(Column column) {
        model.edit(new ColumnEdit.Change(grid.table(), at, column));
    }

    private void insert(Table table, int place) {
        if (model.edit(new ColumnEdit.Add(table.name(), place, ColumnEdit.unnamed(table))))
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
