package lunko.desktop.show;

import java.util.List;
import java.util.Random;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import lunko.lesson.Edit;
import lunko.lesson.Recipe;
import lunko.query.Side;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;

/** How rows are to be made, with those that would come of it: nothing is changed before they are taken. */
final class RecipePane extends VBox {
    private static final int MOST_SHOWN = 9;
    private static final int USUAL_ROWS = 8;
    private static final long SEEDS = 10_000;

    private final ShowModel model;
    private final Side side;
    private final Runnable close;
    private final Spinner<Integer> rows = new Spinner<>(1, Recipe.MOST_ROWS, USUAL_ROWS);
    private final Spinner<Integer> withoutKey = new Spinner<>(0, 100, 10, 5);
    private final Spinner<Integer> partnerless = new Spinner<>(0, 100, 20, 5);
    private final CheckBox repeated = new CheckBox("a key may come more than once");
    private final ChoiceBox<Recipe.Labels> labels = new ChoiceBox<>();
    private final Spinner<Integer> seed = new Spinner<>(0, (int) SEEDS, 1);
    private final VBox preview = new VBox();

    RecipePane(ShowModel model, Side side, Runnable close) {
        this.model = model;
        this.side = side;
        this.close = close;
        getStyleClass().addAll("card", "recipe");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        setOnMouseClicked(event -> event.consume());
        repeated.setSelected(true);
        labels.getItems().setAll(Recipe.Labels.values());
        labels.setConverter(new StringConverter<>() {
            @Override
            public String toString(Recipe.Labels one) {
                return one == null ? "" : one.title();
            }

            @Override
            public Recipe.Labels fromString(String title) {
                throw new UnsupportedOperationException("nothing is typed here");
            }
        });
        labels.setValue(Recipe.Labels.WORDS);
        List.of(rows, withoutKey, partnerless, seed).forEach(spinner -> {
            spinner.setEditable(true);
            spinner.setPrefWidth(110);
            spinner.valueProperty().subscribe(this::show);
        });
        repeated.selectedProperty().subscribe(this::show);
        labels.valueProperty().subscribe(this::show);
        rows.setId("recipe-rows");
        Label title = new Label("Make rows of " + table().name());
        title.getStyleClass().add("key-check-title");
        preview.getStyleClass().add("recipe-preview");
        HBox middle = new HBox(form(), preview);
        middle.getStyleClass().add("recipe-middle");
        getChildren().addAll(title, middle, buttons());
        show();
    }

    private Table table() {
        return model.showing().get().lesson().table(side);
    }

    private Node form() {
        GridPane form = new GridPane();
        form.getStyleClass().add("recipe-form");
        Button again = new Button("Draw again");
        again.setOnAction(_ -> seed.getValueFactory().setValue(new Random().nextInt((int) SEEDS)));
        line(form, 0, "rows", rows);
        line(form, 1, "% with no key (NULL)", withoutKey);
        line(form, 2, "% without a partner", partnerless);
        form.add(repeated, 0, 3, 2, 1);
        line(form, 4, "texts", labels);
        line(form, 5, "seed: the same rows again", seed);
        form.add(again, 1, 6);
        return form;
    }

    private static void line(GridPane form, int row, String what, Node field) {
        Label label = new Label(what);
        label.setLabelFor(field);
        form.add(label, 0, row);
        form.add(field, 1, row);
    }

    private Node buttons() {
        Button take = new Button("Take these rows");
        take.setDefaultButton(true);
        take.setOnAction(_ -> {
            close.run();
            model.edit(new Edit.MakeRows(side, recipe()));
        });
        Button leave = new Button("Leave it");
        leave.setCancelButton(true);
        leave.setOnAction(_ -> close.run());
        HBox buttons = new HBox(leave, take);
        buttons.getStyleClass().add("recipe-buttons");
        buttons.setAlignment(Pos.CENTER_RIGHT);
        return buttons;
    }

    private Recipe recipe() {
        return new Recipe(rows.getValue(), withoutKey.getValue(), partnerless.getValue(), repeated.isSelected(), labels.getValue(), seed.getValue());
    }

    private void show() {
        if (labels.getValue() == null) return;
        Table made = recipe().make(model.showing().get().lesson(), side);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("recipe-grid");
        for (int column = 0; column < made.columns().size(); column++) {
            Column shown = made.columns().get(column);
            Label head = new Label(shown.name());
            head.getStyleClass().add("recipe-head");
            grid.add(head, column, 0);
            for (int row = 0; row < Math.min(MOST_SHOWN, made.rows().size()); row++) grid.add(cell(made.rows().get(row), column), column, row + 1);
        }
        int more = made.rows().size() - MOST_SHOWN;
        Label rest = new Label(more > 0 ? "and " + more + " more" : "");
        rest.getStyleClass().add("about");
        preview.getChildren().setAll(grid, rest);
    }

    private static Node cell(Row row, int column) {
        Value value = row.value(column);
        Label label = new Label(value.shown());
        label.getStyleClass().add("recipe-cell");
        if (value.isNull()) label.getStyleClass().add("recipe-null");
        return label;
    }
}
