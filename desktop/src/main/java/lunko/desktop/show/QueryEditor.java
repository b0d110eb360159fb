package lunko.desktop.show;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lunko.lesson.SceneEdit;
import lunko.lesson.WrittenQuery;

/** The query as text to be typed in. It is shown when it can run; what is wrong with it is said below it until then. */
final class QueryEditor extends VBox {
    private static final int MOST_LINES = 8;

    private final ShowModel model;
    private final Runnable done;
    private final TextArea text = new TextArea();
    private final Label problem = new Label();

    /** An editor that is {@code done} when the query is shown or given up. */
    QueryEditor(ShowModel model, Runnable done) {
        this.model = model;
        this.done = done;
        getStyleClass().add("query-editor");
        text.getStyleClass().add("query-text");
        text.setId("query-text");
        text.setAccessibleText("the query as SQL");
        text.setWrapText(true);
        text.textProperty().subscribe(_ -> {
            text.setPrefRowCount(Math.clamp(text.getText().lines().count() + 1, 2, MOST_LINES));
            problem.setVisible(false);
            problem.setManaged(false);
        });
        text.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            boolean run = event.getCode() == KeyCode.ENTER && event.isShortcutDown();
            if (run) show();
            if (event.getCode() == KeyCode.ESCAPE) done.run();
            if (run || event.getCode() == KeyCode.ESCAPE) event.consume();
        });
        problem.getStyleClass().add("query-problem");
        problem.setWrapText(true);
        Button show = new Button("Show this query");
        show.setId("show-query");
        show.setOnAction(_ -> show());
        Button cancel = new Button("Cancel");
        cancel.setOnAction(_ -> done.run());
        Label keys = new Label("Ctrl+Enter shows it, Escape leaves it as it was");
        keys.getStyleClass().add("about");
        HBox buttons = new HBox(show, cancel, keys);
        buttons.setAlignment(Pos.CENTER_LEFT);
        buttons.getStyleClass().add("query-buttons");
        getChildren().addAll(text, problem, buttons);
    }

    /** Starts with a text. */
    void edit(String sql) {
        text.setText(sql);
        text.requestFocus();
        text.end();
    }

    private void show() {
        String sql = text.getText();
        WrittenQuery.of(sql).on(model.lesson().lesson().get().tables()).handle(_ -> {
            model.lesson().edit(SceneEdit.Write.of(sql));
            done.run();
        }, found -> {
            problem.setText(found.inWords());
            problem.setVisible(true);
            problem.setManaged(true);
            text.requestFocus();
        });
    }
}
