package lunko.desktop.screen;

import static lunko.desktop.words.Spoken.words;

import javafx.beans.value.ObservableBooleanValue;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import lunko.desktop.action.Action;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.look.MarkdownFlow;
import org.kordamp.ikonli.feather.Feather;

/** The note of the scene under the page, to be read while one tries what it says, and the way to the next scene. */
final class NoteBar extends HBox {
    /** What is longer is scrolled. */
    private static final double HIGHEST = 140;

    private final LessonModel model;
    private final ObservableBooleanValue presenting;
    private final MarkdownFlow note = new MarkdownFlow();

    NoteBar(LessonModel model, ScreenActions actions, ObservableBooleanValue presenting) {
        this.model = model;
        this.presenting = presenting;
        getStyleClass().addAll("card", "note-bar");
        setId("note-bar");
        setAlignment(Pos.CENTER_LEFT);
        ScrollPane scroll = scroll();
        HBox.setHgrow(scroll, Priority.ALWAYS);
        Action next = actions.show().steps().nextScene();
        Button on = next.button(Feather.CHEVRON_RIGHT);
        on.setMinWidth(USE_PREF_SIZE);
        Button close = actions.notes().iconButton(Feather.X);
        close.getStyleClass().add("close");
        getChildren().addAll(scroll, actions.show().steps().sceneBefore().iconButton(Feather.CHEVRON_LEFT), on, close);
        model.lesson().subscribe(this::show);
        model.notesShown().subscribe(this::show);
        presenting.subscribe(this::show);
        show();
    }

    /** As high as the lines of the note at its width. */
    private ScrollPane scroll() {
        ScrollPane scroll = new ScrollPane(note) {
            @Override
            public Orientation getContentBias() {
                return Orientation.HORIZONTAL;
            }

            @Override
            protected double computePrefHeight(double width) {
                return Math.min(HIGHEST, note.prefHeight(width) + snappedTopInset() + snappedBottomInset());
            }

            @Override
            protected double computeMinHeight(double width) {
                return computePrefHeight(width);
            }
        };
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        return scroll;
    }

    private void show() {
        String told = model.lesson().get().scene().telling().note();
        setVisible(model.notesShown().get() && !presenting.get() && !told.isBlank());
        setManaged(isVisible());
        if (!isVisible()) return;
        note.show(told);
        setAccessibleText(words().window().speakerNotes());
    }
}
