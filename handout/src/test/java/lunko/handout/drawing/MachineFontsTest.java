package lunko.handout.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** What is drawn on a machine without fonts, in a process of its own: Java asks for them once. */
class MachineFontsTest {

    /** Draws where there is no such library. */
    static final class Bare {
        private Bare() {}

        public static void main(String[] arguments) {
            MachineFonts.prepare("no-such-library.so.9");
            System.out.print(System.getProperty("sun.awt.fontconfig") + " " + Letters.width("Clover", Lettering.TEXT));
        }
    }

    @Test
    void whatComesAlongCanBeDrawnWhereThereAreNoFonts() throws IOException, InterruptedException {
        Process bare = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Djava.awt.headless=true", "--enable-native-access=ALL-UNNAMED", "-cp",
                System.getProperty("java.class.path"), Bare.class.getName()).redirectErrorStream(true).start();
        String said = new String(bare.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(bare.waitFor()).as(said).isZero();
        assertThat(said).contains("lunko").endsWith(" " + Letters.width("Clover", Lettering.TEXT));
    }
}
