package lunko.desktop.show.join;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Choice;
import lunko.desktop.action.Controls;
import lunko.desktop.show.model.ShowModel;
import lunko.insight.keys.SelfPreview;
import lunko.lesson.Lesson;
import lunko.lesson.Link;
import lunko.lesson.SceneEdit;
import lunko.query.KeyPair;
import lunko.table.Table;

/** Says what a self join does to a table before it is done: one table becomes two, with two names. */
final class SelfPane extends VBox {

    SelfPane(ShowModel model, Runnable close) {
        getStyleClass().addAll("card", "explanation");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        Lesson lesson = model.lesson().lesson().get();
        Label title = new Label(words().kinds().selfTitle());
        title.getStyleClass().add("key-check-title");
        Choice<String> table = new Choice<>(lesson.tables().stream().map(Table::name).toList(), name -> name);
        table.setId("self-table");
        Label which = new Label(words().kinds().selfTable());
        which.setLabelFor(table);
        HBox choice = new HBox(which, table);
        choice.setAlignment(Pos.CENTER_LEFT);
        choice.getStyleClass().add("explained-choices");
        VBox said = new VBox();
        said.getStyleClass().add("explained-lines");
        table.valueProperty().subscribe(name -> {
            if (name != null) explain(lesson, name, said);
        });
        table.setValue(lesson.tables().stream().map(Table::name).filter(name -> lesson.link(name, name).isPresent())
                .findFirst().orElse(lesson.scene().left()));
        Button join = Controls.button(words().kinds().selfJoin());
        join.setId("join-self");
        join.setOnAction(_ -> {
            close.run();
            model.lesson().edit(new SceneEdit.LookAt(table.getValue(), table.getValue()));
        });
        Button leave = Controls.button(words().window().cancel());
        leave.setCancelButton(true);
        leave.setOnAction(_ -> close.run());
        HBox buttons = new HBox(join, leave);
        buttons.getStyleClass().add("explained-choices");
        getChildren().addAll(title, choice, said, buttons);
    }

    private static void explain(Lesson lesson, String table, VBox said) {
        List<KeyPair> link = lesson.link(table, table).map(Link::pairs).orElse(List.of());
        said.getChildren().setAll(Explained.lines(new SelfPreview(lesson.table(table), link).said()));
    }
}
