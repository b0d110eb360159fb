package lunko.desktop.lesson;

import static lunko.desktop.words.Spoken.words;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import lunko.desktop.action.Writing;
import lunko.desktop.work.Work;
import lunko.exchange.lesson.KeptLesson;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.WorkFault;

/** The lesson as a document: opened from a file, saved to it, and changed since or not. */
public final class LessonFiles {

    /** The lesson as it is in a file, the file, and when that was written. */
    private record Saved(KeptLesson kept, Optional<Path> file, Optional<FileTime> time) {}

    private final LessonModel model;
    private final Work work;
    private final Supplier<Window> window;
    private final Recent recent;
    private final ReadOnlyObjectWrapper<Boolean> changed = new ReadOnlyObjectWrapper<>(false);
    private Saved saved;

    /** The document of a model, which is as it was opened; the window is asked for when a dialog needs an owner. */
    public LessonFiles(LessonModel model, Work work, Supplier<Window> window, Recent recent) {
        this.model = model;
        this.work = work;
        this.window = window;
        this.recent = recent;
        saved = new Saved(model.kept(), Optional.empty(), Optional.empty());
        model.lesson().subscribe(this::look);
        model.results().subscribe(this::look);
    }

    private void look() {
        KeptLesson now = model.kept();
        changed.set(!now.lesson().isAsMade(saved.kept().lesson())
                || !answered(now).equals(answered(saved.kept())));
    }

    /** What somebody has answered; what is half done need not be kept. */
    private static Set<Integer> answered(KeptLesson of) {
        return of.attempts().keySet().stream().filter(scene -> of.attempts().get(scene).right())
                .collect(Collectors.toSet());
    }

    /** Whether something has been made otherwise since the lesson was opened or saved. */
    public ReadOnlyObjectProperty<Boolean> changed() {
        return changed.getReadOnlyProperty();
    }

    /** The lessons used last, the last first. */
    public List<Path> recent() {
        return recent.lessons();
    }

    /** Notes from which file the lesson at hand has come. */
    public void cameFrom(Path file) {
        become(new Saved(model.kept(), Optional.of(file), time(file)));
        recent.note(file);
    }

    private void become(Saved now) {
        saved = now;
        look();
    }

    /** Opens a lesson in the place of the one at hand, which is asked about if it has been changed. */
    public void open(Path file) {
        leave(() -> open(file, kept -> {
            model.open(kept);
            cameFrom(file);
        }));
    }

    private void open(Path file, Consumer<KeptLesson> then) {
        work.start(words().lesson().reading(String.valueOf(file.getFileName())), _ -> LessonFile.open(file),
                (Checked<KeptLesson> read) -> read.handle(then, model::say));
    }

    /**
     * Takes up a lesson that is in no file, in the place of the one at hand, which is asked about if it has been
     * changed.
     */
    public void begin(Lesson lesson) {
        leave(() -> {
            model.open(lesson);
            become(new Saved(model.kept(), Optional.empty(), Optional.empty()));
        });
    }

    /**
     * Does something that the lesson at hand does not outlive; if it has been changed, its person says first what
     * becomes of the changes.
     */
    public void leave(Runnable then) {
        takeWhatIsTyped();
        if (!changed.get()) {
            then.run();
            return;
        }
        ButtonType save = new ButtonType(words().lesson().yes(), ButtonBar.ButtonData.YES);
        ButtonType lose = new ButtonType(words().lesson().doNotSave(), ButtonBar.ButtonData.NO);
        Alert alert = new Alert(Alert.AlertType.CONFIRMATION, words().lesson().changesLost(), save, lose,
                ButtonType.CANCEL);
        alert.initOwner(window.get());
        alert.setTitle("Lunko");
        alert.setHeaderText(words().lesson().saveChanges(model.lesson().get().title()));
        ButtonType answer = alert.showAndWait().orElse(ButtonType.CANCEL);
        if (answer == lose) then.run();
        else if (answer == save) save(then);
    }

    /** Saves the lesson where it came from, or asks where to; {@code then} is called if it is saved. */
    public void save(Runnable then) {
        saved.file().ifPresentOrElse(file -> save(file, then), () -> chooseAndSave(then));
    }

    /** Saves the lesson to a file. One that somebody else has written since it was opened is left as it is. */
    public void save(Path file, Runnable then) {
        boolean ours = saved.file().filter(file::equals).isPresent();
        if (ours && !time(file).equals(saved.time()) && Files.exists(file)) {
            model.say(Problem.of(new WorkFault.WrittenMeanwhile(String.valueOf(file.getFileName()))));
            return;
        }
        takeWhatIsTyped();
        KeptLesson kept = model.kept();
        work.start(words().lesson().writing(String.valueOf(file.getFileName())), _ -> LessonFile.write(kept, file),
                (Checked<Path> written) -> written.handle(path -> {
                    become(new Saved(kept, Optional.of(path), time(path)));
                    recent.note(path);
                    model.say(new Notice.Success(words().lesson().saved(path.toString())));
                    then.run();
                }, model::say));
    }

    /** A field takes what was typed when the keyboard leaves it; then it gets it back. */
    public void takeWhatIsTyped() {
        Optional<Scene> scene = Optional.ofNullable(window.get()).map(Window::getScene);
        Optional<Node> typing = scene.map(Scene::getFocusOwner).filter(Writing::isInField);
        typing.ifPresent(field -> {
            scene.get().getRoot().requestFocus();
            if (field.getScene() == scene.get()) field.requestFocus();
        });
    }

    void chooseAndOpen() {
        FileChooser chooser = chooser(words().lesson().openTitle());
        Optional.ofNullable(chooser.showOpenDialog(window.get())).ifPresent(file -> open(file.toPath()));
    }

    /** Asks for the file of a lesson, reads it and hands it on; the lesson at hand stays. */
    public void chooseAndRead(Consumer<Lesson> then) {
        FileChooser chooser = chooser(words().lesson().openTitle());
        Optional.ofNullable(chooser.showOpenDialog(window.get()))
                .ifPresent(file -> open(file.toPath(), kept -> then.accept(kept.lesson())));
    }

    void chooseAndSave(Runnable then) {
        FileChooser chooser = chooser(words().lesson().saveTitle());
        chooser.setInitialFileName(model.lesson().get().title() + LessonFile.ENDING);
        Optional.ofNullable(chooser.showSaveDialog(window.get())).map(file -> file.toPath())
                .map(file -> LessonFile.is(file) ? file : file.resolveSibling(file.getFileName() + LessonFile.ENDING))
                .ifPresent(file -> save(file, then));
    }

    private FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().addAll(
                new FileChooser.ExtensionFilter(words().lesson().lessons(), "*" + LessonFile.ENDING),
                new FileChooser.ExtensionFilter(words().lesson().allFiles(), "*.*"));
        saved.file().map(Path::toAbsolutePath).map(Path::getParent).map(Path::toFile)
                .filter(folder -> folder.isDirectory()).ifPresent(chooser::setInitialDirectory);
        return chooser;
    }

    private static Optional<FileTime> time(Path file) {
        try {
            return Optional.of(Files.getLastModifiedTime(file));
        } catch (IOException gone) {
            return Optional.empty();
        }
    }
}
