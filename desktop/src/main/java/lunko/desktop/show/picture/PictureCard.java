package lunko.desktop.show.picture;

import static lunko.desktop.words.Spoken.words;

import java.util.EnumMap;
import java.util.Map;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.handout.PictureCopy;
import lunko.desktop.handout.PictureHandle;
import lunko.desktop.show.ask.Cover;
import lunko.desktop.show.model.ShowModel;
import lunko.handout.figure.Motif;
import lunko.insight.picture.Picture;
import lunko.insight.question.Question;
import lunko.show.Joining;
import lunko.show.Showing;

/** The pictures of the join, one of them at a time. */
public final class PictureCard extends VBox {

    /**
     * The pictures of what a model shows.
     *
     * @param beside whether they are to be seen; while they are not, they are not drawn
     */
    public PictureCard(ShowModel model, ObservableValue<Boolean> beside) {
        getStyleClass().addAll("card", "picture-card");
        HBox head = new HBox();
        head.getStyleClass().add("picture-head");
        for (Picture picture : Picture.values()) {
            ToggleButton button = Controls.toggle(words().pictures().title(picture));
            button.setOnAction(_ -> {
                model.picture().set(picture);
                button.setSelected(true);
            });
            model.picture().subscribe(now -> button.setSelected(now == picture));
            head.getChildren().add(button);
        }
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        head.getChildren().addAll(gap, PictureHandle.of(new PictureCopy(model),
                () -> model.picture().get() == Picture.PAIRS ? Motif.PAIRS : Motif.VENN));
        Map<Drawing, Node> drawings = new EnumMap<>(Map.of(Drawing.TWO, new VennView(model), Drawing.THREE,
                new ThreeVennView(model), Drawing.CROSS, new CrossView(model), Drawing.GRID, new PairGridView(model)));
        StackPane cover = Cover.of();
        StackPane body = new StackPane(drawings.values().toArray(Node[]::new));
        body.getChildren().add(cover);
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren().addAll(head, body);
        // Only what is to be seen is drawn.
        Runnable choose = () -> {
            Drawing chosen = drawing(model.picture().get(), model.showing().get());
            boolean seen = !model.covers(Question.Cover.PICTURE) || chosen == Drawing.GRID;
            drawings.forEach((drawing, shown) -> shown.setVisible(beside.getValue() && drawing == chosen && seen));
            cover.setVisible(!seen);
        };
        beside.subscribe((_, _) -> choose.run());
        model.asking().subscribe(_ -> choose.run());
        model.picture().subscribe(_ -> choose.run());
        model.showing().subscribe(_ -> choose.run());
        choose.run();
    }

    /** What can be drawn. */
    private enum Drawing {
        TWO, THREE, CROSS, GRID
    }

    /** Two circles, or three where a chain has put three tables together; for a cross join, which has none, why. */
    private static Drawing drawing(Picture picture, Showing now) {
        return switch (picture) {
            case PAIRS -> Drawing.GRID;
            case VENN -> now.outcome().filter(outcome -> !outcome.kind().compares()).isPresent() ? Drawing.CROSS
                    : now.joining().flatMap(Joining::circles).isPresent() ? Drawing.THREE : Drawing.TWO;
        };
    }
}
