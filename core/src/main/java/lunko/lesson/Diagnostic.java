package lunko.lesson;

import java.util.List;
import java.util.Optional;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.Stretch;
import lunko.query.sql.Lexeme;
import lunko.words.Problems;

/**
 * Something wrong with a written text, or allowed and surely not meant.
 *
 * @param problem what it is
 * @param at the characters that it is about
 * @param mended the whole text mended, in each way that is offered
 * @param note whether the text can be run all the same
 */
public record Diagnostic(Problem problem, Stretch at, List<String> mended, boolean note) {
    /** So many words are told of what a new word of SQL is about. */
    private static final int MOST_TOLD = 5;

    static Diagnostic of(Problem problem, String text, Stretch statement, boolean note) {
        List<String> mended = problem.fixes().stream()
                .map(fix -> text.substring(0, statement.start()) + fix + text.substring(statement.end())).toList();
        return new Diagnostic(problem, problem.place().flatMap(Diagnostic::at).orElse(statement), mended,
                note);
    }

    /** The characters of a place; without any, such as at the end, the one before it. */
    private static Optional<Stretch> at(Place place) {
        if (!(place instanceof Place.InText(Origin _, String _, Stretch at))) return Optional.empty();
        return Optional.of(at.start() == at.end() ? new Stretch(Math.max(0, at.start() - 1), at.end()) : at);
    }

    /** What a mended text changes, in a few words: {@code Change to hives}. */
    public static String said(String text, String mended, Problems in) {
        int start = 0;
        int most = Math.min(text.length(), mended.length());
        while (start < most && text.charAt(start) == mended.charAt(start)) start++;
        int end = 0;
        while (end < most - start && text.charAt(text.length() - 1 - end) == mended.charAt(mended.length() - 1 - end))
            end++;
        // Whole words, so that what is offered can be read.
        while (start > 0 && isWord(mended.charAt(start - 1))
                && (start < mended.length() - end && isWord(mended.charAt(start))
                        || start < text.length() - end && isWord(text.charAt(start))))
            start--;
        while (end > 0 && isWord(mended.charAt(mended.length() - end)) && mended.length() - end > start
                && isWord(mended.charAt(mended.length() - end - 1)))
            end--;
        int last = mended.length() - end;
        if (last > start) last = Math.max(last, told(mended, start, last));
        String written = mended.substring(start, last).strip();
        return written.isEmpty() ? in.remove(text.substring(start, text.length() - end).strip())
                : in.changeTo(written);
    }

    /** The end of what is to be told: where nothing but words of SQL is new, what they are about is told too. */
    private static int told(String mended, int start, int end) {
        List<Lexeme> all = Lexeme.of(mended);
        if (all.stream().anyMatch(lexeme -> lexeme.at().start() >= start && lexeme.at().end() <= end
                && lexeme.kind() != Lexeme.Kind.WORD))
            return end;
        return all.stream().filter(lexeme -> lexeme.at().start() >= end).limit(MOST_TOLD).reduce((_, later) -> later)
                .map(lexeme -> lexeme.at().end()).orElse(end);
    }

    private static boolean isWord(char sign) {
        return Character.isLetterOrDigit(sign) || sign == '_' || sign == '.';
    }
}
