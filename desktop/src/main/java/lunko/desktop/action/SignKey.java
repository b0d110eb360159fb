package lunko.desktop.action;

import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** The key that writes a sign, wherever that is on a keyboard. */
public final class SignKey extends KeyCombination {
    private final String sign;

    /** The key for a sign. */
    public SignKey(String sign) {
        super(SHIFT_ANY);
        this.sign = sign;
    }

    @Override
    public boolean match(KeyEvent event) {
        return sign.equals(event.getText());
    }

    @Override
    public String getDisplayText() {
        return sign;
    }

    @Override
    public String getName() {
        return sign;
    }
}
