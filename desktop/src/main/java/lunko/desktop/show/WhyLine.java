package lunko.desktop.show;

import static lunko.desktop.words.Spoken.words;

import java.util.OptionalLong;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.text.FontWeight;
import lunko.desktop.action.Controls;
import lunko.desktop.look.PhraseFlow;
import lunko.desktop.look.Typeface;
import lunko.desktop.show.model.ShowModel;
import lunko.phrase.Phrase;
import lunko.show.Showing;

/**
 * The sentence that explains the step at hand, and its number; of a row that is pointed at, the one that decided about
 * it.
 */
final class WhyLine extends Pane {
    /** It is laid out by itself: another sentence moves nothing around it. */
    private final HBox line = new HBox();
    private static final Typeface NUMBER = Typeface.code(FontWeight.BOLD, 12.5);

    private static final PseudoClass POINTED = PseudoClass.getPseudoClass("pointed");

    WhyLine(ShowModel model) {
        getStyleClass().addAll("card", "why-line");
        line.getStyleClass().add("why-content");
        line.setAlignment(Pos.CENTER_LEFT);
        line.setManaged(false);
        getChildren().add(line);
        setId("why");
        setAccessibleRole(AccessibleRole.TEXT);
        Label number = new Label();
        number.getStyleClass().add("step-number");
        PhraseFlow why = new PhraseFlow("why");
        // A flow is as high as its lines; in a box of its own height they stand in the middle.
        HBox middle = new HBox(why);
        middle.setAlignment(Pos.CENTER_LEFT);
        middle.setFillHeight(false);
        HBox.setHgrow(why, Priority.ALWAYS);
        HBox.setHgrow(middle, Priority.ALWAYS);
        line.getChildren().addAll(number, middle);
        // As wide as the last step's, so that the sentence does not move when a digit comes.
        number.minWidthProperty()
                .bind(model.showing().map(Showing::last)
                        .map(last -> NUMBER.width(words().steps().stepOf(String.valueOf(last), String.valueOf(last)))));
        Button there = Controls.button("");
        there.setMinWidth(USE_PREF_SIZE);
        there.getStyleClass().add("go-there");
        there.setOnAction(_ -> model.pointing().decided().get().ifPresent(model::goTo));
        line.getChildren().add(there);
        Runnable show = () -> show(model, number, why, there);
        model.showing().subscribe((_, _) -> show.run());
        model.pointing().decided().subscribe((_, _) -> show.run());
        model.pointing().lineage().subscribe((_, _) -> show.run());
        model.stale().subscribe((_, _) -> show.run());
        show.run();
    }

    @Override
    protected void layoutChildren() {
        line.resizeRelocate(0, 0, getWidth(), getHeight());
    }

    /** The why of the row that is pointed at, and the step where it was decided; or else of the step at hand. */
    private void show(ShowModel model, Label number, PhraseFlow why, Button there) {
        Showing showing = model.showing().get();
        OptionalLong decided = model.pointing().decided().get();
        boolean elsewhere = decided.isPresent() && decided.getAsLong() != showing.number();
        pseudoClassStateChanged(POINTED, decided.isPresent());
        there.setVisible(elsewhere);
        there.setManaged(elsewhere);
        decided.ifPresent(step -> there.setText(words().steps().toStep(step)));
        number.setText(showing.frame().isEmpty() ? words().steps().noSteps()
                : words().steps().stepOf(String.valueOf(decided.orElse(showing.number())),
                        String.valueOf(showing.last())));
        Phrase said = said(model, showing, decided);
        why.show(said);
        setAccessibleText(said.text());
    }

    private static Phrase said(ShowModel model, Showing showing, OptionalLong decided) {
        // A query that cannot run is said to be so above; this is about what is shown in its place.
        if (model.stale().get() && showing.frame().isPresent() && decided.isEmpty())
            return model.previews() ? words().steps().withoutOn() : words().steps().stale();
        return model.pointing().lineage().get().flatMap(lineage -> showing.why(lineage.pointed()))
                .or(() -> decided.stream().mapToObj(step -> showing.timeline().orElseThrow().at(step).shown().why())
                        .findFirst())
                .or(() -> showing.frame().map(frame -> frame.shown().why())).map(why -> why.in(words()))
                .orElseGet(
                        () -> showing.obstacle().map(problem -> words().problems().of(problem)).orElse(Phrase.EMPTY));
    }
}
