package lunko.desktop.bench;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.look.KindTiles;
import lunko.desktop.look.PhraseFlow;
import lunko.desktop.look.Tip;
import lunko.insight.keys.KeyCheck;
import lunko.insight.keys.KeyFinding;
import lunko.insight.keys.Repair;
import lunko.lesson.Lesson;
import lunko.lesson.Link;
import lunko.lesson.LinkEdit;
import lunko.lesson.SceneEdit;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Type;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** What can be said about the matched columns before they are joined and what each kind will give. */
final class KeyCheckCard extends VBox {

    private final BenchModel model;
    private final VBox content = new VBox();
    private final KindTiles tiles;

    KeyCheckCard(BenchModel model) {
        this.model = model;
        getStyleClass().addAll("card", "key-check");
        Label title = new Label(words().links().keyCheck());
        title.getStyleClass().add("key-check-title");
        content.getStyleClass().add("key-check-content");
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        tiles = new KindTiles(kind -> model.lesson().edit(new SceneEdit.ChooseKind(kind)));
        VBox counts = new VBox(title(words().kinds().rowsByKind()), tiles);
        counts.getStyleClass().add("key-check-counts");
        getChildren().addAll(title, scroll, counts);
        model.look().subscribe(look -> show(look));
    }

    private void show(KeyInspection look) {
        // What was found last stays to be seen until there is something new.
        if (look.busy() && look.check().isPresent()) return;
        content.getChildren().clear();
        Lesson lesson = look.lesson();
        tiles.show(look.check().filter(check -> check.typesDiffer().isEmpty()).map(KeyCheck::counts).orElse(List.of()),
                Optional.of(lesson.staged().kind()));
        if (lesson.staged().left() == lesson.staged().right()) {
            content.getChildren()
                    .add(about(words().links().joinedWithItself(lesson.staged().left().name())));
        }
        lesson.staged().on().forEach(pair -> content.getChildren().add(equality(lesson, pair)));
        if (look.busy()) content.getChildren().add(about(words().links().checkingKeys()));
        else look.check().ifPresentOrElse(check -> show(check, lesson), () -> content.getChildren().add(about(
                words().links().nothingMatched(lesson.staged().left().name(), lesson.staged().right().name()))));
        propose(look.proposed());
    }

    private Node equality(Lesson lesson, KeyPair pair) {
        PhraseFlow equality = new PhraseFlow("key-equality");
        equality.show(words().keys().equal(lesson.staged().join().qualified(Side.LEFT, pair.left()),
                lesson.staged().join().qualified(Side.RIGHT, pair.right())));
        HBox.setHgrow(equality, Priority.ALWAYS);
        Button drop = Controls.button("");
        drop.setGraphic(new FontIcon(Feather.X));
        Tip.on(drop, words().links().stopMatching());
        drop.setAccessibleText(words().links().stopMatchingColumns(pair.left(), pair.right()));
        drop.getStyleClass().add("drop-pair");
        drop.setOnAction(
                _ -> model.lesson().edit(new LinkEdit.Unmatch(lesson.scene().left(), lesson.scene().right(), pair)));
        return new HBox(equality, drop);
    }

    private void show(KeyCheck check, Lesson lesson) {
        KeyFinding.of(check, lesson.staged().on()).forEach(finding -> content.getChildren().add(line(finding)));
    }

    /** Links that nobody has drawn. */
    private void propose(List<Link> proposed) {
        if (proposed.isEmpty()) return;
        content.getChildren().add(title(words().links().suggestedLinks()));
        for (Link link : proposed) {
            KeyPair pair = link.pairs().getFirst();
            Label name = new Label(link.left() + "." + pair.left() + " = " + link.right() + "." + pair.right());
            name.getStyleClass().add("proposed-link");
            name.setWrapText(true);
            HBox.setHgrow(name, Priority.ALWAYS);
            name.setMaxWidth(Double.MAX_VALUE);
            Button draw = Controls.button(words().links().link());
            draw.setMinWidth(Region.USE_PREF_SIZE);
            draw.setOnAction(_ -> model.lesson().edit(new LinkEdit.Match(link.left(), link.right(), pair)));
            HBox line = new HBox(name, draw);
            line.getStyleClass().add("finding-line");
            line.setAlignment(Pos.CENTER_LEFT);
            content.getChildren().add(line);
        }
    }

    private Node line(KeyFinding finding) {
        Region mark = new Region();
        mark.getStyleClass().addAll("mark-square", finding.mark().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        Label headline = new Label(finding.headline().in(words().keys()));
        headline.getStyleClass().add("finding");
        headline.setWrapText(true);
        VBox words = new VBox(headline);
        String detail = finding.detail().in(words().keys());
        if (!detail.isEmpty()) words.getChildren().add(about(detail));
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox line = new HBox(mark, words);
        finding.repair().ifPresent(repair -> {
            Button mend = Controls.button(words().links().fix());
            mend.setMinWidth(Region.USE_PREF_SIZE);
            Tip.on(mend, switch (repair) {
                case Repair.Respell _ -> words().links().makeAlike();
                case Repair.Retype(Side _, String column, Type type) ->
                    words().links().retypeAlike(column, type);
            });
            mend.setOnAction(_ -> model.lesson().edit(new SceneEdit.Mend(repair)));
            line.getChildren().add(mend);
        });
        line.getStyleClass().add("finding-line");
        line.setAlignment(Pos.TOP_LEFT);
        return line;
    }

    private static Label title(String text) {
        Label title = new Label(text);
        title.getStyleClass().add("key-check-part");
        return title;
    }

    private static Label about(String text) {
        Label about = new Label(text);
        about.getStyleClass().add("about");
        about.setWrapText(true);
        return about;
    }
}
