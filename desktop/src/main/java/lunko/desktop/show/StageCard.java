package lunko.desktop.show;

import java.util.List;
import java.util.Optional;
import javafx.beans.Observable;
import javafx.css.PseudoClass;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.grid.DragBoard;
import lunko.desktop.grid.TableGrid;
import lunko.desktop.grid.TableName;
import lunko.desktop.lesson.FileDrop;
import lunko.insight.Lineage.Pointed;
import lunko.lesson.Lesson;
import lunko.phrase.Words;
import lunko.query.Side;
import lunko.table.Table;
import org.kordamp.ikonli.feather.Feather;

/** A source table on the stage, which shows what the steps do to its rows, and can be edited meanwhile. */
final class StageCard extends VBox {
    private static final PseudoClass STEPPING = PseudoClass.getPseudoClass("stepping");

    private final ShowModel model;
    private final Side side;
    private final ColumnWidths widths;
    private final TableName name;
    private final Label about = new Label();
    private final TableGrid grid;

    StageCard(ShowModel model, Side side, ColumnWidths widths, DragBoard drags, CardActions actions) {
        this.model = model;
        this.side = side;
        this.widths = widths;
        setId(side.title() + "-table");
        getStyleClass().addAll("card", "table-card", side.title());
        grid = TableGrid.forShowing(model.lesson(), this::table, widths, drags, side == Side.LEFT);
        grid.setAccessibleText(side.title() + " table");
        grid.setContextMenu(actions.tables().menu());
        grid.setRowFactory(_ -> new StageRow(model, side));
        actions.hand().watch(grid);
        grid.onCursor(row -> model.choose(row.isPresent() ? Optional.of(new Pointed.Source(side, row.getAsInt())) : Optional.empty()));
        VBox.setVgrow(grid, Priority.ALWAYS);
        name = new TableName(model.lesson(), this::table, grid::requestFocus);
        name.setAccessibleText("name of the " + side.title() + " table");
        getChildren().addAll(head(List.of(actions.addRow(side, () -> actions.tables().addRow(grid)).iconButton(Feather.PLUS),
                actions.files().open(side).iconButton(Feather.FOLDER))), grid);
        FileDrop.on(this, file -> actions.open(file, Optional.of(table())));
        show(model.showing().get());
        model.showing().subscribe((before, now) -> {
            if (before.lesson() != now.lesson()) show(now);
            follow(now, Motion.between(before, now));
        });
    }

    TableGrid grid() {
        return grid;
    }

    private String table() {
        return model.lesson().lesson().get().scene().on(side);
    }

    private HBox head(List<Button> buttons) {
        about.getStyleClass().add("about");
        about.setMinWidth(0);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(name, about, gap);
        head.getChildren().addAll(buttons);
        head.getStyleClass().add("card-head");
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private void show(Showing showing) {
        Lesson lesson = showing.lesson();
        Table table = lesson.table(side);
        name.show();
        about.setText(lesson.query().on(side).alias() + " · " + side.title() + " · " + Words.rows(table.rows().size()));
        List<Integer> keys = !lesson.kind().compares() ? List.of()
                : lesson.on().stream().flatMapToInt(pair -> table.column(pair.on(side)).stream()).boxed().toList();
        grid.show(table, keys, table.columns().stream().map(column -> lesson.query().qualified(side, column.name())).toList());
    }

    private void follow(Showing now, Motion motion) {
        pseudoClassStateChanged(STEPPING, now.frame().filter(frame -> frame.now(side).isPresent()).isPresent());
        now.frame().ifPresent(frame -> frame.now(side).ifPresent(row ->
                grid.reveal(row, motion == Motion.JUMP ? Duration.ZERO : Speed.DOUBLE.motion())));
    }

    /** Does something whenever the rows may have moved on the screen. */
    void onMoved(Runnable then) {
        grid.onScroll(Orientation.VERTICAL, then);
        grid.heightProperty().subscribe((_, _) -> then.run());
        grid.getItems().addListener((Observable _) -> then.run());
    }
}
