package lunko.desktop.action;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Things that are asked, one below the other. Where something typed cannot be taken it says so, under the field. */
public final class Form extends GridPane {
    private final List<GuardedField> guarded = new ArrayList<>();
    private final ReadOnlyBooleanWrapper waits = new ReadOnlyBooleanWrapper();

    /** Asks for nothing yet. */
    public Form() {
        getStyleClass().add("recipe-form");
    }

    /** Asks for something by a field. */
    public void ask(String what, Node field) {
        ask(what, field, field);
    }

    /** Asks for the first and the last of something. */
    public void askRange(String what, Node first, Node last) {
        HBox range = new HBox(8, first, new Label(words().imports().rangeTo()), last);
        range.setAlignment(Pos.CENTER_LEFT);
        ask(what, range, first, last);
    }

    private void ask(String what, Node shown, Node... fields) {
        Label label = new Label(what);
        label.setLabelFor(fields[0]);
        VBox place = new VBox(4, shown);
        place.setAlignment(Pos.CENTER_LEFT);
        place.setFillWidth(false);
        for (Node field : fields) if (field instanceof GuardedField guard) place.getChildren().add(explained(guard));
        addRow(getRowCount(), label, place);
    }

    private Label explained(GuardedField field) {
        guarded.add(field);
        Label why = Controls.wrapped("", "refusal");
        field.refusal().subscribe(refusal -> {
            why.setText(refusal.orElse(""));
            why.setVisible(refusal.isPresent());
            why.setManaged(refusal.isPresent());
            waits.set(guarded.stream().anyMatch(one -> one.refusal().get().isPresent()));
        });
        return why;
    }

    /** Whether something that was typed has to be mended before there is an answer. */
    public ReadOnlyBooleanProperty waits() {
        return waits.getReadOnlyProperty();
    }

    /** Asks for something by a field that says itself what it is. */
    public void ask(Node field) {
        add(field, 0, getRowCount(), 2, 1);
    }

    /** The button that answers, and one that leaves everything as it is. */
    public static HBox answers(Button take, Runnable leave) {
        take.setDefaultButton(true);
        Button button = Controls.button(words().window().cancel());
        button.setCancelButton(true);
        button.setOnAction(_ -> leave.run());
        HBox answers = new HBox(button, take);
        answers.getStyleClass().add("recipe-buttons");
        answers.setAlignment(Pos.CENTER_RIGHT);
        return answers;
    }
}
