package lunko.desktop.show;

import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.text.FontWeight;
import lunko.desktop.look.PhraseFlow;
import lunko.desktop.look.Typeface;
import lunko.phrase.Phrase;
import lunko.problem.Problem;

/** The sentence that explains the step at hand, and its number. */
final class WhyLine extends HBox {
    private static final Typeface NUMBER = Typeface.code(FontWeight.BOLD, 12.5);

    WhyLine(ShowModel model) {
        getStyleClass().addAll("card", "why-line");
        setAlignment(Pos.CENTER_LEFT);
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
        getChildren().addAll(number, middle);
        // As wide as the last step's, so that the sentence does not move when a digit comes.
        number.minWidthProperty().bind(model.showing().map(Showing::last).map(last ->
                NUMBER.width("step " + last + " of " + last)));
        model.showing().subscribe(showing -> {
            number.setText(showing.frame().isEmpty() ? "no steps"
                    : "step " + showing.number() + " of " + showing.last());
            showing.frame().ifPresentOrElse(frame -> why.show(frame.why()),
                    () -> why.show(Phrase.write()
                            .plain(showing.obstacle().map(Problem::inWords).orElse("")).done()));
            setAccessibleText(showing.frame().map(frame -> frame.why().text()).orElse(""));
        });
    }
}
