package lunko.desktop.action;

import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;

/** Small things to choose from, in lines: each shows whether it is chosen. */
public final class Chips extends FlowPane {

    /** Chips, and what stands among them. */
    public Chips(Node... parts) {
        super(parts);
        getStyleClass().add("chips");
    }

    /** A chip that does something when it is chosen; one that is chosen stays so. */
    public static ToggleButton choice(String text, boolean chosen, Runnable choose) {
        ToggleButton chip = of(text);
        chip.setSelected(chosen);
        chip.setOnAction(_ -> {
            chip.setSelected(chosen);
            if (!chosen) choose.run();
        });
        return chip;
    }

    /** A chip by itself. */
    public static ToggleButton of(String text) {
        ToggleButton chip = Controls.toggle(text);
        chip.getStyleClass().add("choice-chip");
        return chip;
    }
}
