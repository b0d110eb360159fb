package lunko.desktop.show.join;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import lunko.desktop.action.Action;
import lunko.desktop.action.Controls;
import lunko.desktop.look.RowGlyph;
import lunko.desktop.look.Tip;
import lunko.desktop.show.model.ShowModel;
import lunko.insight.question.Question;
import lunko.query.JoinKind;
import lunko.query.change.PlainJoin;
import lunko.show.Showing;

/** The kinds of join to choose from. */
public final class KindBar extends FlowPane {
    private Runnable extras = () -> {};

    /** The kinds that can be chosen for what a model shows. */
    public KindBar(ShowModel model, KindActions actions) {
        getStyleClass().addAll("card", "kind-bar");
        ToggleGroup group = new ToggleGroup();
        List<Node> buttons = new ArrayList<>(Stream.of(JoinKind.values()).map(kind -> {
            Action choose = actions.choose(kind);
            ToggleButton button = Controls.toggle(words().names().kind(kind), new RowGlyph(kind));
            button.setContentDisplay(ContentDisplay.LEFT);
            button.setToggleGroup(group);
            button.setUserData(kind);
            button.setId("kind-" + kind.id().replace(' ', '-'));
            button.setOnAction(_ -> {
                choose.run();
                extras.run();
            });
            Tip.on(button, choose.nameWithKey());
            button.disableProperty().bind(Bindings.not(choose.possible()));
            return button;
        }).toList());
        ToggleButton natural = extra(actions.natural(), words().kinds().natural(), "kind-natural");
        ToggleButton self = extra(actions.self(), words().kinds().self(), "kind-self");
        buttons.add(natural);
        buttons.add(self);
        getChildren().setAll(buttons);
        // What does not fit into a line goes into the next.
        setMinHeight(Region.USE_PREF_SIZE);
        Consumer<Showing> show = showing -> {
            select(group, showing);
            if (model.covers(Question.Cover.QUERY)) group.selectToggle(null);
            Optional<PlainJoin> plain = showing.lesson().staged().plainJoin();
            natural.setSelected(plain.filter(PlainJoin::natural).isPresent());
            self.setSelected(plain.filter(join -> join.left().table().equals(join.right().table())).isPresent());
        };
        extras = () -> show.accept(model.showing().get());
        model.showing().subscribe((before, now) -> {
            if (!before.isOfSameJoin(now)) show.accept(now);
        });
        show.accept(model.showing().get());
        model.asking().subscribe((_, _) -> extras.run());
    }

    /** A way of joining beside the kinds, which is explained before it is chosen. */
    private ToggleButton extra(Action action, String title, String id) {
        ToggleButton button = Controls.toggle(title);
        button.setId(id);
        button.getStyleClass().add("kind-extra");
        button.setOnAction(_ -> {
            action.run();
            extras.run();
        });
        Tip.on(button, action.nameWithKey());
        return button;
    }

    private static void select(ToggleGroup group, Showing showing) {
        Optional<JoinKind> chosen = showing.kind();
        group.getToggles()
                .forEach(toggle -> toggle.setSelected(chosen.filter(kind -> kind == toggle.getUserData()).isPresent()));
    }
}
