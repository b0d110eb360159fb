package lunko.query.sql;

import java.util.Optional;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Stretch;
import org.antlr.v4.runtime.Token;

/**
 * A text of SQL under a name, and where in it words stand. The grammar counts code points; a text counts characters.
 */
final class SqlSource {
    private final Origin name;
    private final String text;
    /** For each code point the character where it begins, in a text in which the two differ. */
    private final Optional<int[]> characters;

    SqlSource(Origin name, String text) {
        this.name = name;
        this.text = text;
        int points = text.codePointCount(0, text.length());
        this.characters = points == text.length() ? Optional.empty() : Optional.of(characters(text, points));
    }

    private static int[] characters(String text, int points) {
        int[] characters = new int[points + 1];
        for (int point = 0; point < points; point++) {
            characters[point + 1] = text.offsetByCodePoints(characters[point], 1);
        }
        return characters;
    }

    String text() {
        return text;
    }

    /** From the first to the last of some words. */
    Stretch stretch(Token first, Token last) {
        int end = Math.max(last.getStopIndex() + 1, first.getStartIndex());
        return new Stretch(character(first.getStartIndex()), character(end));
    }

    private int character(int codePoint) {
        return characters.map(known -> known[codePoint]).orElse(codePoint);
    }

    Place place(Stretch at) {
        return new Place.InText(name, text, at);
    }

    /** Where a word stands. */
    Place place(Token word) {
        return place(stretch(word, word));
    }
}
