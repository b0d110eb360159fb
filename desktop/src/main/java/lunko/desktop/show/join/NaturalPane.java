package lunko.desktop.show.join;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.look.RowGlyph;
import lunko.desktop.show.model.ShowModel;
import lunko.insight.keys.NaturalPreview;
import lunko.lesson.Lesson;
import lunko.lesson.Link;
import lunko.lesson.SceneEdit;
import lunko.query.JoinKind;

/** Says what a natural join would match before it is chosen, and asks which rows without a match it is to keep. */
final class NaturalPane extends VBox {

    NaturalPane(ShowModel model, Runnable close) {
        getStyleClass().addAll("card", "explanation");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        Lesson lesson = model.lesson().lesson().get();
        List<Link> links = lesson.link(lesson.scene().left(), lesson.scene().right()).stream().toList();
        NaturalPreview look = NaturalPreview.of(lesson.staged().left(), lesson.staged().right(),
                links.stream().flatMap(link -> link.pairs().stream()).toList());
        Label title = new Label(words().kinds().naturalTitle());
        title.getStyleClass().add("key-check-title");
        getChildren().add(title);
        getChildren().addAll(Explained.lines(look.said()));
        Label verdict = new Label(look.isRight() ? words().kinds().naturalRight()
                : words().kinds().naturalWrong());
        verdict.getStyleClass().add(look.isRight() ? "explained-right" : "explained-wrong");
        getChildren().add(verdict);
        FlowPane choices = new FlowPane();
        choices.getStyleClass().add("explained-choices");
        choices.setAlignment(Pos.CENTER_LEFT);
        Stream.of(JoinKind.values()).filter(JoinKind::canBeNatural).forEach(kind -> {
            Button choose = Controls.button(
                    words().kinds().naturalKind(kind, look.rows(kind).stream().mapToLong(Long::longValue).findFirst()),
                    new RowGlyph(kind));
            choose.setId("natural-" + kind.id().replace(' ', '-'));
            choose.setOnAction(_ -> {
                close.run();
                model.lesson().edit(new SceneEdit.JoinNaturally(Optional.of(kind)));
            });
            choices.getChildren().add(choose);
        });
        Button byLink =
                Controls.button(
                        lesson.scene().pairing().natural() ? words().kinds().byLink() : words().window().cancel());
        byLink.setCancelButton(true);
        byLink.setOnAction(_ -> {
            close.run();
            if (lesson.scene().pairing().natural()) model.lesson().edit(new SceneEdit.JoinNaturally(Optional.empty()));
        });
        choices.getChildren().add(byLink);
        getChildren().add(choices);
    }
}
