package lunko.desktop.show;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import lunko.desktop.action.Action;
import lunko.desktop.look.RowGlyph;
import lunko.query.JoinKind;

/** The kinds of join to choose from. */
final class KindBar extends HBox {

    KindBar(ShowModel model, StepActions actions) {
        getStyleClass().addAll("card", "kind-bar");
        ToggleGroup group = new ToggleGroup();
        List<ToggleButton> buttons = Stream.of(JoinKind.values()).map(kind -> {
            Action choose = actions.choose(kind);
            ToggleButton button = new ToggleButton(kind.title(), new RowGlyph(kind));
            button.setContentDisplay(ContentDisplay.LEFT);
            button.setToggleGroup(group);
            button.setUserData(kind);
            button.setId("kind-" + kind.title().replace(' ', '-'));
            button.setOnAction(_ -> {
                choose.run();
                select(group, model.showing().get());
            });
            button.setTooltip(new Tooltip(choose.name().getValue() + choose.shownKey().map(k -> "  (" + k + ")").orElse("")));
            return button;
        }).toList();
        getChildren().setAll(buttons);
        model.showing().subscribe(showing -> select(group, showing));
    }

    private static void select(ToggleGroup group, Showing showing) {
        group.getToggles().forEach(toggle -> toggle.setSelected(toggle.getUserData() == showing.lesson().kind()));
    }
}
