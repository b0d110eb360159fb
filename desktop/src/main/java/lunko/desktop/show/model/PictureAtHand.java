package lunko.desktop.show.model;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import lunko.insight.picture.Picture;
import lunko.insight.question.Question;
import lunko.lesson.Scene;

/** The picture beside the stage, and how much of it is told; a scene that is come to says which it is. */
final class PictureAtHand {
    private final ObjectProperty<Picture> picture = new SimpleObjectProperty<>(Picture.VENN);
    private final BooleanProperty keyByKey = new SimpleBooleanProperty(false);

    ObjectProperty<Picture> picture() {
        return picture;
    }

    BooleanProperty keyByKey() {
        return keyByKey;
    }

    /** Shows what a scene opens with. */
    void enter(Scene scene) {
        boolean pairs = scene.asked().filter(asked -> asked.question() instanceof Question.WhichPairs).isPresent();
        picture.set(pairs ? Picture.PAIRS : scene.start().picture());
        keyByKey.set(false);
    }
}
