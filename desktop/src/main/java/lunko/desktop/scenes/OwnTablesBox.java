package lunko.desktop.scenes;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Chips;
import lunko.desktop.action.Controls;
import lunko.desktop.action.Renewed;
import lunko.desktop.lesson.LessonModel;
import lunko.lesson.Edit;
import lunko.lesson.Lesson;
import lunko.lesson.OwnTablesEdit;
import lunko.lesson.own.OwnTables;
import lunko.lesson.own.TableChange;
import lunko.table.Entry;
import lunko.table.Row;

/** Whether a scene shows the lesson's tables or a state of its own, and what differs in that. */
final class OwnTablesBox extends VBox {
    private static final int MOST = 8;

    private final LessonModel lesson;

    /** The box for the scene that a model shows. */
    OwnTablesBox(LessonModel lesson) {
        this.lesson = lesson;
        getStyleClass().add("details-box");
    }

    /** Shows how the tables of the scene at hand differ. */
    void show(Lesson now) {
        Optional<OwnTables> own = now.scene().own();
        ToggleButton shared = Chips.choice(words().scenes().lessons(), own.isEmpty(),
                () -> lesson.edit(new OwnTablesEdit.Drop()));
        shared.setId("tables-shared");
        ToggleButton ofItsOwn = Chips.choice(words().scenes().ofItsOwn(), own.isPresent(),
                () -> lesson.edit(new OwnTablesEdit.Begin()));
        ofItsOwn.setId("tables-own");
        List<Node> parts = new ArrayList<>(List.of(new Chips(shared, ofItsOwn)));
        own.ifPresent(differing -> parts.addAll(told(differing, now)));
        Renewed.put(this, parts, this);
    }

    private List<Node> told(OwnTables own, Lesson now) {
        List<Node> told = new ArrayList<>();
        List<TableChange> unfit = own.unfit(now.shared());
        List<TableChange> fitting = own.fitting(now.shared());
        if (own.changes().isEmpty()) told.add(Controls.wrapped(words().scenes().nothingDiffers(), "about"));
        if (!fitting.isEmpty()) {
            told.add(Controls.wrapped(words().scenes().differs(fitting.size()), "about"));
            told.addAll(list(fitting, now));
            told.add(new Chips(button(words().scenes().take(), "own-take", new OwnTablesEdit.TakeIntoLesson()),
                    button(words().scenes().drop(), "own-drop", new OwnTablesEdit.Drop())));
        }
        if (!unfit.isEmpty()) {
            told.add(Controls.wrapped(words().scenes().unfit(unfit.size()), "own-unfit"));
            told.addAll(list(unfit, now));
            told.add(new Chips(button(words().scenes().dropUnfit(), "own-drop-unfit", new OwnTablesEdit.DropUnfit())));
        }
        return told;
    }

    private static List<Node> list(List<TableChange> changes, Lesson lesson) {
        List<Node> lines = new ArrayList<>();
        changes.stream().limit(MOST).forEach(change -> lines.add(
                Controls.wrapped(words().scenes().ofTable(change.table(), said(change, lesson)), "own-change")));
        if (changes.size() > MOST)
            lines.add(Controls.wrapped(words().scenes().moreDiffer(changes.size() - MOST), "about"));
        return lines;
    }

    private static String said(TableChange change, Lesson lesson) {
        return switch (change) {
            case TableChange.CellOther(String table, long rowId, String column, Entry was, Entry now) ->
                words().scenes().cell(number(lesson, table, rowId), column, was.shown(), now.shown());
            case TableChange.RowGone(String table, Row row) ->
                words().scenes().rowGone(number(lesson, table, row.id()), values(row));
            case TableChange.RowAdded(_, _, Row row) -> words().scenes().rowAdded(values(row));
            case TableChange.ColumnGone(_, var column) -> words().scenes().columnGone(column.name());
            case TableChange.ColumnAdded(_, _, var column) -> words().scenes().columnAdded(column.name());
            case TableChange.ColumnOther(_, var was, var now) -> words().scenes().columnOther(was, now);
        };
    }

    /** The number of a row in the lesson's table, counted from 1. */
    private static Optional<Integer> number(Lesson lesson, String table, long rowId) {
        return lesson.shared().stream().filter(one -> one.name().equals(table))
                .flatMap(one -> one.position(rowId).stream().mapToObj(at -> at + 1)).findFirst();
    }

    private static String values(Row row) {
        return row.entries().stream().map(Entry::shown).collect(Collectors.joining(", "));
    }

    private Button button(String text, String id, Edit edit) {
        Button button = Controls.button(text);
        button.setId(id);
        button.getStyleClass().add("quiet");
        button.setOnAction(_ -> lesson.edit(edit));
        return button;
    }
}
