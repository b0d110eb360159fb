package lunko.desktop.screen;

import static lunko.desktop.words.Spoken.words;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.lesson.LessonModel;
import lunko.lesson.SceneEdit;

/** What the speaker wants to be reminded of, to be read and written. */
final class NotePane extends VBox {

    NotePane(LessonModel model, Runnable close) {
        getStyleClass().addAll("card", "recipe");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Label title = new Label(words().window().speakerNotes());
        title.getStyleClass().add("key-check-title");
        TextArea text = new TextArea(model.lesson().get().scene().telling().note());
        text.setWrapText(true);
        text.getStyleClass().add("note-text");
        text.setPrefSize(520, 200);
        text.setId("note");
        Button keep = Controls.button(words().window().keep());
        keep.setOnAction(_ -> {
            close.run();
            model.edit(new SceneEdit.Note(text.getText().strip()));
        });
        Button leave = Controls.button(words().window().cancel());
        leave.setCancelButton(true);
        leave.setOnAction(_ -> close.run());
        HBox buttons = new HBox(leave, keep);
        buttons.getStyleClass().add("recipe-buttons");
        buttons.setAlignment(Pos.CENTER_RIGHT);
        getChildren().addAll(title, text, buttons);
    }
}
