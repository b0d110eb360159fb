package lunko.desktop.show;

import java.util.Locale;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
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
    private final TablesBench bench;
    private final ShowModel model;
    private final StepBar steps;
    private final StackPane keyList;
    private final StackPane recipe = new StackPane();
    private Side inHand = Side.LEFT;

    /**
     * The screen for a model.
     *
     * @param motionTime how long one frame takes to move over into the next; zero shows frames at rest only
     */
    public ShowView(ShowModel model, Player player, ShowActions actions, Work work,
                    ObservableValue<Duration> motionTime) {
        this.actions = actions;
        this.model = model;
        getStyleClass().add("show");
        Look.dress(this);
        stage = new JoinStage(model, actions, motionTime);
        steps = new StepBar(model, player, actions);
        keyList = new StackPane(new KeyList(actions.all()));
        keyList.getStyleClass().add("shade");
        keyList.setVisible(false);
        keyList.setOnMouseClicked(_ -> keyList.setVisible(false));
        recipe.getStyleClass().add("shade");
        recipe.setVisible(false);
        recipe.setOnMouseClicked(_ -> recipe.setVisible(false));
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

        VBox showPage = new VBox(new KindBar(model, actions), middle, new WhyLine(model), steps);
        bench = new TablesBench(model, actions);
        KeyCheckCard check = new KeyCheckCard(model);
        check.prefWidthProperty().bind(right.prefWidthProperty());
        check.setMinWidth(Region.USE_PREF_SIZE);
        VBox.setVgrow(bench, Priority.ALWAYS);
        VBox building = new VBox(bench, new ShelfBar(model), new SituationBar(actions));
        building.getStyleClass().add("page-part");
        HBox.setHgrow(building, Priority.ALWAYS);
        HBox tablesPage = new HBox(building, check);
        tablesPage.getStyleClass().add("middle");
        StackPane pages = new StackPane(showPage, tablesPage);
        showPage.getStyleClass().add("page-part");
        showPage.visibleProperty().bind(model.mode().isEqualTo(Mode.SHOW));
        tablesPage.visibleProperty().bind(model.mode().isEqualTo(Mode.TABLES));
        VBox.setVgrow(pages, Priority.ALWAYS);
        VBox page = new VBox(top(model), pages);
        page.getStyleClass().add("page");
        NoticeBar notices = new NoticeBar(model, work);
        // Over the title, so that undo and the modes can still be reached.
        StackPane.setAlignment(notices, Pos.TOP_LEFT);
        getChildren().addAll(page, notices, recipe, keyList);
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
        HBox top = new HBox(title, gap, modes(model), actions.openLesson().iconButton(Feather.BOOK_OPEN), actions.saveLesson().iconButton(Feather.SAVE),
                actions.undo().iconButton(Feather.CORNER_UP_LEFT),
                actions.redo().iconButton(Feather.CORNER_UP_RIGHT), save, actions.keyList().iconButton(Feather.HELP_CIRCLE));
        top.getStyleClass().add("top");
        top.setAlignment(Pos.CENTER_LEFT);
        return top;
    }

    /** The table of a side that is to be seen. */
    private TableCard card(Side side) {
        return model.mode().get() == Mode.TABLES ? bench.card(side) : stage.card(side);
    }

    private static HBox modes(ShowModel model) {
        HBox modes = new HBox();
        modes.getStyleClass().add("modes");
        ToggleGroup group = new ToggleGroup();
        for (Mode mode : Mode.values()) {
            ToggleButton button = new ToggleButton(mode.title());
            button.setId("mode-" + mode.title().toLowerCase(Locale.ROOT));
            button.setToggleGroup(group);
            button.setOnAction(_ -> {
                model.mode().set(mode);
                button.setSelected(true);
            });
            model.mode().subscribe(now -> button.setSelected(now == mode));
            modes.getChildren().add(button);
        }
        return modes;
    }

    private Optional<Side> sideOf(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            for (Side side : Side.values()) {
                if (at == stage.card(side) || at == bench.card(side)) return Optional.of(side);
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
                return card(side).selectedRow();
            }

            @Override
            public void editSelectedCell(Side side) {
                card(side).editSelectedCell();
            }

            @Override
            public void editLastRow(Side side) {
                card(side).editLastRow();
            }

            @Override
            public void openRecipe(Side side) {
                recipe.getChildren().setAll(new RecipePane(model, side, () -> recipe.setVisible(false)));
                recipe.setVisible(true);
                recipe.getChildren().getFirst().requestFocus();
            }

            @Override
            public void toggleKeyList() {
                keyList.setVisible(!keyList.isVisible());
            }
        };
    }
}
