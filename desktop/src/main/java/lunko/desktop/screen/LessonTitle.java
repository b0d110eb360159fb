package lunko.desktop.screen;

import static lunko.desktop.words.Spoken.words;

import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.text.FontWeight;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.look.Tip;
import lunko.desktop.look.Typeface;
import lunko.lesson.SceneEdit;

/** The title of the lesson, typed over to change it. */
final class LessonTitle extends TextField {
    private static final Typeface TITLE = Typeface.text(FontWeight.BOLD, 17);

    private final LessonModel model;

    LessonTitle(LessonModel model, Runnable then) {
        this.model = model;
        getStyleClass().add("lesson-title");
        Tip.on(this, words().window().retitle());
        setAccessibleText(words().window().titleOfLesson());
        prefWidthProperty().bind(textProperty().map(text -> Math.clamp(TITLE.width(text) + 22, 80, 460)));
        show();
        model.lesson().subscribe(this::show);
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) show();
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.ESCAPE) {
                event.consume();
                take();
                then.run();
            }
        });
        focusedProperty().subscribe(focused -> {
            if (!focused) take();
        });
    }

    private void take() {
        if (getText().equals(model.lesson().get().title())) return;
        model.edit(new SceneEdit.Retitle(getText()));
        show();
    }

    private void show() {
        setText(model.lesson().get().title());
    }
}
