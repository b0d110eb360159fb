package lunko.desktop.scenes;

import static lunko.desktop.words.Spoken.words;

import java.util.stream.Stream;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.lesson.ScenesEdit;
import lunko.lesson.Telling;
import lunko.lesson.mistake.Mistake;
import lunko.problem.Problem;
import lunko.words.MistakeSentences;

/** The mistakes to choose from: each becomes two scenes, what goes wrong and the same mended. */
public final class MistakePane extends VBox {
    private static final double WIDTH = 620;
    private static final double HEIGHT = 460;

    private static final double TEXT = 580;

    private final Label lacking = new Label();

    /** Lines of a fixed width: a button would give its graphic no width to be measured by. */
    private static final class Lines extends VBox {
        Lines(Node... lines) {
            super(lines);
        }

        @Override
        public Orientation getContentBias() {
            return null;
        }

        @Override
        protected double computePrefWidth(double height) {
            return TEXT;
        }

        @Override
        protected double computeMinHeight(double width) {
            return super.computePrefHeight(TEXT);
        }

        @Override
        protected double computePrefHeight(double width) {
            return super.computePrefHeight(TEXT);
        }
    }

    /** The pane for a lesson. */
    public MistakePane(LessonModel model, Runnable close) {
        getStyleClass().addAll("card", "recipe");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Label title = new Label(words().scenes().mistakes());
        title.getStyleClass().add("key-check-title");
        Label about = new Label(words().scenes().mistakesAbout());
        about.getStyleClass().add("about");
        VBox all = new VBox();
        all.getStyleClass().add("mistakes");
        Stream.of(Mistake.values()).forEach(mistake -> all.getChildren()
                .add(button(mistake.told(words().mistakes()), () -> show(mistake, model, close))));
        ScrollPane scroll = new ScrollPane(all);
        scroll.setFitToWidth(true);
        scroll.setPrefSize(WIDTH, HEIGHT);
        lacking.getStyleClass().add("query-problem");
        lacking.setWrapText(true);
        lacking.setMaxWidth(WIDTH);
        lacking.setVisible(false);
        lacking.setManaged(false);
        Button leave = Controls.button(words().window().cancel());
        leave.setCancelButton(true);
        leave.setOnAction(_ -> close.run());
        HBox buttons = new HBox(leave);
        buttons.getStyleClass().add("recipe-buttons");
        buttons.setAlignment(Pos.CENTER_RIGHT);
        getChildren().addAll(title, about, scroll, lacking, buttons);
    }

    private static Button button(MistakeSentences.Told told, Runnable chosen) {
        Label title = new Label(told.title());
        title.getStyleClass().add("mistake-title");
        Label about = new Label(Telling.unmarked(told.about()));
        about.getStyleClass().add("about");
        about.setWrapText(true);
        Button button = Controls.button("", new Lines(title, about));
        button.getStyleClass().add("mistake");
        button.setAccessibleText(told.title());
        button.setMaxWidth(Double.MAX_VALUE);
        button.setOnAction(_ -> chosen.run());
        return button;
    }

    private void show(Mistake mistake, LessonModel model, Runnable close) {
        mistake.in(model.lesson().get(), words().mistakes()).handle(scenes -> {
            close.run();
            String title = mistake.told(words().mistakes()).title();
            if (model.edit(new ScenesEdit.Show(title, scenes))) model.mode().set(Mode.SHOW);
        }, this::say);
    }

    /** What the tables lack is said where it has been asked for. */
    private void say(Problem problem) {
        lacking.setText(words().problems().of(problem.fault()).text());
        lacking.setVisible(true);
        lacking.setManaged(true);
    }
}
