package lunko.desktop.look;

import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import lunko.phrase.Phrase;

/** A phrase set in type, each part in the style class of its tone: {@code tone-left}, {@code tone-code}. */
public final class PhraseFlow extends TextFlow {

    /** A flow that shows nothing yet. */
    public PhraseFlow(String... styleClasses) {
        getStyleClass().addAll(styleClasses);
    }

    /** Shows another phrase. */
    public void show(Phrase phrase) {
        getChildren().setAll(nodes(phrase));
        setAccessibleText(phrase.text());
    }

    private static List<Node> nodes(Phrase phrase) {
        return phrase.parts().stream().<Node>map(part -> {
            Text text = new Text(part.text());
            text.getStyleClass().addAll("text", "tone-" + part.tone().name().toLowerCase(Locale.ROOT));
            return text;
        }).toList();
    }
}
