package lunko.desktop.scenes;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lunko.desktop.look.SqlFlow;
import lunko.insight.picture.TableHues;
import lunko.lesson.ScenesEdit;
import lunko.lesson.Telling;
import lunko.query.sql.Lexeme;
import lunko.show.SceneGlance;

/** A scene in the outline: its number, its result at a glance, its title, its query, and how its note begins. */
final class SceneCell extends ListCell<SceneGlance> {
    private static final PseudoClass ABOVE = PseudoClass.getPseudoClass("drop-above");
    private static final PseudoClass BELOW = PseudoClass.getPseudoClass("drop-below");
    private static final PseudoClass SHOWN = PseudoClass.getPseudoClass("shown");
    private static final String DRAGGED = "lunko-scenes";

    private final ScenesModel model;

    /** A cell for the scenes of a model. */
    SceneCell(ScenesModel model) {
        this.model = model;
        getStyleClass().add("scene-cell");
        setOnDragDetected(this::drag);
        setOnDragOver(this::over);
        setOnDragExited(_ -> mark(false, false));
        setOnDragDropped(this::drop);
        // Which scene is shown changes without the scenes.
        model.lesson().lesson().subscribe(_ -> mark());
    }

    private void mark() {
        pseudoClassStateChanged(SHOWN, !isEmpty() && getItem() != null
                && model.lesson().lesson().get().scenes().at() == getItem().number());
    }

    @Override
    protected void updateItem(SceneGlance glance, boolean empty) {
        super.updateItem(glance, empty);
        setText(null);
        boolean nothing = empty || glance == null;
        setGraphic(nothing ? null : row(glance));
        mark();
        setAccessibleText(
                nothing ? "" : words().scenes().called(glance.number() + 1, glance.scene().telling().title()));
    }

    private Node row(SceneGlance glance) {
        Label number = new Label(String.valueOf(glance.number() + 1));
        number.getStyleClass().add("scene-number");
        StackPane picture = new StackPane();
        picture.getStyleClass().add("scene-picture");
        glance.seen().flatMap(SceneGlance.Seen::sketch).map(SketchView::new).ifPresent(picture.getChildren()::add);
        Label title = new Label(words().scenes().called(glance.number() + 1, glance.scene().telling().title()));
        title.getStyleClass().add("scene-title");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(title, gap);
        head.getChildren().addAll(badges(glance));
        head.getStyleClass().add("scene-head");
        head.setAlignment(Pos.CENTER_LEFT);
        SqlFlow sql = new SqlFlow(Lexeme.inOneLine(glance.sql()),
                glance.seen().map(SceneGlance.Seen::hues).orElse(TableHues.NONE));
        Label note = new Label(Telling.unmarked(glance.scene().telling().note().lines()
                .filter(line -> !line.isBlank()).findFirst().orElse("")));
        note.getStyleClass().add("scene-note");
        VBox words = new VBox(head, line(sql), note);
        words.getStyleClass().add("scene-words");
        words.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(number, picture, words);
        row.getStyleClass().add("scene-row");
        row.setAlignment(Pos.CENTER_LEFT);
        // As wide as the list: what is longer is cut off.
        row.setMinWidth(0);
        row.setPrefWidth(1);
        return row;
    }

    /** A query on one line, of which what has no room is not seen. */
    private static Region line(SqlFlow sql) {
        ClippedLine line = new ClippedLine(sql);
        line.getStyleClass().add("scene-sql");
        return line;
    }

    private List<Label> badges(SceneGlance glance) {
        String rows = glance.seen().map(seen -> seen.rows().isPresent()
                ? words().scenes().rows(seen.rows().getAsLong()) : words().scenes().cannotRun()).orElse("");
        boolean answered = model.lesson().results().get().of(glance.number()).right();
        Stream<Label> asks = glance.scene().asked().stream()
                .map(asked -> asked.question().sort().title(words().questions()))
                .map(what -> badge(answered ? words().asking().answered(what) : words().asking().asks(what),
                        "scene-asks"));
        return Stream.of(Stream.of(badge(rows, "scene-rows")), asks,
                glance.isOwn() ? Stream.of(badge(words().scenes().ownTables(), "scene-own")) : Stream.<Label>empty())
                .flatMap(some -> some)
                .filter(badge -> !badge.getText().isEmpty()).toList();
    }

    private static Label badge(String text, String style) {
        Label badge = new Label(text);
        badge.getStyleClass().addAll("scene-badge", style);
        badge.setMinWidth(USE_PREF_SIZE);
        return badge;
    }

    private void drag(MouseEvent event) {
        if (isEmpty()) return;
        Dragboard board = startDragAndDrop(TransferMode.MOVE);
        ClipboardContent content = new ClipboardContent();
        content.putString(DRAGGED);
        board.setContent(content);
        board.setDragView(snapshot(null, null));
        event.consume();
    }

    private void over(DragEvent event) {
        if (!isOfScenes(event)) return;
        event.acceptTransferModes(TransferMode.MOVE);
        mark(isAbove(event), !isAbove(event));
        event.consume();
    }

    private static boolean isOfScenes(DragEvent event) {
        return event.getGestureSource() instanceof SceneCell && DRAGGED.equals(event.getDragboard().getString());
    }

    private boolean isAbove(DragEvent event) {
        return !isEmpty() && event.getY() < getHeight() / 2;
    }

    private void mark(boolean above, boolean below) {
        pseudoClassStateChanged(ABOVE, above);
        pseudoClassStateChanged(BELOW, below && !isEmpty());
    }

    private void drop(DragEvent event) {
        if (!isOfScenes(event)) return;
        int before = isEmpty() ? model.glances().get().size() : getIndex() + (isAbove(event) ? 0 : 1);
        event.setDropCompleted(true);
        event.consume();
        model.lesson().edit(new ScenesEdit.Move(model.selected().get(), before));
    }
}
