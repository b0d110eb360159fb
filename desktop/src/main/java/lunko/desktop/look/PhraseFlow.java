package lunko.desktop.look;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import lunko.phrase.Phrase;
import lunko.words.Glossary;

/**
 * A phrase set in type, each part in the style class of its tone: {@code tone-left}, {@code tone-code}. A term that is
 * pointed at tells its meaning.
 */
public final class PhraseFlow extends TextFlow {
    private static final PseudoClass TERM = PseudoClass.getPseudoClass("term");

    /** A flow that shows nothing yet. */
    public PhraseFlow(String... styleClasses) {
        getStyleClass().addAll(styleClasses);
    }

    /** What is set in one piece: a part of a phrase, or a term in it, with its meaning. */
    private record Piece(String text, String tone, Optional<Glossary.Term> term) {}

    /** Shows another phrase. Pieces of the same tone at the same place are rewritten, which costs no new styling. */
    public void show(Phrase phrase) {
        List<Piece> pieces = phrase.parts().stream().flatMap(PhraseFlow::pieces).toList();
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            if (i == getChildren().size()) getChildren().add(text(piece.tone()));
            else if (!getChildren().get(i).getStyleClass().contains(piece.tone()))
                getChildren().set(i, text(piece.tone()));
            if (getChildren().get(i) instanceof Text text) say(text, piece);
        }
        getChildren().remove(pieces.size(), getChildren().size());
        setAccessibleText(phrase.text());
    }

    /** Terms are looked for in words alone: names and SQL mean what the lesson makes of them. */
    private static Stream<Piece> pieces(Phrase.Part part) {
        String tone = "tone-" + part.tone().name().toLowerCase(Locale.ROOT);
        return switch (part.tone()) {
            case LEFT, RIGHT, CODE -> Stream.of(new Piece(part.text(), tone, Optional.empty()));
            case PLAIN, STRONG -> words().glossary().pieces(part.text()).stream()
                    .map(piece -> new Piece(piece.text(), tone, piece.term()));
        };
    }

    private static void say(Text text, Piece piece) {
        text.setText(piece.text());
        text.pseudoClassStateChanged(TERM, piece.term().isPresent());
        piece.term().ifPresentOrElse(term -> Tip.on(text, words().window().meaning(term.word(), term.meaning())),
                () -> Tip.off(text));
    }

    private static Text text(String tone) {
        Text text = new Text();
        text.getStyleClass().addAll("text", tone);
        return text;
    }
}
