package lunko.desktop.screen;

import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Action;

/** The list of keys, made from the actions themselves; what is typed narrows it down. */
final class KeyList extends VBox {
    private static final double WIDEST = 300;
    private static final double HIGHEST = 800;

    private final List<Action> actions;
    private final GridPane groups = new GridPane();

    KeyList(List<Action> actions) {
        this.actions = actions;
        getStyleClass().addAll("card", "key-list");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Label title = new Label("Keys");
        title.getStyleClass().add("key-list-title");
        TextField wanted = new TextField();
        wanted.setPromptText("what is to be done, or a key");
        wanted.setAccessibleText("narrow the list of keys down");
        wanted.textProperty().subscribe(text -> show(text.strip().toLowerCase(Locale.ROOT)));
        groups.getStyleClass().add("key-groups");
        Label typing = new Label(
                "In a table: arrows, Tab and Enter move, with Shift arrows select a block, typing replaces a cell, "
                        + "Escape gives up. NULL is typed as NULL, and the empty text as ''.");
        typing.setWrapText(true);
        typing.setMaxWidth(700);
        typing.getStyleClass().add("about");
        ScrollPane scroll = new ScrollPane(new VBox(14, groups, typing));
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setMinHeight(0);
        // As large with few keys as with all of them: as high as the window allows.
        scroll.setMinWidth(2 * WIDEST + 160);
        scroll.setPrefHeight(HIGHEST);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(title, wanted, scroll);
        focusedProperty().subscribe(focused -> {
            if (focused) wanted.requestFocus();
        });
    }

    private void show(String wanted) {
        groups.getChildren().clear();
        int shown = 0;
        for (Action.Group group : Action.Group.values()) {
            List<Action> some = actions.stream().filter(action -> action.group() == group && !action.keys().isEmpty())
                    .filter(action -> (action.name().getValue() + " " + action.shownKey().orElseThrow())
                            .toLowerCase(Locale.ROOT).contains(wanted))
                    .toList();
            if (some.isEmpty()) continue;
            groups.add(table(group, some), shown % 2, shown / 2);
            shown++;
        }
        if (shown == 0) groups.add(new Label("No key does that."), 0, 0);
    }

    private static GridPane table(Action.Group group, List<Action> some) {
        GridPane table = new GridPane();
        table.getStyleClass().add("key-group");
        Label heading = new Label(group.title());
        heading.getStyleClass().add("card-title");
        table.add(heading, 0, 0, 2, 1);
        int row = 1;
        for (Action action : some) {
            Label keys = new Label(action.shownKey().orElseThrow());
            keys.getStyleClass().add("key");
            keys.setAlignment(Pos.CENTER_LEFT);
            keys.setMinWidth(USE_PREF_SIZE);
            Label name = new Label();
            name.setWrapText(true);
            name.setMaxWidth(WIDEST);
            name.setMinHeight(USE_PREF_SIZE);
            name.textProperty().bind(action.name());
            table.addRow(row++, keys, name);
        }
        return table;
    }
}
