package lunko.desktop.command;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.locks.LockSupport;
import javafx.beans.property.SimpleObjectProperty;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Scene;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import lunko.desktop.lesson.Mode;
import lunko.desktop.lesson.Recent;
import lunko.desktop.look.Appearance;
import lunko.desktop.look.Theme;
import lunko.desktop.machine.AppFolders;
import lunko.desktop.query.QueryPane;
import lunko.desktop.query.SheetKind;
import lunko.desktop.screen.Habits;
import lunko.desktop.screen.Screen;
import lunko.desktop.show.model.ShowModel;
import lunko.exchange.file.WholeFile;
import lunko.insight.picture.Picture;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.WorkFault;
import lunko.steps.JoinAlgorithm;

/** The window as a picture, with everything at rest: the same lesson and step always give the same picture. */
final class Snapshot {
    /**
     * What the window shows of a lesson, and how.
     *
     * @param notes whether the note of the scene is under the page
     */
    record Setting(Mode mode, JoinAlgorithm algorithm, Picture picture, Theme theme, boolean notes) {
        /** The show as one finds it. */
        static final Setting USUAL = new Setting(Mode.SHOW, JoinAlgorithm.NESTED_LOOP, Picture.VENN, Theme.LIGHT,
                false);
    }

    /** So long a sheet is waited for, in nanoseconds. */
    private static final long PATIENCE = 20_000_000_000L;
    private static final long BREATH = 20_000_000L;

    private final ShowModel model;
    private final Scene scene;
    private final QueryPane query;

    private Snapshot(ShowModel model, Scene scene, QueryPane query) {
        this.model = model;
        this.scene = scene;
        this.query = query;
    }

    /**
     * The contents of the window at a size in pixels, on no screen; the toolkit must have been started offscreen.
     */
    static Snapshot of(Lesson lesson, Setting setting, double width, double height) {
        return Toolkit.call(() -> {
            Appearance appearance = new Appearance();
            appearance.theme().set(setting.theme());
            Screen screen = Screen.of(lesson, () -> null,
                    new Habits(new Recent(AppFolders.state().resolve("recent-lessons.txt")), appearance),
                    _ -> new SimpleObjectProperty<>(Duration.ZERO));
            screen.lesson().mode().set(setting.mode());
            screen.lesson().notesShown().set(setting.notes());
            screen.model().picture().set(setting.picture());
            screen.model().algorithm().set(setting.algorithm());
            Snapshot snapshot =
                    new Snapshot(screen.model(), screen.view().inScene(width, height), screen.view().query());
            // Tables can be scrolled to a row only when they have been laid out once.
            snapshot.layOut();
            return snapshot;
        });
    }

    /**
     * Opens a sheet in the place of the stage, and waits until it says something; a problem, if it says nothing in
     * time.
     */
    Checked<SheetKind> open(SheetKind sheet) {
        Toolkit.call(() -> {
            query.toggle(sheet);
            return sheet;
        });
        long end = System.nanoTime() + PATIENCE;
        while (!Toolkit.call(query::isReady)) {
            if (System.nanoTime() > end) return Checked.invalid(new WorkFault.NotInTime());
            LockSupport.parkNanos(BREATH);
        }
        return Checked.valid(sheet);
    }

    /** Writes the window after a step as a PNG file; a problem if the file cannot be written. */
    Checked<Path> write(long step, Path file) {
        BufferedImage picture = Toolkit.call(() -> {
            model.goTo(step);
            layOut();
            return SwingFXUtils.fromFXImage(scene.snapshot(null), null);
        });
        return new WholeFile(file).write(draft -> {
            if (!ImageIO.write(picture, "png", draft.toFile())) throw new IOException("nothing here writes PNG");
            return Checked.valid(file);
        });
    }

    /** Twice: the tables make their cells in the first pass, and lanes and scroll positions follow them. */
    private void layOut() {
        for (int pass = 0; pass < 2; pass++) {
            scene.getRoot().applyCss();
            scene.getRoot().layout();
        }
    }

    /** The number of the last step. */
    long last() {
        return Toolkit.call(() -> model.showing().get().last());
    }
}
