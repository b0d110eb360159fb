package lunko.desktop.screen;

import atlantafx.base.controls.Notification;
import java.util.Optional;
import javafx.concurrent.Task;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Notice;
import lunko.desktop.work.Work;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** What Lunko has to say beside the lesson: a problem, a thing done, or work that goes on and can be stopped. */
final class NoticeBar extends VBox {
    private static final double WIDEST = 620;

    private final LessonModel model;

    NoticeBar(LessonModel model, Work work) {
        this.model = model;
        getStyleClass().add("notices");
        setPickOnBounds(false);
        setAlignment(Pos.TOP_LEFT);
        setMaxSize(WIDEST, USE_PREF_SIZE);
        model.notice().subscribe(() -> show(work));
        work.running().subscribe(() -> show(work));
    }

    private void show(Work work) {
        getChildren().clear();
        work.running().get().ifPresent(task -> getChildren().add(progress(task)));
        Optional<Notice> notice = model.notice().get();
        notice.ifPresent(said -> getChildren().add(notification(said)));
    }

    private Notification notification(Notice said) {
        boolean failure = said instanceof Notice.Failure;
        Notification notification = new Notification(said.sentence(),
                new FontIcon(failure ? Feather.ALERT_TRIANGLE : Feather.CHECK));
        notification.getStyleClass().add(failure ? "failure" : "success");
        notification.setId("notice");
        if (said instanceof Notice.Offer(String _, String label, Runnable accepted)) {
            Button accept = Controls.button(label);
            accept.setOnAction(_ -> {
                model.sayNothing();
                accepted.run();
            });
            notification.setPrimaryActions(accept);
        }
        notification.setOnClose(_ -> model.sayNothing());
        notification.setMaxWidth(WIDEST);
        return notification;
    }

    private static Region progress(Task<?> task) {
        Label title = new Label();
        title.textProperty().bind(task.titleProperty());
        ProgressBar bar = new ProgressBar();
        bar.progressProperty().bind(task.progressProperty());
        Button stop = Controls.button("Stop");
        stop.setOnAction(_ -> task.cancel());
        HBox line = new HBox(title, bar, stop);
        line.setAlignment(Pos.CENTER);
        line.getStyleClass().addAll("card", "progress-line");
        line.setMaxWidth(Region.USE_PREF_SIZE);
        return line;
    }
}
