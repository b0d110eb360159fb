package lunko.desktop;

import static lunko.desktop.words.Spoken.words;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Documents that say what the program says: with {@code -Dlunko.docs=write} they are written anew. */
public final class Documents {
    private Documents() {}

    /** Compares a file of the project with what it is to be. */
    public static void check(Path file, String wanted) throws IOException {
        assumeTrue(words().tag().equals("en"));
        if (System.getProperty("lunko.docs", "").equals("write")) Files.writeString(file, wanted);
        assertThat(file).content().isEqualTo(wanted);
    }
}
