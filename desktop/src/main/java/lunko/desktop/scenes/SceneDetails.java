package lunko.desktop.scenes;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Chips;
import lunko.desktop.action.Choice;
import lunko.desktop.action.Renewed;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.insight.picture.Picture;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.lesson.SceneEdit;
import lunko.lesson.SceneStart;
import lunko.steps.JoinAlgorithm;

/** What is told with the scene that is selected, how it opens, and how its tables differ from the lesson's. */
final class SceneDetails extends VBox {
    private static final int SECONDS = 60;

    private final ScenesModel scenes;
    private final LessonModel lesson;
    private final Runnable leave;
    private final Label head = new Label();
    private final Label total = new Label();
    private final TextField title = new TextField();
    private final TextArea note = new TextArea();
    private final TextArea handed = new TextArea();
    private final Chips opens = new Chips();
    private final Choice<JoinAlgorithm> way =
            new Choice<>(List.of(JoinAlgorithm.values()), each -> each.title(words()));
    private final Choice<Picture> picture =
            new Choice<>(List.of(Picture.values()), each -> words().pictures().title(each));
    private final OwnTablesBox own;
    private final QuestionBox question;
    private boolean following;

    /** The details of the scene that a model's lesson shows; {@code leave} takes the keyboard when a field is left. */
    SceneDetails(ScenesModel scenes, Runnable leave) {
        this.scenes = scenes;
        this.lesson = scenes.lesson();
        this.leave = leave;
        this.own = new OwnTablesBox(lesson);
        this.question = new QuestionBox(lesson);
        getStyleClass().add("scene-details");
        head.getStyleClass().add("key-check-title");
        title.setId("scene-title");
        note.setId("scene-note");
        note.setPromptText(words().scenes().notePrompt());
        handed.setId("scene-handed");
        handed.setPromptText(words().scenes().handedPrompt());
        for (TextArea area : List.of(note, handed)) {
            area.setWrapText(true);
            area.getStyleClass().add("scene-note-text");
        }
        way.setAccessibleText(words().scenes().way());
        picture.setAccessibleText(words().scenes().picture());
        Chips looks = new Chips(way, picture);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        total.getStyleClass().add("about");
        HBox top = new HBox(head, gap, total);
        top.setAlignment(Pos.BASELINE_LEFT);
        getChildren().addAll(top, named(words().scenes().title(), title), title,
                named(words().scenes().note(), note), note,
                named(words().asking().askTheClass(), question), question, named(words().scenes().opens(), opens),
                opens, looks,
                named(words().scenes().tables(), own), own, named(words().scenes().handed(), handed), handed);
        keptWhenLeft(title, () -> new SceneEdit.Entitle(title.getText()));
        keptWhenLeft(note, () -> new SceneEdit.Note(note.getText().strip()));
        keptWhenLeft(handed, () -> new SceneEdit.HandNote(handed.getText().strip()));
        title.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() != KeyCode.ENTER) return;
            event.consume();
            leave.run();
        });
        way.valueProperty().subscribe((_, chosen) -> open(start -> start.by(chosen)));
        picture.valueProperty().subscribe((_, chosen) -> open(start -> start.with(chosen)));
        lesson.lesson().subscribe(_ -> follow());
        lesson.mode().subscribe(_ -> follow());
        scenes.asking().subscribe(_ -> follow());
        scenes.otherMeaning().subscribe(question::means);
    }

    /** While nobody sees it, there is nothing to be found out. */
    private void follow() {
        if (lesson.mode().get() == Mode.SCENES) show(lesson.lesson().get());
    }

    private static Label named(String what, Node field) {
        Label label = new Label(what);
        label.getStyleClass().add("small-title");
        label.setLabelFor(field);
        return label;
    }

    /** What is typed becomes a change of the scene when somebody goes elsewhere; Escape takes it back. */
    private void keptWhenLeft(TextInputControl field, Supplier<SceneEdit> edit) {
        field.focusedProperty().subscribe((before, now) -> {
            if (before && !now) lesson.edit(edit.get());
        });
        field.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() != KeyCode.ESCAPE) return;
            event.consume();
            show(lesson.lesson().get());
            leave.run();
        });
    }

    /** What stands there already stays, and the cursor in it. */
    private static void put(TextInputControl field, String text) {
        if (!field.getText().equals(text)) field.setText(text);
    }

    private void open(UnaryOperator<SceneStart> change) {
        if (!following) lesson.edit(new SceneEdit.OpenLike(change.apply(lesson.lesson().get().scene().start())));
    }

    /** Gives the field for the title the keyboard. */
    void retitle() {
        title.requestFocus();
        title.selectAll();
    }

    private List<ToggleButton> openings(Scene scene) {
        List<ToggleButton> openings =
                new ArrayList<>(List.of(opening(words().scenes().atStart(), OptionalLong.of(0), scene)));
        OptionalLong step = scene.start().step();
        if (step.isPresent() && step.getAsLong() > 0)
            openings.add(opening(words().scenes().atStep(step.getAsLong()), step, scene));
        openings.add(opening(words().scenes().atEnd(), OptionalLong.empty(), scene));
        return openings;
    }

    private void show(Lesson now) {
        following = true;
        Scene scene = now.scene();
        head.setText(words().scenes().called(now.scenes().at() + 1, ""));
        total.setText(words().scenes().total(now.scenes().size(), Math.ceilDiv(now.scenes().seconds(), SECONDS)));
        title.setPromptText(words().scenes().called(now.scenes().at() + 1, ""));
        put(title, scene.telling().title());
        put(note, scene.telling().note());
        put(handed, scene.telling().handed());
        way.setValue(scene.start().way());
        picture.setValue(scene.start().picture());
        Renewed.put(opens, openings(scene), opens);
        own.show(now);
        question.show(now, scenes.asking().get().filter(shown -> shown.lesson() == now));
        following = false;
    }

    private ToggleButton opening(String text, OptionalLong step, Scene scene) {
        return Chips.choice(text, scene.start().step().equals(step), () -> open(start -> start.at(step)));
    }
}
