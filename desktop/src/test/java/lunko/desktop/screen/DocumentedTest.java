package lunko.desktop.screen;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.stage.Stage;
import lunko.desktop.Documents;
import lunko.desktop.OpenWindow;
import lunko.desktop.action.Action;
import lunko.desktop.words.english.EnglishSpeech;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** The words and the keys in the docs are those of the program. */
class DocumentedTest extends OpenWindow {

    @Start
    void start(Stage stage) {
        open(stage);
    }

    @Test
    void theWordsAreThoseOfTheGlossary() throws IOException {
        check("words.md", """
                # The words

                What Lunko's words mean, as F1 shows them and as a word in a why tells when it is pointed at.

                | word | meaning |
                |---|---|
                """ + new EnglishSpeech().glossary().terms().stream()
                .map(term -> "| **" + term.word() + "** | " + term.meaning() + " |\n").collect(Collectors.joining()));
    }

    @Test
    void theKeysAreThoseOfTheActions() throws IOException {
        check("keys.md", """
                # The keys

                What each key does, as F1 shows it. In a table the arrows, Home, End and the digits belong to the table;
                a click on anything else in the show gives them to the steps, and Space plays.

                """ + Stream.of(Action.Group.values()).map(this::group).collect(Collectors.joining("\n")));
    }

    private String group(Action.Group group) {
        List<Action> actions = screen.view().actions().all().stream()
                .filter(action -> action.group() == group && !action.keys().isEmpty()).toList();
        return "## " + group.title() + "\n\n| key | does |\n|---|---|\n" + actions.stream()
                .map(action -> "| " + action.shownKey().orElseThrow().replace("|", "\\|") + " | "
                        + action.name().getValue() + " |\n")
                .collect(Collectors.joining());
    }

    private static void check(String name, String wanted) throws IOException {
        Documents.check(Path.of("..", "docs", name), wanted);
    }
}
