package lunko.desktop.screen;

import java.nio.file.Path;
import lunko.desktop.lesson.Recent;
import lunko.desktop.look.Appearance;

/** What is kept of a person from one day to the next: the lessons used last, and how the screen looks. */
public record Habits(Recent recent, Appearance appearance) {

    /** Those that are kept in a folder. */
    public static Habits in(Path folder) {
        return new Habits(new Recent(folder.resolve("recent-lessons.txt")),
                Appearance.in(folder.resolve("appearance.properties")));
    }
}
