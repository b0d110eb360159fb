package lunko.desktop.action;

import static lunko.desktop.words.Spoken.words;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;

/** Things that are asked, one below the other. */
public final class Form extends GridPane {

    /** Asks for nothing yet. */
    public Form() {
        getStyleClass().add("recipe-form");
    }

    /** Asks for something by a field. */
    public void ask(String what, Node field) {
        Label label = new Label(what);
        label.setLabelFor(field);
        addRow(getRowCount(), label, field);
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
