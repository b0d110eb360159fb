package lunko.desktop.show.ask;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Action;
import lunko.desktop.look.PhraseFlow;
import lunko.desktop.show.model.Practice;
import lunko.desktop.show.model.ShowModel;
import lunko.insight.comparison.Counterexample;
import lunko.phrase.Phrase;
import lunko.practice.Assessment;
import lunko.practice.Results;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** What somebody who practises has: whether the answer is right, beside the question, and under it what helps. */
public final class PracticeBar extends VBox {
    private final ShowModel model;
    private final Practice practice;
    private final Label verdict = new Label();
    private final Label score = new Label();
    private final HBox buttons;

    /** The bar for what a model shows. */
    public PracticeBar(ShowModel model, Practice practice, Action check, Action hint) {
        this.model = model;
        this.practice = practice;
        getStyleClass().addAll("card", "practice-bar");
        setId("practice");
        setMinHeight(USE_PREF_SIZE);
        verdict.getStyleClass().add("ask-verdict");
        verdict.setId("verdict");
        setAccessibleRole(AccessibleRole.TEXT);
        Button checks = check.button(Feather.CHECK_CIRCLE);
        checks.setId("check");
        Button hints = hint.button(Feather.HELP_CIRCLE);
        hints.setId("hint");
        for (Button button : List.of(checks, hints)) button.setMinWidth(USE_PREF_SIZE);
        score.getStyleClass().add("about");
        score.setId("score");
        for (Label label : List.of(verdict, score)) label.setMinWidth(USE_PREF_SIZE);
        buttons = new HBox(verdict, score, checks, hints);
        buttons.getStyleClass().add("practice-buttons");
        buttons.setAlignment(Pos.CENTER_LEFT);
        practice.on().subscribe(this::show);
        practice.attempt().subscribe(this::show);
        model.asking().subscribe(_ -> show());
        show();
    }

    private void show() {
        boolean practises = practice.on().get()
                && model.asking().get().filter(asking -> !asking.uncovered()).isPresent();
        show(buttons, practises);
        show(this, false);
        if (!practises) return;
        Results results = practice.results().get();
        score.setText(words().asking().score(results.right(), results.asked()));
        Optional<Assessment> assessed = practice.attempt().get().assessed();
        verdict.setText(
                assessed.map(one -> one.isRight() ? words().questions().right() : words().questions().notQuite())
                        .orElse(""));
        verdict.setGraphic(assessed.map(one -> new FontIcon(one.isRight() ? Feather.CHECK : Feather.X)).orElse(null));
        List<Node> lines = new ArrayList<>();
        assessed.flatMap(Assessment::luck).ifPresent(luck -> lines.addAll(luck(luck)));
        practice.hints().forEach(hint -> lines.add(line(hint)));
        getChildren().setAll(lines);
        show(this, !lines.isEmpty());
    }

    private static void show(Node part, boolean seen) {
        part.setVisible(seen);
        part.setManaged(seen);
    }

    /** What is pressed to check and to be helped, which stands beside the question. */
    public Node buttons() {
        return buttons;
    }

    private static List<Node> luck(Counterexample found) {
        return List.of(line(words().practice().luck()), line(words().practice().differOn(found.told(words()))));
    }

    private static Node line(Phrase said) {
        PhraseFlow line = new PhraseFlow("practice-line");
        line.show(said);
        return line;
    }
}
