package lunko.desktop.scenes;

import static lunko.desktop.words.Spoken.words;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Choice;
import lunko.desktop.action.Controls;
import lunko.desktop.action.Form;
import lunko.desktop.action.NumberBox;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.desktop.work.Work;
import lunko.insight.question.Question;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.lesson.ScenesEdit;
import lunko.practice.Difficulty;
import lunko.practice.TaskMaker;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.WorkFault;

/** Asks which tasks are to be made of a lesson's tables; they become scenes that ask. */
public final class TasksPane extends VBox {
    private static final int USUAL = 8;

    private final LessonModel model;
    private final Work work;
    private final Map<Question.Sort, CheckBox> sorts = new EnumMap<>(Question.Sort.class);
    private final Choice<Difficulty> difficulty =
            new Choice<>(List.of(Difficulty.values()), one -> words().tasks().difficulty(one));
    private final NumberBox<Integer> tasks = NumberBox.whole(1, TaskMaker.MOST, USUAL);
    private final NumberBox<Integer> seed = NumberBox.whole(1, 9_999, 1);

    /** The pane for a lesson. */
    public TasksPane(LessonModel model, Work work, Runnable close) {
        this.model = model;
        this.work = work;
        getStyleClass().addAll("card", "recipe");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Label title = new Label(words().tasks().tasks());
        title.getStyleClass().add("key-check-title");
        Label about = new Label(words().tasks().tasksAbout());
        about.getStyleClass().add("about");
        VBox wanted = new VBox(6);
        for (Question.Sort sort : EnumSet.complementOf(EnumSet.of(Question.Sort.IN_WORDS))) {
            CheckBox box = Controls.checkBox(sort.title(words().questions()));
            box.setSelected(true);
            sorts.put(sort, box);
            wanted.getChildren().add(box);
        }
        difficulty.setValue(Difficulty.EASY);
        tasks.setId("tasks-number");
        Form form = new Form();
        form.ask(words().tasks().howManyTasks(), tasks);
        form.ask(words().tasks().difficulty(), difficulty);
        form.ask(words().tasks().taskSorts(), wanted);
        form.ask(words().tasks().taskSeed(), seed);
        Button make = Controls.button(words().tasks().make());
        make.setId("tasks-make");
        make.disableProperty().bind(form.waits());
        make.setOnAction(_ -> {
            make();
            close.run();
        });
        getChildren().addAll(title, about, form, Form.answers(make, close));
    }

    /** Whoever is asked has the keyboard at the first question. */
    @Override
    public void requestFocus() {
        tasks.requestFocus();
    }

    private void make() {
        Set<Question.Sort> wanted = EnumSet.noneOf(Question.Sort.class);
        sorts.forEach((sort, box) -> {
            if (box.isSelected()) wanted.add(sort);
        });
        if (wanted.isEmpty()) {
            model.say(Problem.of(new WorkFault.NoTasks()));
            return;
        }
        TaskMaker maker = new TaskMaker(wanted, difficulty.getValue(), tasks.getValue(), seed.getValue());
        Lesson lesson = model.lesson().get();
        work.start(words().tasks().tasks(),
                watch -> watch.unlessStopped(maker.tasks(), goesOn -> maker.of(lesson, words(), goesOn)), this::take);
    }

    private void take(Checked<List<Scene>> made) {
        made.handle(scenes -> {
            if (model.edit(new ScenesEdit.Show(words().tasks().tasks(), scenes))) model.mode().set(Mode.SCENES);
        }, model::say);
    }
}
