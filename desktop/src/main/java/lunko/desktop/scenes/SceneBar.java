package lunko.desktop.scenes;

import static lunko.desktop.words.Spoken.words;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import lunko.desktop.action.Action;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.lesson.Lesson;
import lunko.lesson.Scenes;
import org.kordamp.ikonli.feather.Feather;

/** Where one stands among the scenes, and the way to the next and the one before. */
public final class SceneBar extends HBox {

    /** The bar for a lesson; with a single scene there is nothing to be seen of it. */
    public SceneBar(LessonModel model, Action before, Action next) {
        getStyleClass().add("scene-bar");
        setAlignment(Pos.CENTER_LEFT);
        Button back = before.iconButton(Feather.CHEVRON_LEFT);
        Button on = next.iconButton(Feather.CHEVRON_RIGHT);
        Label place = new Label();
        place.getStyleClass().add("scene-place");
        place.setMinWidth(USE_PREF_SIZE);
        Label title = new Label();
        title.setId("scene-at");
        title.getStyleClass().add("scene-at");
        getChildren().addAll(back, place, on, title);
        Runnable show = () -> {
            Lesson lesson = model.lesson().get();
            Scenes scenes = lesson.scenes();
            setVisible(scenes.size() > 1 && model.mode().get() != Mode.SCENES);
            setManaged(isVisible());
            place.setText(words().scenes().place(scenes.at() + 1, scenes.size()));
            title.setText(scenes.shown().telling().title());
        };
        model.lesson().subscribe(_ -> show.run());
        model.mode().subscribe(_ -> show.run());
    }
}
