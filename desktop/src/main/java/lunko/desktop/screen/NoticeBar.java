package lunko.desktop.screen;

import static lunko.desktop.words.Spoken.words;

import javafx.concurrent.Task;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Notice;
import lunko.desktop.work.Work;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/**
 * What Lunko has to say beside the lesson: a problem, a thing done, or work that goes on and can be stopped. It has a
 * strip of its own under the page, which makes room for it, so that it lies over nothing that is worked with.
 */
final class NoticeBar extends VBox {
    private final LessonModel model;

    NoticeBar(LessonModel model, Work work) {
        this.model = model;
        getStyleClass().add("notices");
        model.notice().subscribe(() -> show(work));
        work.running().subscribe(() -> show(work));
        show(work);
    }

    private void show(Work work) {
        getChildren().clear();
        work.running().get().ifPresent(task -> getChildren().add(progress(task)));
        model.notice().get().ifPresent(said -> getChildren().add(notice(said)));
        setVisible(!getChildren().isEmpty());
        setManaged(isVisible());
    }

    private HBox notice(Notice said) {
        boolean failure = said instanceof Notice.Failure;
        Label sentence = new Label(said.sentence());
        sentence.setWrapText(true);
        sentence.setMinHeight(USE_PREF_SIZE);
        sentence.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(sentence, Priority.ALWAYS);
        HBox line = line(failure ? "failure" : "success");
        line.setId("notice");
        line.getChildren().addAll(new FontIcon(failure ? Feather.ALERT_TRIANGLE : Feather.CHECK), sentence);
        if (said instanceof Notice.Offer(String _, String label, Runnable accepted)) {
            Button accept = Controls.button(label);
            accept.setMinWidth(USE_PREF_SIZE);
            accept.setOnAction(_ -> {
                model.sayNothing();
                accepted.run();
            });
            line.getChildren().add(accept);
        }
        Button close = Controls.button("", new FontIcon(Feather.X));
        close.setAccessibleText(words().window().closeNotice());
        close.getStyleClass().add("close");
        close.setOnAction(_ -> model.sayNothing());
        line.getChildren().add(close);
        return line;
    }

    private static HBox progress(Task<?> task) {
        Label title = new Label();
        title.textProperty().bind(task.titleProperty());
        ProgressBar bar = new ProgressBar();
        bar.progressProperty().bind(task.progressProperty());
        Button stop = Controls.button(words().window().stop());
        stop.setOnAction(_ -> task.cancel());
        HBox line = line("progress");
        line.getChildren().addAll(title, bar, stop);
        return line;
    }

    private static HBox line(String style) {
        HBox line = new HBox();
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().addAll("notice", style);
        return line;
    }
}
