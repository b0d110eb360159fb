package lunko.desktop.show.join;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import lunko.desktop.look.PhraseFlow;
import lunko.words.Sentence;

/** Sentences one below the other, as wide as a person reads with ease. */
final class Explained {
    private static final double WIDTH = 620;

    private Explained() {}

    static List<PhraseFlow> lines(List<Sentence> sentences) {
        return sentences.stream().map(sentence -> {
            PhraseFlow flow = new PhraseFlow("explained");
            flow.show(sentence.in(words()));
            flow.setPrefWidth(WIDTH);
            return flow;
        }).toList();
    }
}
