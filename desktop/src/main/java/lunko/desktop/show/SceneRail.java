package lunko.desktop.show;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import lunko.desktop.lesson.LessonModel;
import lunko.lesson.Scenes;

/** A bead for each scene, the one that is shown filled: where a class is in the lesson. */
final class SceneRail extends HBox {
    private static final PseudoClass SHOWN = PseudoClass.getPseudoClass("shown");
    private static final PseudoClass PAST = PseudoClass.getPseudoClass("past");

    /** The rail of a lesson. */
    SceneRail(LessonModel lesson) {
        getStyleClass().add("scene-rail");
        setAlignment(Pos.CENTER);
        lesson.lesson().subscribe(now -> show(now.scenes()));
    }

    private void show(Scenes scenes) {
        // A single scene needs no place.
        int beads = scenes.size() > 1 ? scenes.size() : 0;
        if (getChildren().size() != beads) getChildren().setAll(beads(beads));
        for (int n = 0; n < beads; n++) {
            getChildren().get(n).pseudoClassStateChanged(SHOWN, n == scenes.at());
            getChildren().get(n).pseudoClassStateChanged(PAST, n < scenes.at());
        }
        setAccessibleText(words().scenes().place(scenes.at() + 1, scenes.size()));
    }

    private static List<Region> beads(int all) {
        return IntStream.range(0, all).mapToObj(_ -> {
            Region bead = new Region();
            bead.getStyleClass().add("scene-bead");
            return bead;
        }).toList();
    }
}
