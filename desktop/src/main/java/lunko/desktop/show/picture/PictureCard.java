package lunko.desktop.show.picture;

import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.show.model.Picture;
import lunko.desktop.show.model.ShowModel;
import lunko.show.Joining;

/** The pictures of the join, one of them at a time. */
public final class PictureCard extends VBox {

    /** The pictures of what a model shows. */
    public PictureCard(ShowModel model) {
        getStyleClass().addAll("card", "picture-card");
        HBox head = new HBox();
        head.getStyleClass().add("picture-head");
        StackPane body = new StackPane();
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren().addAll(head, body);
        for (Picture picture : Picture.values()) {
            ToggleButton button = Controls.toggle(picture.title());
            button.setOnAction(_ -> {
                model.picture().set(picture);
                button.setSelected(true);
            });
            model.picture().subscribe(now -> button.setSelected(now == picture));
            Node shown = switch (picture) {
                case VENN -> venn(model);
                case PAIRS -> new PairGridView(model);
            };
            shown.visibleProperty().bind(button.selectedProperty());
            head.getChildren().add(button);
            body.getChildren().add(shown);
        }
    }

    /** Two circles, or three where a chain has put three tables together. */
    private static Node venn(ShowModel model) {
        VennView two = new VennView(model);
        ThreeVennView three = new ThreeVennView(model);
        model.showing().subscribe(now -> {
            boolean chain = now.joining().flatMap(Joining::circles).isPresent();
            two.setVisible(!chain);
            three.setVisible(chain);
        });
        return new StackPane(two, three);
    }
}
