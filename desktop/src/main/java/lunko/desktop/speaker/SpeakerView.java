package lunko.desktop.speaker;

import static lunko.desktop.words.Spoken.words;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Action;
import lunko.desktop.action.Controls;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.look.MarkdownFlow;
import lunko.desktop.show.model.ShowModel;
import lunko.lesson.Scenes;
import lunko.lesson.ScenesEdit;
import lunko.show.Asking;
import lunko.show.Showing;
import org.kordamp.ikonli.feather.Feather;

/** What a speaker looks at: the note of the scene, what comes next, the steps that are left, and the time. */
final class SpeakerView extends VBox {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofLocalizedTime(FormatStyle.SHORT);

    private final LessonModel lesson;
    private final ShowModel model;
    private final InstantSource clock;
    private final Label place = new Label();
    private final Label title = new Label();
    private final MarkdownFlow note = new MarkdownFlow();
    private final Label asked = new Label();
    private final Label next = new Label();
    private final Label steps = new Label();
    private final Label time = new Label();
    private final Label since = new Label();
    private final ToggleButton rehearse = Controls.toggle("");
    private final Timeline ticking = new Timeline(new KeyFrame(javafx.util.Duration.seconds(1), _ -> tick()));
    private Instant start;
    private boolean seen;
    private Optional<Rehearsal> rehearsal = Optional.empty();

    /**
     * The view of what is shown.
     *
     * @param back goes to the scene before
     * @param on goes to the next
     * @param clock what the time is
     */
    SpeakerView(ShowModel model, Action back, Action on, InstantSource clock) {
        this.model = model;
        this.lesson = model.lesson();
        this.clock = clock;
        this.start = clock.instant();
        getStyleClass().addAll("speaker");
        place.getStyleClass().add("speaker-place");
        title.getStyleClass().add("speaker-title");
        title.setWrapText(true);
        next.getStyleClass().add("speaker-next");
        asked.getStyleClass().add("speaker-asked");
        asked.setWrapText(true);
        steps.getStyleClass().add("speaker-steps");
        time.getStyleClass().add("speaker-time");
        since.getStyleClass().add("speaker-since");
        ScrollPane scroll = new ScrollPane(note);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().addAll("card", "speaker-note");
        scroll.setFocusTraversable(false);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        Button again = Controls.button(words().speaker().startAgain());
        again.setOnAction(_ -> {
            start = clock.instant();
            tick();
        });
        rehearse.setId("rehearse");
        rehearse.setOnAction(_ -> toggleRehearsal());
        HBox top = row(back.iconButton(Feather.CHEVRON_LEFT), place, on.iconButton(Feather.CHEVRON_RIGHT), gap(), time);
        HBox bottom = row(steps, gap(), since, again, rehearse);
        getChildren().addAll(top, title, scroll, asked, next, bottom);
        lesson.lesson().subscribe(_ -> {
            rehearsal.ifPresent(going -> going.goTo(lesson.lesson().get().scenes().at()));
            whileSeen(this::show);
        });
        model.showing().subscribe(_ -> whileSeen(this::left));
        model.asking().subscribe(_ -> whileSeen(this::left));
        ticking.setCycleCount(Animation.INDEFINITE);
    }

    private void whileSeen(Runnable show) {
        if (seen) show.run();
    }

    private static HBox row(Node... parts) {
        HBox row = new HBox(parts);
        row.getStyleClass().add("speaker-row");
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private static Region gap() {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        return gap;
    }

    /** Lets the clock go and follows what is shown, or stands still while nobody sees it. */
    void goOn(boolean nowSeen) {
        seen = nowSeen;
        if (seen) ticking.play();
        else ticking.stop();
        whileSeen(this::show);
        whileSeen(this::left);
        whileSeen(this::tick);
    }

    private void show() {
        Scenes scenes = lesson.lesson().get().scenes();
        place.setText(words().scenes().place(scenes.at() + 1, scenes.size()));
        title.setText(words().scenes().called(scenes.at() + 1, scenes.shown().telling().title()));
        String told = scenes.shown().telling().note();
        note.show(told.isBlank() ? words().speaker().noNote() : told);
        next.setText(scenes.isAtLast() ? words().speaker().last() : words().speaker().next(words().scenes()
                .called(scenes.at() + 2, scenes.all().get(scenes.at() + 1).telling().title())));
        rehearse.setText(rehearsal.isPresent() ? words().speaker().stopRehearsing() : words().speaker().rehearse());
    }

    private void left() {
        Showing now = model.showing().get();
        steps.setText(words().speaker().stepsLeft(now.last() - now.number()));
        Optional<Asking> asking = model.asking().get();
        asked.setVisible(asking.isPresent());
        asked.setManaged(asking.isPresent());
        asked.setText(asking.map(open -> words().speaker().asks(open.said(now, words()),
                open.answered(now, words()).orElse(words().asking().cannotAsk())))
                .orElse(""));
    }

    private void tick() {
        time.setText(LocalTime.ofInstant(clock.instant(), ZoneId.systemDefault()).format(CLOCK));
        Duration gone = Duration.between(start, clock.instant());
        since.setText(words().speaker().since(gone.toMinutes(), gone.toSecondsPart()));
    }

    /** How long each scene takes is kept with it when the rehearsal ends. */
    private void toggleRehearsal() {
        if (rehearsal.isEmpty()) {
            start = clock.instant();
            rehearsal = Optional.of(new Rehearsal(clock, lesson.lesson().get().scenes().at()));
        } else {
            Rehearsal done = rehearsal.get();
            rehearsal = Optional.empty();
            lesson.edit(new ScenesEdit.Rehearse(done.seconds()));
        }
        rehearse.setSelected(rehearsal.isPresent());
        show();
        tick();
    }
}
