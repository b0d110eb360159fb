package lunko.desktop.scenes;

import static lunko.desktop.words.Spoken.words;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.beans.value.ObservableDoubleValue;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SelectionMode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Action;
import lunko.desktop.action.Controls;
import lunko.lesson.Scene;
import lunko.lesson.Scenes;
import lunko.show.SceneGlance;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The outline of a lesson: all its scenes in their order, and beside them what is told with the one at hand. */
public final class ScenesPage extends HBox {
    private static final double ROW = 92;
    /** So much room the tools would like to have, in pixels. */
    private static final double TOOLS = 590;

    private final ScenesModel model;
    private final ListView<SceneGlance> list = new ListView<>();
    private final SceneDetails details;
    private final Button present = Controls.button("", new FontIcon(Feather.PLAY));
    private boolean following;

    /**
     * The page of a lesson.
     *
     * @param handOut asks what is to be handed out
     * @param present shows the stage alone
     * @param sideWidth how wide the column on the right is, in pixels
     */
    public ScenesPage(ScenesModel model, SceneActions actions, Action handOut, Runnable present,
            ObservableDoubleValue sideWidth) {
        this.model = model;
        getStyleClass().add("middle");
        list.setId("scenes");
        list.getStyleClass().add("scene-list");
        list.setAccessibleText(words().scenes().outline());
        list.setFixedCellSize(ROW);
        list.setCellFactory(_ -> new SceneCell(model));
        list.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        list.getSelectionModel().getSelectedIndices().addListener((ListChangeListener<Integer>) _ -> choose());
        list.setOnMouseClicked(event -> {
            if (event.getButton() == MouseButton.PRIMARY && event.getClickCount() == 2) actions.show().run();
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        this.present.getStyleClass().add("play");
        this.present.setId("present-from");
        this.present.setOnAction(_ -> present.run());
        this.present.setMinWidth(Region.USE_PREF_SIZE);
        MenuButton add = Controls.menuButton(words().scenes().addScenes());
        add.setId("add-scenes");
        add.getItems().addAll(actions.bringIn().menuItem(), actions.mistake().menuItem(),
                actions.tasks().menuItem(), actions.point().menuItem());
        FlowPane tools = new FlowPane(actions.keep().button(Feather.PLUS),
                actions.repeat().iconButton(Feather.COPY), actions.up().iconButton(Feather.ARROW_UP),
                actions.down().iconButton(Feather.ARROW_DOWN), actions.delete().iconButton(Feather.TRASH_2),
                add, handOut.iconButton(Feather.PRINTER));
        tools.getStyleClass().add("bench-tools");
        tools.setPrefWrapLength(TOOLS);
        HBox.setHgrow(tools, Priority.ALWAYS);
        HBox head = new HBox(tools, this.present);
        head.getStyleClass().add("scene-tools");
        head.setAlignment(Pos.CENTER_LEFT);
        VBox outline = new VBox(head, list);
        outline.getStyleClass().add("page-part");
        HBox.setHgrow(outline, Priority.ALWAYS);
        details = new SceneDetails(model, this::takeFocus);
        ScrollPane side = new ScrollPane(details);
        side.getStyleClass().addAll("card", "scene-side");
        side.setFitToWidth(true);
        side.prefWidthProperty().bind(sideWidth);
        side.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().addAll(outline, side);
        model.glances().subscribe(this::show);
        this.present.textProperty().bind(model.lesson().lesson()
                .map(lesson -> words().scenes().presentFrom(lesson.scenes().at() + 1)));
    }

    /** Gives the outline the keyboard. */
    public void takeFocus() {
        list.requestFocus();
    }

    /** Gives the field for the title of the scene the keyboard. */
    public void retitle() {
        details.retitle();
    }

    /** What is selected is what the window shows: of several, the last that was selected. */
    private void choose() {
        if (following) return;
        Set<Integer> chosen = new HashSet<>(list.getSelectionModel().getSelectedIndices());
        if (chosen.isEmpty()) return;
        model.selected().set(Set.copyOf(chosen));
        model.lesson().goTo(list.getSelectionModel().getSelectedIndex());
    }

    private void show(List<SceneGlance> glances) {
        following = true;
        Scenes scenes = model.lesson().lesson().get().scenes();
        Set<Scene> before = new HashSet<>();
        list.getSelectionModel().getSelectedItems().stream().filter(glance -> glance != null)
                .forEach(glance -> before.add(glance.scene()));
        list.getItems().setAll(glances);
        Set<Integer> selected = new HashSet<>(Set.of(scenes.at()));
        if (before.contains(scenes.shown())) glances.stream().filter(glance -> before.contains(glance.scene()))
                .forEach(glance -> selected.add(glance.number()));
        list.getSelectionModel().clearSelection();
        selected.stream().filter(number -> number != scenes.at()).forEach(list.getSelectionModel()::select);
        list.getSelectionModel().select(scenes.at());
        list.getFocusModel().focus(scenes.at());
        following = false;
        model.selected().set(Set.copyOf(selected));
        list.scrollTo(Math.max(0, scenes.at() - 2));
    }
}
