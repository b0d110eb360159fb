package lunko.desktop.bench;

import static lunko.desktop.words.Spoken.words;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Choice;
import lunko.desktop.action.Controls;
import lunko.desktop.action.DayBox;
import lunko.desktop.action.Form;
import lunko.desktop.action.NumberBox;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.words.GenerateWords;
import lunko.lesson.Lesson;
import lunko.lesson.Recipe.Amounts;
import lunko.lesson.Recipe.Days;
import lunko.lesson.Recipe.Keys;
import lunko.lesson.Recipe.Labels;
import lunko.lesson.Recipe;
import lunko.lesson.SceneEdit;
import lunko.table.Table;

/** How rows are to be made, with those that would come of it: nothing is changed before they are taken. */
final class RecipePane extends VBox {
    private static final int MOST_SHOWN = 11;
    private static final int USUAL_ROWS = 8;
    private static final int SEEDS = 10_000;
    private static final int FAR = 1_000_000;

    /** Where keys come from, to choose from. */
    private enum From {
        OTHER(GenerateWords::keysOfOther), RANGE(GenerateWords::keysOfRange);

        private final Function<GenerateWords, String> title;

        From(Function<GenerateWords, String> title) {
            this.title = title;
        }
    }

    private static String said(Labels labels) {
        return switch (labels) {
            case NUMBERED -> words().generating().numberedTexts();
            case WORDS -> words().generating().wordTexts();
        };
    }

    private final LessonModel model;
    private final Choice<String> table;
    private final Runnable close;
    private final Button take = Controls.button(words().generating().useRows());
    private final NumberBox<Integer> rows = NumberBox.whole(1, Recipe.MOST_ROWS, USUAL_ROWS);
    private final Choice<From> from =
            new Choice<>(List.of(From.values()), one -> one.title.apply(words().generating()));
    private final NumberBox<Integer> firstKey = NumberBox.whole(-FAR, FAR, 1);
    private final NumberBox<Integer> lastKey = NumberBox.whole(-FAR, FAR, 20);
    private final NumberBox<Integer> withoutKey = NumberBox.whole(0, 100, 10, 5);
    private final NumberBox<Integer> unmatched = NumberBox.whole(0, 100, 20, 5);
    private final CheckBox repeated = Controls.checkBox(words().generating().keysMayRepeat());
    private final Choice<Labels> labels = new Choice<>(List.of(Labels.values()), RecipePane::said);
    private final NumberBox<Integer> least = NumberBox.whole(0, FAR, 1);
    private final NumberBox<Integer> most = NumberBox.whole(0, FAR, 10);
    private final DayBox firstDay = new DayBox(LocalDate.of(2026, 5, 1));
    private final DayBox lastDay = new DayBox(LocalDate.of(2026, 8, 31));
    private final NumberBox<Integer> seed = NumberBox.whole(0, SEEDS, 1);
    private final VBox preview = new VBox();

    RecipePane(LessonModel model, String table, Runnable close) {
        this.model = model;
        this.table = new Choice<>(model.lesson().get().tables().stream().map(Table::name).toList(), name -> name);
        this.table.setValue(table);
        this.table.setId("recipe-table");
        this.close = close;
        getStyleClass().addAll("card", "recipe");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        repeated.setSelected(true);
        List.of(rows, firstKey, lastKey, withoutKey, unmatched, least, most, seed)
                .forEach(number -> number.valueProperty().subscribe(this::show));
        List.of(firstDay, lastDay).forEach(day -> day.valueProperty().subscribe(this::show));
        repeated.selectedProperty().subscribe(this::show);
        labels.valueProperty().subscribe(this::show);
        from.valueProperty().subscribe(this::show);
        labels.setValue(Labels.WORDS);
        from.setValue(From.OTHER);
        rows.setId("recipe-rows");
        from.setId("recipe-keys");
        this.table.valueProperty().subscribe(this::show);
        Label title = new Label(words().generating().generateTitle());
        title.getStyleClass().add("key-check-title");
        preview.getStyleClass().add("recipe-preview");
        HBox middle = new HBox(form(), preview);
        middle.getStyleClass().add("recipe-middle");
        getChildren().addAll(title, middle, buttons());
        show();
    }

    private Node form() {
        Form form = new Form();
        Button again = Controls.button(words().generating().generateAgain());
        again.setOnAction(_ -> seed.getValueFactory().setValue(new Random().nextInt(SEEDS)));
        form.ask(words().generating().forTable(), table);
        form.ask(words().generating().rows(), rows);
        form.ask(words().generating().keysFrom(), from);
        form.askRange(words().generating().range(), firstKey, lastKey);
        form.ask(words().generating().nullPercent(), withoutKey);
        form.ask(words().generating().unmatchedPercent(), unmatched);
        form.ask("", repeated);
        form.ask(words().generating().texts(), labels);
        form.askRange(words().generating().amounts(), least, most);
        form.askRange(words().generating().dates(), firstDay, lastDay);
        form.ask(words().generating().seed(), new HBox(8, seed, again));
        take.disableProperty().bind(form.waits());
        return form;
    }

    private Node buttons() {
        take.setOnAction(_ -> {
            close.run();
            model.edit(new SceneEdit.MakeRows(table.getValue(), recipe()));
        });
        return Form.answers(take, close);
    }

    private Recipe recipe() {
        Keys keys = from.getValue() == From.RANGE ? new Keys.Range(firstKey.getValue(), lastKey.getValue())
                : new Keys.OfOther(unmatched.getValue());
        return new Recipe(rows.getValue(), withoutKey.getValue(), keys, repeated.isSelected(), labels.getValue(),
                new Amounts(least.getValue(), most.getValue()), new Days(firstDay.getValue(), lastDay.getValue()),
                seed.getValue());
    }

    private void show() {
        if (labels.getValue() == null || from.getValue() == null) return;
        boolean range = from.getValue() == From.RANGE;
        List.of(firstKey, lastKey).forEach(spinner -> spinner.setDisable(!range));
        unmatched.setDisable(range);
        Lesson lesson = model.lesson().get();
        int there = lesson.table(table.getValue()).rows().size();
        take.setText(there == 0 ? words().generating().useRows() : words().generating().replaceRows(there));
        preview.getChildren().setAll(new RowPreview(recipe().make(lesson, table.getValue()), MOST_SHOWN));
    }
}
