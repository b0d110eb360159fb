package lunko.desktop.show.result;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TableColumn;
import javafx.scene.input.MouseButton;
import lunko.desktop.action.Controls;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.table.ColumnInQuery;
import lunko.engine.ResultColumn;
import lunko.insight.listing.Arrangement;
import lunko.insight.listing.ResultListing;

/**
 * What can be done at the heading of a result's column: a click sorts by it, a menu hides and moves it, all only to be
 * looked at; and what the query does with it.
 */
final class ArrangedHeading {
    private final ShowModel model;
    private final ResultListing of;
    private final ResultColumn column;

    private ArrangedHeading(ShowModel model, ResultListing of, ResultColumn column) {
        this.model = model;
        this.of = of;
        this.column = column;
    }

    /** The sign that stands behind the name of a column that the rows are sorted by. */
    static String sign(Arrangement arrangement, ResultColumn column) {
        return arrangement.sorting().filter(sorting -> sorting.by().equals(column))
                .map(sorting -> sorting.descending() ? " ▼" : " ▲").orElse("");
    }

    /** Lets that be done at a column's heading; {@code by} is what viewing it as it is given is called. */
    static <T, C> TableColumn<T, C> on(TableColumn<T, C> shown, ShowModel model, ResultListing of, ResultColumn column,
            String by) {
        ArrangedHeading arranged = new ArrangedHeading(model, of, column);
        Node heading = shown.getGraphic();
        heading.setOnMouseClicked(event -> {
            if (event.getButton() == MouseButton.PRIMARY) arranged.arrange(now -> now.sortingBy(column));
        });
        heading.setOnContextMenuRequested(event -> {
            arranged.menu(by).show(heading.getScene().getRoot(), event.getScreenX(), event.getScreenY());
            event.consume();
        });
        return shown;
    }

    private ContextMenu menu(String by) {
        ContextMenu menu =
                new ContextMenu(item(words().resultGrid().sortView(of.name(column)), now -> now.sortingBy(column)),
                        item(words().resultGrid().hide(of.name(column)), now -> now.hiding(column)),
                        item(words().tables().moveLeft(), now -> now.moving(of, column, true)),
                        item(words().tables().moveRight(), now -> now.moving(of, column, false)),
                        item(by, _ -> Arrangement.PLAIN));
        List<MenuItem> inQuery =
                of.source(column).map(heading -> ColumnInQuery.items(model, heading)).orElse(List.of());
        if (!inQuery.isEmpty()) menu.getItems().add(new SeparatorMenuItem());
        menu.getItems().addAll(inQuery);
        return menu;
    }

    private MenuItem item(String does, UnaryOperator<Arrangement> change) {
        MenuItem item = Controls.item(does);
        item.setOnAction(_ -> arrange(change));
        return item;
    }

    private void arrange(UnaryOperator<Arrangement> change) {
        model.arrangement().set(change.apply(model.arrangement().get()));
    }
}
