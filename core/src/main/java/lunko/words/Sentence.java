package lunko.words;

import lunko.phrase.Phrase;

/** Something to be said, in whatever language: what it says is settled, the words are not. */
@FunctionalInterface
public interface Sentence {

    /** It in the words of a language. */
    Phrase in(Language language);

    /** Nothing to say. */
    static Sentence none() {
        return _ -> Phrase.EMPTY;
    }

    /** This, and then something else, with a blank between them. */
    default Sentence and(Sentence other) {
        return language -> Phrase.joined(in(language), other.in(language));
    }
}
