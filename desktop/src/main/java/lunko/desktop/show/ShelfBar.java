package lunko.desktop.show;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import lunko.lesson.Edit;
import lunko.query.Side;
import lunko.table.Table;
import org.kordamp.ikonli.Ikon;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The tables of the lesson that are neither the left nor the right one: each can become either. */
final class ShelfBar extends FlowPane {
    private final ShowModel model;

    ShelfBar(ShowModel model) {
        this.model = model;
        getStyleClass().add("shelf");
        model.showing().subscribe((before, now) -> {
            if (before.lesson() != now.lesson()) show(now);
        });
        show(model.showing().get());
    }

    private void show(Showing showing) {
        getChildren().setAll(showing.lesson().shelf().stream().map(this::card).toList());
        setManaged(!getChildren().isEmpty());
    }

    private Node card(Table table) {
        Label name = new Label(table.name());
        name.getStyleClass().add("shelf-name");
        Label about = new Label(table.rows().size() + (table.rows().size() == 1 ? " row" : " rows"));
        about.getStyleClass().add("about");
        HBox card = new HBox(name, about, button(Feather.ARROW_LEFT, "Take " + table.name() + " as the left table", new Edit.TakeFromShelf(Side.LEFT, table.name())),
                button(Feather.ARROW_RIGHT, "Take " + table.name() + " as the right table", new Edit.TakeFromShelf(Side.RIGHT, table.name())),
                button(Feather.X, "Drop " + table.name(), new Edit.DropFromShelf(table.name())));
        card.getStyleClass().addAll("card", "shelf-card");
        card.setAlignment(Pos.CENTER_LEFT);
        return card;
    }

    private Button button(Ikon icon, String what, Edit edit) {
        Button button = new Button();
        button.setGraphic(new FontIcon(icon));
        button.setTooltip(new Tooltip(what));
        button.setAccessibleText(what);
        button.setOnAction(_ -> model.edit(edit));
        return button;
    }
}
