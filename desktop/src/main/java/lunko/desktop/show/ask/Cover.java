package lunko.desktop.show.ask;

import static lunko.desktop.words.Spoken.words;

import java.util.function.BooleanSupplier;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import lunko.desktop.show.model.ShowModel;

/** Something that would give an answer away, with a cover over it while a question is open. */
public final class Cover extends StackPane {

    /** What is covered as long as {@code covered} says so; nobody can see or read it then. */
    public Cover(ShowModel model, Region content, BooleanSupplier covered) {
        StackPane cover = of();
        getChildren().addAll(content, cover);
        model.asking().subscribe(_ -> {
            boolean now = covered.getAsBoolean();
            cover.setVisible(now);
            content.setVisible(!now);
        });
    }

    /** A cover alone. */
    public static StackPane of() {
        Label label = new Label(words().asking().covered());
        label.getStyleClass().add("cover-label");
        label.setWrapText(true);
        label.setMinWidth(0);
        StackPane cover = new StackPane(label);
        cover.setAlignment(Pos.CENTER);
        cover.getStyleClass().add("cover");
        cover.setMinSize(0, 0);
        return cover;
    }
}
