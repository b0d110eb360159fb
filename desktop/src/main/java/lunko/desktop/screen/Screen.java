package lunko.desktop.screen;

import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.value.ObservableValue;
import javafx.stage.Window;
import javafx.util.Duration;
import lunko.desktop.handout.HandoutSaving;
import lunko.desktop.lesson.LessonFiles;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.TableFiles;
import lunko.desktop.show.model.Player;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.work.Work;
import lunko.lesson.Lesson;

/** A lesson on the screen: the models, what drives them, and the view of them, put together. */
public record Screen(LessonModel lesson, ShowModel model, Player player, TableFiles files, LessonFiles lessons,
        ScreenView view) {

    /**
     * Puts a screen together for a lesson.
     *
     * @param window the window that dialogs belong to, asked for when one is opened
     * @param habits what is kept of the person
     * @param motionTime how long one frame takes to move over into the next, for the player at hand
     */
    public static Screen of(Lesson first, Supplier<Window> window, Habits habits,
            Function<Player, ObservableValue<Duration>> motionTime) {
        return of(new ShowModel(new LessonModel(first)), window, habits, motionTime);
    }

    /** Puts a screen together for the model of a lesson, which may have been made before the toolkit was there. */
    public static Screen of(ShowModel model, Supplier<Window> window, Habits habits,
            Function<Player, ObservableValue<Duration>> motionTime) {
        LessonModel lesson = model.lesson();
        Player player = new Player(model);
        Work work = new Work();
        LessonFiles lessons = new LessonFiles(lesson, work, window, habits.recent());
        TableFiles files = new TableFiles(lesson, work, window, lessons);
        ScreenActions actions = new ScreenActions(model, player, files, lessons,
                new HandoutSaving(lesson, work, window), work);
        return new Screen(lesson, model, player, files, lessons,
                new ScreenView(model, actions, work, habits.appearance(), motionTime.apply(player)));
    }
}
