package lunko.desktop.look;

import java.util.List;
import java.util.Locale;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import lunko.phrase.Phrase;

/** A phrase set in type, each part in the style class of its tone: {@code tone-left}, {@code tone-code}. */
public final class PhraseFlow extends TextFlow {

    /** A flow that shows nothing yet. */
    public PhraseFlow(String... styleClasses) {
        getStyleClass().addAll(styleClasses);
    }

    /** Shows another phrase. Parts of the same tone at the same place are rewritten, which costs no new styling. */
    public void show(Phrase phrase) {
        List<Phrase.Part> parts = phrase.parts();
        for (int i = 0; i < parts.size(); i++) {
            String tone = "tone-" + parts.get(i).tone().name().toLowerCase(Locale.ROOT);
            if (i == getChildren().size()) getChildren().add(text(tone));
            else if (!getChildren().get(i).getStyleClass().contains(tone)) getChildren().set(i, text(tone));
            if (getChildren().get(i) instanceof Text text) text.setText(parts.get(i).text());
        }
        getChildren().remove(parts.size(), getChildren().size());
        setAccessibleText(phrase.text());
    }

    private static Text text(String tone) {
        Text text = new Text();
        text.getStyleClass().addAll("text", tone);
        return text;
    }
}
