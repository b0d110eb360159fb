package lunko.desktop.screen;

import static lunko.desktop.words.Spoken.words;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.Point3D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TableRow;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.stage.Stage;
import lunko.desktop.action.Action;
import lunko.desktop.look.Appearance;
import lunko.desktop.look.Theme;
import lunko.lesson.CellEdit;
import lunko.lesson.Edit;
import lunko.lesson.Lesson;
import lunko.lesson.RowEdit;
import lunko.lesson.SceneEdit;
import lunko.lesson.SceneStart;
import lunko.lesson.ScenesEdit;
import lunko.lesson.TableEdit;
import lunko.lesson.View;
import lunko.lesson.WrittenQuery;
import lunko.lesson.course.Course;
import lunko.lesson.mistake.Mistake;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.SqlName;
import lunko.table.Table;
import org.fxmisc.richtext.StyleClassedTextArea;

/** One thing that a person may do next, whatever there is to be seen; {@code which} chooses among what is there. */
record Hand(Kind kind, int which) {

    /** What hands do. */
    enum Kind {
        KEY, SHORTCUT, ACTION, CLICK, POINT, PRESS, LETTER, QUERY, EDIT, STEP, UNDO, REDO, LOOK, SIZE, DRAG
    }

    private static final List<KeyCode> KEYS = List.of(KeyCode.SPACE, KeyCode.LEFT, KeyCode.RIGHT, KeyCode.UP,
            KeyCode.DOWN, KeyCode.HOME, KeyCode.END, KeyCode.PAGE_DOWN, KeyCode.PAGE_UP, KeyCode.TAB, KeyCode.ENTER,
            KeyCode.ESCAPE,
            KeyCode.DELETE, KeyCode.BACK_SPACE, KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT4, KeyCode.DIGIT6,
            KeyCode.DIGIT7, KeyCode.DIGIT8, KeyCode.DIGIT0, KeyCode.B, KeyCode.D, KeyCode.E, KeyCode.N, KeyCode.P,
            KeyCode.T, KeyCode.V, KeyCode.W, KeyCode.F1, KeyCode.F4, KeyCode.F6, KeyCode.F11);
    private static final List<KeyCode> SHORTCUTS =
            List.of(KeyCode.Z, KeyCode.Y, KeyCode.PLUS, KeyCode.MINUS, KeyCode.DIGIT0, KeyCode.ENTER, KeyCode.A,
                    KeyCode.C, KeyCode.V, KeyCode.D, KeyCode.K);
    /** What opens a dialog of the system, or asks whether changes may be lost; all else that does ends in dots. */
    private static final List<String> DIALOGS =
            Stream.concat(Stream.of(words().lesson().save(), words().lesson().newLesson(),
                    words().window().firstSteps()),
                    Stream.of(Course.values())
                            .map(course -> words().lesson().openCourse(course.title())))
                    .toList();
    private static final List<String> QUERIES = List.of("SELECT * FROM hives h JOIN keepers k USING (keeper_id)",
            "SELECT h.hive, k.keeper, r.kg FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id JOIN harvests "
                    + "r ON r.hive_no = h.hive_no WHERE r.kg > 4 ORDER BY r.kg",
            "SELECT keeper FROM keepers WHERE keeper_id NOT IN (SELECT keeper_id FROM hives)", "SELECT", "",
            "SELECT village, COUNT(*) FROM keepers GROUP BY village HAVING COUNT(*) > 1",
            "SELECT hive FROM hives UNION SELECT keeper FROM keepers", "SELECT * FROM hive h", "SELECT 1 AS one",
            "SELECT * FROM hives h CROSS JOIN keepers k",
            "SELECT * FROM hives a, hives b WHERE a.mother_no = b.hive_no",
            "SELECT * FROM hives h FULL JOIN keepers k ON h.hive_no > k.keeper_id OR h.hive IS NULL");
    private static final List<String> TYPED = List.of("NULL", "12", "13", "", "x", "2.5");

    /** Does it in a window. */
    void in(Stage stage, Screen screen, Appearance appearance) {
        Node root = reached(stage.getScene().getRoot());
        switch (kind) {
            case KEY -> press(stage, any(KEYS), false);
            case SHORTCUT -> press(stage, any(SHORTCUTS), true);
            case ACTION -> {
                Action action = any(screen.view().actions().all());
                if (isSafe(action.name().getValue())) action.run();
            }
            case CLICK -> anyOf(root, ButtonBase.class).ifPresent(this::click);
            case POINT -> text(root).filter(_ -> which % 4 == 0).ifPresentOrElse(
                    text -> mouse(text, MouseEvent.MOUSE_MOVED, text,
                            new Point2D(which % text.getWidth(), which % text.getHeight())),
                    () -> anyOf(root, TableRow.class).ifPresent(row -> {
                        mouse(row, MouseEvent.MOUSE_ENTERED_TARGET);
                        mouse(row, MouseEvent.MOUSE_ENTERED);
                        mouse(row, MouseEvent.MOUSE_MOVED);
                    }));
            case PRESS -> anyStyled(root, List.of("venn-row", "venn-region", "pair-cell", "table-cell", "stage-tile"))
                    .ifPresent(node -> {
                        mouse(node, MouseEvent.MOUSE_ENTERED);
                        mouse(node, MouseEvent.MOUSE_PRESSED);
                        mouse(node, MouseEvent.MOUSE_RELEASED);
                        mouse(node, MouseEvent.MOUSE_CLICKED);
                    });
            case LETTER -> fire(stage, new KeyEvent(KeyEvent.KEY_TYPED, any(List.of("a", "1", "(", " ", "'")), "",
                    KeyCode.UNDEFINED, false, false, false, false));
            case QUERY -> text(root).ifPresent(text -> {
                text.requestFocus();
                text.replaceText(which / 2 % 2 == 0 ? any(QUERIES) : query(screen.lesson().lesson().get()));
            });
            case EDIT -> screen.lesson().edit(edit(screen));
            case STEP -> screen.model().goTo(which % (screen.model().showing().get().last() + 2));
            case UNDO -> screen.lesson().undo();
            case REDO -> screen.lesson().redo();
            case LOOK -> appearance.theme().set(any(Arrays.asList(Theme.values())));
            case SIZE -> {
                stage.setWidth(900 + which % 380);
                stage.setHeight(640 + which % 160);
            }
            case DRAG -> anyStyled(root, List.of("column-heading", "card-head", "table-cell")).ifPresent(
                    from -> anyOther(root, List.of("column-heading", "table-cell", "bench")).ifPresent(to -> {
                        mouse(from, MouseEvent.MOUSE_PRESSED, from);
                        mouse(from, MouseEvent.MOUSE_DRAGGED, to);
                        mouse(from, MouseEvent.MOUSE_RELEASED, to);
                    }));
        }
    }

    private Edit edit(Screen screen) {
        Table table = any(screen.lesson().lesson().get().tables());
        int rows = table.rows().size();
        int column = which / 7 % table.columns().size();
        return switch (which / 3 % 9) {
            case 0 -> new RowEdit.Append(table.name(), column, any(TYPED));
            case 1 -> new RowEdit.Insert(table.name(), which % (rows + 1));
            case 2 -> rows == 0 ? new SceneEdit.OpenLike(SceneStart.PLAIN.at(OptionalLong.of(which % 9)))
                    : new RowEdit.Delete(table.name(), which % rows, rows - 1);
            case 3 -> rows == 0 ? new SceneEdit.Note("slowly")
                    : new CellEdit.Type(table.name(), table.rows().get(which % rows).id(), column, any(TYPED));
            case 4 -> new SceneEdit.ChooseKind(any(Arrays.asList(JoinKind.values())));
            case 5 -> SceneEdit.take(screen.lesson().lesson().get(), any(Arrays.asList(Side.values())), table.name());
            case 6 -> new TableEdit.KeepView(new View("view " + which % 3, WrittenQuery.of("SELECT t.* FROM "
                    + new SqlName(table.name()).text() + " t WHERE " + which % 4 + " > 1")));
            case 7 -> new ScenesEdit.Show("x", any(Arrays.asList(Mistake.values()))
                    .in(screen.lesson().lesson().get(), words().mistakes()).either(scenes -> scenes, _ -> List.of()));
            default -> new SceneEdit.Retitle("Bees");
        };
    }

    private void click(ButtonBase button) {
        if (button instanceof MenuButton menu) {
            menu.show();
            List<MenuItem> items = menu.getItems().stream()
                    .filter(item -> item.getText() != null && isSafe(item.getText()) && !item.isDisable()).toList();
            if (!items.isEmpty()) any(items).fire();
            menu.hide();
            return;
        }
        String name = button.getText() == null || button.getText().isBlank() ? button.getAccessibleText()
                : button.getText();
        if (isSafe(name == null ? "" : name)) button.fire();
    }

    private static boolean isSafe(String name) {
        return !name.contains("…") && !DIALOGS.contains(name);
    }

    private static void press(Stage stage, KeyCode code, boolean control) {
        for (EventType<KeyEvent> type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED))
            fire(stage, new KeyEvent(type, "", "", code, false, control, false, false));
    }

    private static void fire(Stage stage, KeyEvent event) {
        Node owner = stage.getScene().getFocusOwner();
        Event.fireEvent(owner == null ? stage.getScene() : owner, event);
    }

    private static void mouse(Node node, EventType<MouseEvent> type) {
        mouse(node, type, node);
    }

    /** What the mouse does to a node, when it is over the middle of this or another one. */
    private static void mouse(Node node, EventType<MouseEvent> type, Node over) {
        Bounds bounds = over.getLayoutBounds();
        mouse(node, type, over, new Point2D(bounds.getCenterX(), bounds.getCenterY()));
    }

    private static void mouse(Node node, EventType<MouseEvent> type, Node over, Point2D withinOver) {
        Point2D at = over.localToScene(withinOver);
        Point2D within = node.sceneToLocal(at);
        boolean down = type == MouseEvent.MOUSE_PRESSED || type == MouseEvent.MOUSE_DRAGGED;
        Event.fireEvent(node, new MouseEvent(type, within.getX(), within.getY(), at.getX(), at.getY(),
                MouseButton.PRIMARY, 1, false, false, false, false, down, false, false, false, false, node == over,
                new PickResult(over, new Point3D(within.getX(), within.getY(), 0), 0)));
    }

    /** A join of any two tables of a lesson by any two columns. */
    private String query(Lesson lesson) {
        Table left = any(lesson.tables());
        Table right = lesson.tables().get(which / 5 % lesson.tables().size());
        String on = "a." + SqlName.quoted(any(left.columns()).name()) + " = b."
                + SqlName.quoted(right.columns().get(which / 3 % right.columns().size()).name());
        return "SELECT * FROM " + SqlName.quoted(left.name()) + " a LEFT JOIN " + SqlName.quoted(right.name())
                + " b ON " + on;
    }

    /** Where queries are written, if it is to be seen. */
    private static Optional<StyleClassedTextArea> text(Node root) {
        return root.lookup("#query-text") instanceof StyleClassedTextArea area && isSeen(area) ? Optional.of(area)
                : Optional.empty();
    }

    private Optional<Node> anyOther(Node root, List<String> styles) {
        return new Hand(kind, which / 11).anyStyled(root, styles);
    }

    private <T extends Node> Optional<T> anyOf(Node root, Class<T> kind) {
        return one(all(root).filter(kind::isInstance).map(kind::cast).filter(node -> !node.isDisabled()).toList());
    }

    private Optional<Node> anyStyled(Node root, List<String> styles) {
        return one(all(root).filter(node -> node.getStyleClass().stream().anyMatch(styles::contains)).toList());
    }

    /** What a person can reach: what waits for an answer lies over all else. */
    private static Node reached(Node root) {
        return root.lookupAll(".shade").stream().filter(Node::isVisible).findFirst().orElse(root);
    }

    private static Stream<Node> all(Node root) {
        if (!root.isVisible()) return Stream.empty();
        return Stream.concat(Stream.of(root), root instanceof Parent parent
                ? parent.getChildrenUnmodifiable().stream().flatMap(Hand::all) : Stream.empty());
    }

    private static boolean isSeen(Node node) {
        for (Node at = node; at != null; at = at.getParent()) if (!at.isVisible()) return false;
        return true;
    }

    private <T> Optional<T> one(List<T> of) {
        return of.isEmpty() ? Optional.empty() : Optional.of(any(of));
    }

    private <T> T any(List<T> of) {
        return of.get(which % of.size());
    }
}
