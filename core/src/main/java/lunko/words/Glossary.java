package lunko.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The words that a learner has to know, and what they mean. */
public interface Glossary {

    /**
     * A word and what it means.
     *
     * @param forms the word in all the forms in which sentences have it, in small letters
     */
    record Term(String word, List<String> forms, String meaning) {

        /** Keeps the forms as they are. */
        public Term {
            forms = List.copyOf(forms);
        }
    }

    /** A stretch of a text, and the term that it is, if it is one. */
    record Piece(String text, Optional<Term> term) {}

    /** All terms, in the order of their words. */
    List<Term> terms();

    /** A text in pieces: each word that is a term by itself, the longest one where several begin at one place. */
    default List<Piece> pieces(String text) {
        String small = text.toLowerCase(Locale.ROOT);
        List<Piece> pieces = new ArrayList<>();
        int from = 0;
        for (int at = 0; at < text.length(); at++) {
            if (at > 0 && isLetter(text, at - 1)) continue;
            Optional<Found> found = longest(small, at);
            if (found.isEmpty()) continue;
            if (at > from) pieces.add(new Piece(text.substring(from, at), Optional.empty()));
            from = at + found.get().form().length();
            pieces.add(new Piece(text.substring(at, from), Optional.of(found.get().term())));
            at = from - 1;
        }
        if (from < text.length()) pieces.add(new Piece(text.substring(from), Optional.empty()));
        return pieces;
    }

    /** A form that stands at a place of a text, and its term. */
    record Found(String form, Term term) {}

    private Optional<Found> longest(String text, int at) {
        return terms().stream().flatMap(term -> term.forms().stream().map(form -> new Found(form, term)))
                .filter(found -> text.startsWith(found.form(), at) && !isLetter(text, at + found.form().length()))
                .max(Comparator.comparingInt(found -> found.form().length()));
    }

    private static boolean isLetter(String text, int at) {
        return at < text.length() && (Character.isLetterOrDigit(text.charAt(at)) || text.charAt(at) == '_');
    }
}
