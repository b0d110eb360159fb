package lunko.desktop.show;

import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.value.ObservableValue;
import javafx.stage.Window;
import javafx.util.Duration;
import lunko.desktop.work.Work;
import lunko.lesson.Lesson;

/** A lesson on the screen: the model, what drives it, and the view of it, put together. */
public record Screen(ShowModel model, Player player, TableFiles files, LessonFiles lessons, ShowView view) {

    /**
     * Puts a screen together for a lesson.
     *
     * @param window     the window that dialogs belong to, asked for when one is opened
     * @param motionTime how long one frame takes to move over into the next, for the player at hand
     */
    public static Screen of(Lesson lesson, Supplier<Window> window,
                            Function<Player, ObservableValue<Duration>> motionTime) {
        ShowModel model = new ShowModel(lesson);
        Player player = new Player(model);
        Work work = new Work();
        LessonFiles lessons = new LessonFiles(model, work, window);
        TableFiles files = new TableFiles(model, work, window, lessons);
        ShowActions actions = new ShowActions(model, player, files, lessons);
        return new Screen(model, player, files, lessons, new ShowView(model, player, actions, work, motionTime.apply(player)));
    }
}
