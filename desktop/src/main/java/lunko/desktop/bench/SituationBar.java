package lunko.desktop.bench;

import static lunko.desktop.words.Spoken.words;

import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.lesson.Situation;
import org.kordamp.ikonli.feather.Feather;

/** The situations to choose from: each changes just enough rows to show its point. */
final class SituationBar extends VBox {

    SituationBar(BenchActions actions) {
        getStyleClass().addAll("card", "situation-bar");
        Label title = new Label(words().tables().setUp());
        title.getStyleClass().add("card-title");
        Label about = new Label(words().tables().setUpAbout());
        about.getStyleClass().add("about");
        HBox head = new HBox(title, about);
        head.getStyleClass().add("situation-head");
        FlowPane buttons = new FlowPane();
        buttons.getStyleClass().add("situations");
        Stream.of(Situation.values()).forEach(situation -> {
            Button button = Controls.button(situation.title(words().edits()));
            button.setOnAction(_ -> actions.arrange(situation));
            buttons.getChildren().add(button);
        });
        Button mistake = actions.mistake().button(Feather.ALERT_TRIANGLE);
        mistake.setId("show-mistake");
        buttons.getChildren().add(mistake);
        getChildren().addAll(head, buttons);
    }
}
