package lunko.desktop.scenes;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Choice;
import lunko.desktop.action.Controls;
import lunko.desktop.action.Form;
import lunko.desktop.action.NumberBox;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.desktop.work.Work;
import lunko.insight.question.Goal;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.lesson.ScenesEdit;
import lunko.practice.Point;
import lunko.practice.PointSearch;
import lunko.query.JoinKind;
import lunko.query.change.PlainJoin;
import lunko.query.sql.Lexeme;
import lunko.table.Table;

/** Asks what is to be seen, and looks for the smallest tables on which it is; they become a scene of their own. */
public final class PointPane extends VBox {

    /** What may be looked for. */
    private enum Sort {
        KINDS_DIFFER, KINDS_ALIKE, QUERIES_DIFFER
    }

    private final LessonModel model;
    private final Work work;
    private final Choice<Sort> sort = new Choice<>(List.of(Sort.values()), PointPane::said);
    private final Choice<JoinKind> one = kinds();
    private final Choice<JoinKind> other = kinds();
    private final NumberBox<Integer> rows = NumberBox.whole(1, PointSearch.MOST_ROWS, 1);
    private final TextField query = new TextField();
    private final Button find = Controls.button(words().tasks().find());
    private final VBox asked = new VBox();

    /** The pane for a lesson. */
    public PointPane(LessonModel model, Work work, Runnable close) {
        this.model = model;
        this.work = work;
        getStyleClass().addAll("card", "recipe");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Label title = new Label(words().tasks().point());
        title.getStyleClass().add("key-check-title");
        Label about = new Label(words().tasks().pointAbout());
        about.getStyleClass().add("about");
        one.setValue(JoinKind.INNER);
        other.setValue(JoinKind.LEFT_OUTER);
        query.setPrefColumnCount(48);
        query.getStyleClass().add("sql-field");
        query.setText(Lexeme.inOneLine(model.lesson().get().staged().sql()));
        sort.setId("point-sort");
        sort.valueProperty().subscribe(this::ask);
        sort.setValue(Sort.KINDS_DIFFER);
        find.setId("point-find");
        find.setOnAction(_ -> {
            find();
            close.run();
        });
        getChildren().addAll(title, about, asked, Form.answers(find, close));
    }

    private static Choice<JoinKind> kinds() {
        return new Choice<>(Goal.KINDS, kind -> words().names().kind(kind));
    }

    private static String said(Sort sort) {
        return switch (sort) {
            case KINDS_DIFFER -> words().tasks().kindsDiffer();
            case KINDS_ALIKE -> words().tasks().kindsAlike();
            case QUERIES_DIFFER -> words().tasks().queriesDiffer();
        };
    }

    /** Whoever is asked has the keyboard at the first question. */
    @Override
    public void requestFocus() {
        sort.requestFocus();
    }

    private void ask() {
        Form form = new Form();
        form.ask(words().tasks().pointSort(), sort);
        if (sort.getValue() == Sort.KINDS_DIFFER) {
            form.ask(words().tasks().pointOne(), one);
            form.ask(words().tasks().pointOther(), other);
            form.ask(words().tasks().pointRows(), rows);
        }
        if (sort.getValue() == Sort.QUERIES_DIFFER) form.ask(words().tasks().pointQuery(), query);
        find.disableProperty().bind(form.waits());
        asked.getChildren().setAll(form);
    }

    private Point wanted(Lesson lesson) {
        PlainJoin join = lesson.staged().join();
        return switch (sort.getValue()) {
            case KINDS_DIFFER -> new Point.KindsDiffer(join, one.getValue(), other.getValue(), rows.getValue());
            case KINDS_ALIKE -> new Point.KindsAlike(join);
            case QUERIES_DIFFER -> new Point.QueriesDiffer(lesson.staged().sql(), query.getText());
        };
    }

    private void find() {
        Lesson lesson = model.lesson().get();
        Point point = wanted(lesson);
        String title = said(sort.getValue());
        work.start(words().tasks().point(),
                watch -> watch.unlessStopped(PointSearch.MOST_ROWS, new PointSearch(lesson, point)::find),
                found -> found.handle(tables -> take(lesson, title, tables), model::say));
    }

    private void take(Lesson lesson, String title, List<Table> tables) {
        Scene scene = PointSearch.shown(lesson.scene(), lesson, tables);
        Scene titled = scene.telling(scene.telling().titled(title).noting("").handing("")).asking(Optional.empty());
        if (model.edit(new ScenesEdit.Show(title, List.of(titled)))) model.mode().set(Mode.SHOW);
    }
}
