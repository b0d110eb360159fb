package lunko.desktop.screen;

import static lunko.desktop.words.Spoken.words;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.DoubleBinding;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import lunko.desktop.action.Action;
import lunko.desktop.action.Controls;
import lunko.desktop.action.EnterAnswers;
import lunko.desktop.action.Keyboard;
import lunko.desktop.bench.BenchModel;
import lunko.desktop.bench.BenchPage;
import lunko.desktop.bench.IntakePane;
import lunko.desktop.lesson.FileDrop;
import lunko.desktop.lesson.LessonFiles;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.desktop.look.Appearance;
import lunko.desktop.look.Look;
import lunko.desktop.look.Theme;
import lunko.desktop.query.QueryPane;
import lunko.desktop.scenes.SceneBar;
import lunko.desktop.scenes.ScenesPage;
import lunko.desktop.show.ShowPage;
import lunko.desktop.show.model.Motions;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.speaker.SpeakerWindow;
import lunko.desktop.work.Work;
import lunko.lesson.course.Course;
import org.kordamp.ikonli.feather.Feather;

/** The screen: the bar on top, and the page of the mode that is chosen. */
public final class ScreenView extends StackPane {
    private static final double SIDE_SHARE = 0.262;
    private static final double LEAST_SIDE = 334;
    /** The bench needs so much more on its right than the show. */
    private static final double BENCH_SIDE = 18;
    /** What is told with a scene needs so much more than the pictures. */
    private static final double SCENES_SIDE = 70;
    private static final double USUAL_WIDTH = 1280;
    private static final double USUAL_HEIGHT = 800;
    private static final double PRESENTED_WIDTH = 1000;
    private static final double PRESENTED_HEIGHT = 625;

    private final LessonModel lesson;
    private final ScreenActions actions;
    private final ShowPage show;
    private final QueryPane query;
    private final Appearance appearance;
    private final ZoomFrame frame = new ZoomFrame(this);
    private final BooleanProperty presenting = new SimpleBooleanProperty(false);
    private final StackPane shade = new StackPane();
    private final LessonTitle title;
    private final SpeakerWindow speaker;
    private Optional<ScenesPage> scenes = Optional.empty();

    /**
     * The screen for a model.
     *
     * @param motionTime how long one frame takes to move over into the next; zero shows frames at rest only
     */
    ScreenView(ShowModel model, ScreenActions actions, Work work, Appearance appearance,
            ObservableValue<Duration> motionTime) {
        this.lesson = model.lesson();
        this.title = new LessonTitle(lesson, this::takeFocus);
        this.actions = actions;
        this.speaker = new SpeakerWindow(model, actions.show().steps().sceneBefore(),
                actions.show().steps().nextScene(), appearance, () -> getScene().getWindow());
        getStyleClass().add("show");
        this.appearance = appearance;
        // Its colors are its own, the stylesheet is that of the frame around it.
        appearance.dress(this);
        shade.getStyleClass().add("shade");
        shade.setVisible(false);
        shade.setOnMouseClicked(event -> {
            if (event.getTarget() == shade) answered();
        });
        shade.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            // The key that opens the list of keys closes it too.
            boolean ofList = actions.keyList().keys().stream().anyMatch(key -> key.match(event));
            if (event.getCode() != KeyCode.ESCAPE && !ofList) return;
            event.consume();
            answered();
        });
        shade.addEventFilter(KeyEvent.KEY_PRESSED, new EnterAnswers(shade));
        actions.attach(this);
        DoubleBinding side =
                Bindings.createDoubleBinding(() -> Math.max(LEAST_SIDE, getWidth() * SIDE_SHARE), widthProperty());
        query = new QueryPane(model, actions.query(), this::takeFocus);
        // Wherever the keyboard is, but in a text, which has Escape for itself.
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE && lesson.mode().get() == Mode.SHOW && query.close()) event.consume();
        });
        show = new ShowPage(model, query, query.sheet(), actions.show(),
                new Motions(motionTime, appearance.still()));
        show.sideWidth().bind(side);
        show.visibleProperty().bind(lesson.mode().isEqualTo(Mode.SHOW));
        StackPane pages = new StackPane(show);
        later(pages, Mode.TABLES, () -> new BenchPage(new BenchModel(lesson), actions.bench(), actions.files(),
                side.add(BENCH_SIDE)));
        later(pages, Mode.SCENES, () -> {
            ScenesPage page = new ScenesPage(actions.outline(), actions.scenes(),
                    actions.handouts().handOut(), () -> presenting.set(true),
                    side.add(SCENES_SIDE));
            scenes = Optional.of(page);
            return page;
        });
        // What is let go on no table is one more.
        FileDrop.on(pages, files -> actions.show().cards().sources().dropped(files, Optional.empty()));
        VBox.setVgrow(pages, Priority.ALWAYS);
        Region top = top(actions.lessons());
        top.managedProperty().bind(presenting.not());
        top.visibleProperty().bind(presenting.not());
        VBox page = new VBox(top, pages, new NoteBar(lesson, actions, presenting), new NoticeBar(lesson, work));
        page.getStyleClass().add("page");
        getChildren().addAll(page, shade);
        lesson.mode().subscribe((_, _) -> takeFocus());
        presenting.subscribe(now -> {
            if (now) lesson.mode().set(Mode.SHOW);
            show.present(now);
            if (now) requestFocus();
            else takeFocus();
            frame.usual(now ? PRESENTED_WIDTH : USUAL_WIDTH, now ? PRESENTED_HEIGHT : USUAL_HEIGHT);
        });
        actions.show().cards().sources().lookAtThemAt((intake,
                inPlaceOf) -> ask(close -> new IntakePane(actions.show().cards().sources(), intake, inPlaceOf, close)));
    }

    /** A page that is made when somebody goes there first: until then nobody sees it. */
    private void later(StackPane pages, Mode mode, Supplier<Region> made) {
        String id = "page-" + mode.name().toLowerCase(Locale.ROOT);
        lesson.mode().subscribe(now -> {
            if (now != mode || pages.getChildren().stream().anyMatch(page -> id.equals(page.getId()))) return;
            Region page = made.get();
            page.setId(id);
            page.visibleProperty().bind(lesson.mode().isEqualTo(mode));
            pages.getChildren().add(page);
            // What scrolls is in the window only when it is styled, and takes the keyboard only there.
            page.applyCss();
        });
    }

    /** Opens the speaker's window, or closes it. */
    void toggleSpeaker() {
        speaker.toggle(actions.all(), presenting);
    }

    /** Gives the title of the scene the keyboard. */
    void retitleScene() {
        scenes.ifPresent(ScenesPage::retitle);
    }

    /** Whether nothing but the stage is shown, for a class to look at. */
    public BooleanProperty presenting() {
        return presenting;
    }

    /** The query above the stage. */
    public QueryPane query() {
        return query;
    }

    /** Everything that can be done. */
    ScreenActions actions() {
        return actions;
    }

    /** Makes everything larger or smaller than the window's size asks for. */
    ZoomFrame frame() {
        return frame;
    }

    /** Puts the screen into a scene, with its keys; the step bar has the keyboard at first. */
    public Scene inScene(double width, double height) {
        Scene scene = new Scene(frame, width, height);
        Look.dress(frame);
        appearance.dress(frame);
        new Keyboard(actions.all(), presenting, shade.visibleProperty()).attachTo(scene);
        new KeyboardOwner(scene, title, this::takeFocus);
        scene.focusOwnerProperty().subscribe(this::keepInShade);
        actions.show().cards().hand().follow(scene);
        show.takeFocus();
        return scene;
    }

    /** Lets everything but the sources and their steps wait until the window has been seen. */
    public void hurry(Scene scene) {
        if (lesson.mode().get() == Mode.SHOW) FirstPicture.of(scene, show.canWait());
    }

    /** Puts something over the page until it is answered. */
    void ask(Function<Runnable, Region> pane) {
        Region asked = pane.apply(this::answered);
        shade.getChildren().setAll(asked);
        shade.setVisible(true);
        asked.requestFocus();
    }

    /** What is over the page keeps the keyboard until it is answered: nobody types into what is behind it. */
    private void keepInShade(Node owner) {
        if (!shade.isVisible() || shade.getChildren().isEmpty() || owner == null) return;
        boolean within = Stream.iterate(owner, Objects::nonNull, Node::getParent).anyMatch(node -> node == shade);
        if (!within) shade.getChildren().getFirst().requestFocus();
    }

    private void answered() {
        shade.setVisible(false);
        shade.getChildren().clear();
        takeFocus();
    }

    /** Opens the lesson for those who are new here, its notes under the page. */
    public void openFirstSteps() {
        actions.files().open(Course.FIRST_STEPS).run();
    }

    /** Shows or hides the list of keys. */
    void toggleKeyList() {
        if (shade.isVisible()) answered();
        else ask(close -> new KeyList(actions.all(), () -> {
            close.run();
            openFirstSteps();
        }));
    }

    /** Takes the keyboard from a field. */
    private void takeFocus() {
        switch (lesson.mode().get()) {
            case SHOW -> show.takeFocus();
            case TABLES -> requestFocus();
            case SCENES -> scenes.ifPresent(ScenesPage::takeFocus);
        }
    }

    private Region top(LessonFiles lessons) {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        SceneBar at = new SceneBar(lesson, actions.show().steps().sceneBefore(), actions.show().steps().nextScene());
        HBox top = new HBox(title, at, gap, modes(), menu(lessons), view(),
                actions.files().undo().iconButton(Feather.CORNER_UP_LEFT),
                actions.files().redo().iconButton(Feather.CORNER_UP_RIGHT),
                actions.note().iconButton(Feather.MESSAGE_SQUARE),
                actions.keyList().iconButton(Feather.HELP_CIRCLE));
        top.getStyleClass().add("top");
        // Where there is little room, titles are shortened before anything that can be done.
        top.getChildren().stream().filter(part -> part != title && part != at && part != gap)
                .map(Region.class::cast).forEach(part -> part.setMinWidth(USE_PREF_SIZE));
        top.setAlignment(Pos.CENTER_LEFT);
        return top;
    }

    /** Everything that is done with the lesson as a whole, and the lessons used last. */
    private MenuButton menu(LessonFiles lessons) {
        MenuButton button = Controls.menuButton(words().window().lesson());
        button.setId("lesson-menu");
        button.setOnShowing(_ -> {
            button.getItems().clear();
            for (List<Action> part : actions.files().menu()) {
                if (!button.getItems().isEmpty()) button.getItems().add(new SeparatorMenuItem());
                part.forEach(action -> button.getItems().add(action.menuItem()));
            }
            button.getItems().addAll(new SeparatorMenuItem(), actions.handouts().handOut().menuItem());
            List<Path> recent = lessons.recent();
            if (recent.isEmpty()) return;
            button.getItems().add(new SeparatorMenuItem());
            for (Path file : recent) {
                MenuItem item = Controls.item(
                        words().lesson().recent(String.valueOf(file.getFileName()), String.valueOf(file.getParent())));
                item.setOnAction(_ -> lessons.open(file));
                button.getItems().add(item);
            }
        });
        // A menu without items does not open, and so is never asked for them.
        button.getItems().add(Controls.item(""));
        return button;
    }

    /** How things look. */
    private MenuButton view() {
        MenuButton button = Controls.menuButton(words().window().view());
        button.setId("view-menu");
        for (Action action : actions.views()) button.getItems().add(action.menuItem());
        button.getItems().add(new SeparatorMenuItem());
        ToggleGroup group = new ToggleGroup();
        for (Theme theme : Theme.values()) {
            RadioMenuItem item = Controls.radioItem(theme.title());
            item.setToggleGroup(group);
            item.setSelected(appearance.theme().get() == theme);
            item.setOnAction(_ -> appearance.theme().set(theme));
            button.getItems().add(item);
        }
        CheckMenuItem still = Controls.checkItem(words().window().fade());
        still.selectedProperty().bindBidirectional(appearance.still());
        button.getItems().addAll(new SeparatorMenuItem(), still, new SeparatorMenuItem(),
                actions.handouts().copyMenu());
        return button;
    }

    private HBox modes() {
        HBox modes = new HBox();
        modes.getStyleClass().add("modes");
        ToggleGroup group = new ToggleGroup();
        for (Mode mode : Mode.values()) {
            ToggleButton button = Controls.toggle(mode.title());
            button.setId("mode-" + mode.name().toLowerCase(Locale.ROOT));
            button.setToggleGroup(group);
            button.setOnAction(_ -> {
                lesson.mode().set(mode);
                button.setSelected(true);
            });
            lesson.mode().subscribe(now -> button.setSelected(now == mode));
            modes.getChildren().add(button);
        }
        return modes;
    }
}
