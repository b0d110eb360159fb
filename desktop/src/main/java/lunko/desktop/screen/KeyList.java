package lunko.desktop.screen;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Action;

/** The list of keys, made from the actions themselves. */
final class KeyList extends VBox {

    KeyList(List<Action> actions) {
        getStyleClass().addAll("card", "key-list");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Label title = new Label("Keys");
        title.getStyleClass().add("key-list-title");
        GridPane groups = new GridPane();
        groups.getStyleClass().add("key-groups");
        for (Action.Group group : Action.Group.values()) {
            groups.add(table(group, actions), group.ordinal() % 2, group.ordinal() / 2);
        }
        Label typing = new Label(
                "In a table: arrows, Tab and Enter move, with Shift arrows select a block, typing replaces a cell, "
                        + "Escape gives up. NULL is typed as NULL, and the empty text as ''.");
        typing.setWrapText(true);
        typing.setMaxWidth(700);
        typing.getStyleClass().add("about");
        getChildren().addAll(title, groups, typing);
    }

    private static GridPane table(Action.Group group, List<Action> actions) {
        GridPane table = new GridPane();
        table.getStyleClass().add("key-group");
        Label heading = new Label(group.title());
        heading.getStyleClass().add("card-title");
        table.add(heading, 0, 0, 2, 1);
        int row = 1;
        for (Action action : actions) {
            if (action.group() != group || action.keys().isEmpty()) continue;
            Label keys = new Label(action.shownKey().orElseThrow());
            keys.getStyleClass().add("key");
            keys.setAlignment(Pos.CENTER_LEFT);
            Label name = new Label();
            name.textProperty().bind(action.name());
            table.addRow(row++, keys, name);
        }
        return table;
    }
}
