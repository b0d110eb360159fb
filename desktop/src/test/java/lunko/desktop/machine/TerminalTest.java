package lunko.desktop.machine;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import org.junit.jupiter.api.Test;

/** What names and texts of a file do not do to a terminal. */
class TerminalTest {

    @Test
    void signsThatWouldDoSomethingAreShownAsTheirPictures() {
        StringWriter shown = new StringWriter();
        PrintWriter terminal = new PrintWriter(new Terminal(shown), true);
        terminal.print("hives\u001b[31m\u0007\u007f\u009b ö\t🍯\n");
        terminal.flush();
        assertThat(shown).hasToString("hives␛[31m␇␡\uFFFD ö\t🍯\n");
    }
}
