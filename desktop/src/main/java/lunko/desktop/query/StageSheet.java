package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.action.Renewed;
import lunko.desktop.look.Tip;
import lunko.desktop.show.model.ShowModel;
import lunko.lesson.Lesson;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/**
 * Something about the query that takes the place of the stage for a while. It follows the lesson as long as it is open.
 */
abstract class StageSheet extends VBox {

    private final ShowModel model;
    private final Label about = new Label();
    private final HBox head = new HBox();
    private final VBox body = new VBox();
    private boolean open;

    /** A sheet under a title; {@code close} puts the stage back. */
    StageSheet(ShowModel model, String id, String title, Runnable close) {
        this.model = model;
        getStyleClass().addAll("card", "sheet");
        setId(id);
        Label name = new Label(title);
        name.getStyleClass().add("sheet-title");
        name.setMinWidth(USE_PREF_SIZE);
        about.getStyleClass().add("about");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        head.getChildren().setAll(name, about, gap, small(Feather.X, words().sheets().backToStage(), close));
        head.getStyleClass().add("sheet-head");
        head.setAlignment(Pos.CENTER_LEFT);
        body.getStyleClass().add("sheet-body");
        ScrollPane scroll = new ScrollPane(body);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        scroll.setMinHeight(0);
        setMinHeight(0);
        getChildren().addAll(head, scroll);
        // Once out of a field, and once more back to the stage.
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() != KeyCode.ESCAPE) return;
            event.consume();
            if (event.getTarget() instanceof TextInputControl) requestFocus();
            else close.run();
        });
        model.lesson().lesson().subscribe(now -> {
            if (open) show(now);
        });
        model.waiting().subscribe((_, waiting) -> {
            if (open && !waiting) show(model.lesson().lesson().get());
        });
    }

    /** Shows what is to be said of the lesson at hand, and follows it. */
    void open() {
        open = true;
        show(model.lesson().lesson().get());
        requestFocus();
    }

    /** Puts something before what closes it. */
    void offer(Node tool) {
        head.getChildren().add(head.getChildren().size() - 1, tool);
    }

    /** Follows no more. */
    void close() {
        open = false;
    }

    /** Whether it follows the lesson. */
    boolean isOpen() {
        return open;
    }

    /** Whether there is anything to be seen on it yet. */
    boolean isReady() {
        return !body.getChildren().isEmpty();
    }

    ShowModel model() {
        return model;
    }

    /** Says something beside the title. */
    void say(String said) {
        about.setText(said);
    }

    /**
     * Puts these things on the sheet, one under the other. The keyboard stays where it was on it, as far as that is
     * still there.
     */
    void put(List<? extends Node> parts) {
        Renewed.put(body, parts, this);
    }

    /** Keeps something in view under all that is scrolled. */
    void keepBelow(Node part) {
        getChildren().add(part);
    }

    /** Shows what is to be said of a lesson. */
    abstract void show(Lesson lesson);

    /** Things side by side that wrap where the sheet ends. */
    static FlowPane flow(String styleClass) {
        FlowPane flow = new FlowPane();
        flow.getStyleClass().add(styleClass);
        return flow;
    }

    /** A button that shows a sign, and says what it does. */
    static Button small(Feather sign, String does, Runnable action) {
        Button button = Controls.button("", new FontIcon(sign));
        button.getStyleClass().add("query-button");
        Tip.on(button, does);
        button.setAccessibleText(does);
        button.setOnAction(_ -> action.run());
        return button;
    }

    static Label label(String text, String styleClass) {
        return Controls.wrapped(text, styleClass);
    }
}
