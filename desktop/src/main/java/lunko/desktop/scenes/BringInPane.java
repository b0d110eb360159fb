package lunko.desktop.scenes;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.lesson.Lesson;

/** Which scenes of another lesson are to be brought in. */
public final class BringInPane extends VBox {

    /** The pane for a lesson; the scenes that are chosen, counted from 0, are handed on. */
    public BringInPane(Lesson from, Consumer<Set<Integer>> then, Runnable close) {
        getStyleClass().addAll("card", "recipe");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Label title = new Label(words().scenes().scenesOf(from.title()));
        title.getStyleClass().add("key-check-title");
        Label about = new Label(words().scenes().broughtWith());
        about.getStyleClass().add("about");
        List<CheckBox> boxes = IntStream.range(0, from.scenes().size()).mapToObj(n -> Controls.checkBox(
                words().scenes().called(n + 1, from.scenes().all().get(n).telling().title()))).toList();
        VBox all = new VBox(boxes.toArray(CheckBox[]::new));
        all.getStyleClass().add("bring-in-scenes");
        ScrollPane scroll = new ScrollPane(all);
        scroll.setFitToWidth(true);
        scroll.setPrefSize(460, Math.min(360, 30 * boxes.size() + 20));
        Button take = Controls.button("");
        take.setId("bring-in");
        take.setDefaultButton(true);
        Runnable count = () -> {
            take.setText(words().scenes().take(chosen(boxes).size()));
            take.setDisable(chosen(boxes).isEmpty());
        };
        boxes.forEach(box -> {
            box.setSelected(true);
            box.selectedProperty().subscribe(count);
        });
        count.run();
        take.setOnAction(_ -> {
            close.run();
            then.accept(chosen(boxes));
        });
        Button leave = Controls.button(words().window().cancel());
        leave.setCancelButton(true);
        leave.setOnAction(_ -> close.run());
        HBox buttons = new HBox(leave, take);
        buttons.getStyleClass().add("recipe-buttons");
        buttons.setAlignment(Pos.CENTER_RIGHT);
        getChildren().addAll(title, about, scroll, buttons);
    }

    private static Set<Integer> chosen(List<CheckBox> boxes) {
        return IntStream.range(0, boxes.size()).filter(n -> boxes.get(n).isSelected()).boxed()
                .collect(Collectors.toSet());
    }
}
