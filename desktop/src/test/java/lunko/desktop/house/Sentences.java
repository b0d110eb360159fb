package lunko.desktop.house;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Sentences, and pieces of them, in the source of the program. */
final class Sentences {
    /** Comments, annotations and what only a log or a developer reads. */
    private static final Pattern NOT_SAID = Pattern.compile("(?s)/\\*.*?\\*/|//[^\\n]*|LOG\\.\\w+\\([^;]*;"
            + "|\\.error\\([^;]*;|new \\w+Exception\\((?:[^;]*?)\\)[;)]|new Latest<>\\([^,]*,|\\.name\\(\"[^\"]*\"\\)");
    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\\\n]|\\\\.)*)\"");
    /** Two words of a language, or one that is glued to something. */
    private static final Pattern WORDS =
            Pattern.compile("[a-z]{2,}[,;:]? [a-z]{2,}|^[A-Z][a-z]+ [a-z]|^[,;:.]? ?[a-z]{2,} $"
                    + "|^[,;:.]? [a-z]{2,} ?$|[a-z]{2,}[.!?] ");
    /** A word, however short, that is put where it is seen. */
    private static final Pattern SHOWN = Pattern.compile("(?:set(?:Text|PromptText|AccessibleText|HeaderText)\\("
            + "|new (?:Label|Button|Text|CheckBox|MenuItem)\\(|Tip\\.on\\([^,]+, )\"[A-Za-z][^\"]*\"");
    /** What programs read, and the lesson that comes along. */
    private static final List<String> DATA = List.of("JoinKind.java", "DemoLesson.java", "OpenDocumentWriter.java",
            "SampleWords.java");

    private Sentences() {}

    static boolean isToBeFreeOfThem(Path file) {
        String path = file.toString().replace('\\', '/');
        return path.matches(".*/(core|exchange|desktop)/src/main/java/.*\\.java") && !path.contains("/words/english/")
                && !path.contains("/lesson/course/")
                && DATA.stream().noneMatch(path::endsWith);
    }

    static Stream<String> in(Path file) {
        try {
            String said = NOT_SAID.matcher(Files.readString(file)).replaceAll("");
            Stream<String> sentences = LITERAL.matcher(said).results().map(MatchResult::group)
                    .filter(text -> WORDS.matcher(text.substring(1, text.length() - 1)).find());
            return Stream.concat(sentences, SHOWN.matcher(said).results().map(MatchResult::group))
                    .map(text -> file.getFileName() + ": " + text);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
