package lunko.desktop.handout;

import static lunko.desktop.words.Spoken.words;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Notice;
import lunko.desktop.work.Work;
import lunko.handout.Handout;
import lunko.handout.HandoutFiles;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Problem;

/** Asks where a handout is to go, and writes it there. */
public final class HandoutSaving {
    private final LessonModel model;
    private final Work work;
    private final Supplier<Window> window;
    private Optional<File> folder = Optional.empty();

    /** Handouts of a model's lesson; the window is asked for when a dialog needs an owner. */
    public HandoutSaving(LessonModel model, Work work, Supplier<Window> window) {
        this.model = model;
        this.work = work;
        this.window = window;
    }

    /** Where something is to go, and whether a dialog has asked already if it may replace what is there. */
    private record Target(Path path, boolean settled) {}

    /** Asks for a file, or for a folder where there are several files; false, where none has been chosen. */
    boolean chooseAndSave(Handout handout) {
        Optional<Target> target = handout.isOneFile() ? file(handout) : directory();
        target.ifPresent(chosen -> save(handout, chosen.path(), chosen.settled()));
        return target.isPresent();
    }

    private Optional<Target> file(Handout handout) {
        String ending = handout.kind().ending();
        FileChooser chooser = new FileChooser();
        chooser.setTitle(words().handingOut().title());
        chooser.setInitialFileName(model.lesson().get().title() + ending);
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(handout.kind().said(words().handouts()), "*" + ending));
        folder.filter(File::isDirectory).ifPresent(chooser::setInitialDirectory);
        return Optional.ofNullable(chooser.showSaveDialog(window.get())).map(file -> {
            folder = Optional.ofNullable(file.getParentFile());
            boolean named = file.getName().toLowerCase(Locale.ROOT).endsWith(ending);
            return new Target(named ? file.toPath() : file.toPath().resolveSibling(file.getName() + ending), named);
        });
    }

    private Optional<Target> directory() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(words().handingOut().folderTitle());
        folder.filter(File::isDirectory).ifPresent(chooser::setInitialDirectory);
        return Optional.ofNullable(chooser.showDialog(window.get())).map(chosen -> {
            folder = Optional.of(chosen);
            return new Target(chosen.toPath(), false);
        });
    }

    /** Writes a handout; where it would replace a file, it asks first unless that is settled. */
    public void save(Handout handout, Path target, boolean replace) {
        work.start(words().handingOut().making(handout.kind().said(words().handouts())),
                watch -> HandoutFiles.write(handout.pieces(), target, replace, watch)
                        .map(written -> new Done(written,
                                handout.obstructed().stream().map(scene -> scene + 1).toList())),
                (Checked<Done> done) -> done.handle(of -> said(target, of),
                        problem -> refuse(handout, target, problem)));
    }

    /** What has been written, and the scenes that could not be shown, counted from 1. */
    private record Done(HandoutFiles.Written written, List<Integer> obstructed) {}

    private void said(Path target, Done done) {
        List<String> said = new ArrayList<>();
        said.add(words().handingOut().saved(done.written().files().size(), target.toString()));
        if (!done.obstructed().isEmpty()) said.add(words().handouts().notShown(done.obstructed()));
        if (!done.written().missing().isEmpty())
            said.add(words().handouts().missing(List.copyOf(done.written().missing())));
        model.say(new Notice.Success(String.join(" ", said)));
    }

    private void refuse(Handout handout, Path target, Problem problem) {
        if (problem.fault() instanceof FileFault.AlreadyThere) model.say(new Notice.Offer(
                words().problems().of(problem).text(), words().handingOut().replace(),
                () -> save(handout, target, true)));
        else model.say(problem);
    }
}
