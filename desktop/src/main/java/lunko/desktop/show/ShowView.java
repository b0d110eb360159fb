package lunko.desktop.show;

import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import lunko.desktop.action.Keyboard;
import lunko.desktop.look.Look;
import lunko.desktop.work.Work;
import lunko.query.Side;
import lunko.table.Row;
import org.kordamp.ikonli.feather.Feather;

/** The screen: everything about a join at once, from the kinds on top to the step bar at the bottom. */
public final class ShowView extends StackPane {
    private final ShowActions actions;
    private final JoinStage stage;
    private final StepBar steps;
    private final StackPane keyList;
    private Side inHand = Side.LEFT;

    /**
     * The screen for a model.
     *
     * @param motionTime how long one frame takes to move over into the next; zero shows frames at rest only
     */
    public ShowView(ShowModel model, Player player, ShowActions actions, Work work,
                    ObservableValue<Duration> motionTime) {
        this.actions = actions;
        getStyleClass().add("show");
        Look.dress(this);
        stage = new JoinStage(model, actions, motionTime);
        steps = new StepBar(model, player, actions);
        keyList = new StackPane(new KeyList(actions.all()));
        keyList.getStyleClass().add("shade");
        keyList.setVisible(false);
        keyList.setOnMouseClicked(_ -> keyList.setVisible(false));
        actions.attach(hands());

        VBox left = new VBox(new QueryLine(model), stage);
        left.getStyleClass().add("left-half");
        VBox.setVgrow(stage, Priority.ALWAYS);
        HBox.setHgrow(left, Priority.ALWAYS);
        VennView venn = new VennView(model);
        VBox.setVgrow(venn, Priority.ALWAYS);
        VBox right = new VBox(venn, new KindCounts(model, actions));
        right.getStyleClass().add("right-half");
        right.prefWidthProperty().bind(widthProperty().multiply(0.285).map(w -> Math.max(350, w.doubleValue())));
        right.setMinWidth(Region.USE_PREF_SIZE);
        HBox middle = new HBox(left, right);
        middle.getStyleClass().add("middle");
        VBox.setVgrow(middle, Priority.ALWAYS);

        VBox page = new VBox(top(model), new KindBar(model, actions), middle, new WhyLine(model), steps);
        page.getStyleClass().add("page");
        NoticeBar notices = new NoticeBar(model, work);
        StackPane.setAlignment(notices, Pos.TOP_CENTER);
        getChildren().addAll(page, notices, keyList);
    }

    /** Puts the screen into a scene, with its keys; the step bar has the keyboard at first. */
    public Scene inScene(double width, double height) {
        Scene scene = new Scene(this, width, height);
        new Keyboard(actions.all()).attachTo(scene);
        scene.focusOwnerProperty().subscribe(owner -> sideOf(owner).ifPresent(side -> inHand = side));
        steps.takeFocus();
        return scene;
    }

    private Region top(ShowModel model) {
        Label title = new Label();
        title.getStyleClass().add("lesson-title");
        title.textProperty().bind(model.showing().map(showing -> showing.lesson().title()));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button save = actions.save().button(Feather.DOWNLOAD);
        HBox top = new HBox(title, gap, actions.undo().iconButton(Feather.CORNER_UP_LEFT),
                actions.redo().iconButton(Feather.CORNER_UP_RIGHT), save, actions.keyList().iconButton(Feather.HELP_CIRCLE));
        top.getStyleClass().add("top");
        top.setAlignment(Pos.CENTER_LEFT);
        return top;
    }

    private Optional<Side> sideOf(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            for (Side side : Side.values()) {
                if (at == stage.card(side)) return Optional.of(side);
            }
        }
        return Optional.empty();
    }

    private ShowActions.Hands hands() {
        return new ShowActions.Hands() {
            @Override
            public Side side() {
                return inHand;
            }

            @Override
            public Optional<Row> selectedRow(Side side) {
                return stage.selectedRow(side);
            }

            @Override
            public void editSelectedCell(Side side) {
                stage.card(side).editSelectedCell();
            }

            @Override
            public void editLastRow(Side side) {
                stage.card(side).editLastRow();
            }

            @Override
            public void toggleKeyList() {
                keyList.setVisible(!keyList.isVisible());
            }
        };
    }
}
