package lunko.desktop.show;

import javafx.beans.value.ObservableDoubleValue;
import javafx.beans.value.ObservableValue;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** The show: everything about a join at once, from the kinds on top to the step bar at the bottom. */
public final class ShowPage extends VBox {
    private final StepBar steps;

    /**
     * The page for a model.
     *
     * @param motionTime how long one frame takes to move over into the next; zero shows frames at rest only
     * @param sideWidth  how wide the column on the right is, in pixels
     */
    public ShowPage(ShowModel model, Player player, StepActions actions, CardActions cards, ObservableValue<Duration> motionTime, ObservableDoubleValue sideWidth) {
        getStyleClass().add("page-part");
        JoinStage stage = new JoinStage(model, cards, motionTime);
        steps = new StepBar(model, player, actions);
        VBox left = new VBox(new QueryLine(model), stage);
        left.getStyleClass().add("left-half");
        VBox.setVgrow(stage, Priority.ALWAYS);
        HBox.setHgrow(left, Priority.ALWAYS);
        VennView venn = new VennView(model);
        VBox.setVgrow(venn, Priority.ALWAYS);
        VBox right = new VBox(venn, new KindCounts(model, actions));
        right.getStyleClass().add("right-half");
        right.prefWidthProperty().bind(sideWidth);
        right.setMinWidth(Region.USE_PREF_SIZE);
        HBox middle = new HBox(left, right);
        middle.getStyleClass().add("middle");
        VBox.setVgrow(middle, Priority.ALWAYS);
        getChildren().addAll(new KindBar(model, actions), middle, new WhyLine(model), steps);
    }

    /** Takes the keyboard, so that no table or field does. */
    public void takeFocus() {
        steps.takeFocus();
    }
}
