package lunko.desktop.machine;

import java.io.FilterWriter;
import java.io.IOException;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.Writer;

/**
 * What is written to a terminal: signs that would do something there instead of being shown are shown as their pictures
 * (Unicode, Control Pictures), because names and texts of a file may have any.
 */
public final class Terminal extends FilterWriter {
    private static final char PICTURES = '\u2400';
    private static final char DELETE = '\u007f';
    private static final char UNKNOWN = '\uFFFD';

    /** What goes on to a writer. */
    public Terminal(Writer out) {
        super(out);
    }

    /** Standard output: for another program every sign as it is, for a person as a terminal may show it. */
    public static PrintWriter out() {
        return System.console() != null && System.console().isTerminal() ? of(System.out)
                : new PrintWriter(System.out, true);
    }

    /** Standard error, which is for a person. */
    public static PrintWriter err() {
        return of(System.err);
    }

    private static PrintWriter of(PrintStream stream) {
        return new PrintWriter(new Terminal(new PrintWriter(stream, true)), true);
    }

    private static char shown(int sign) {
        if (sign == '\n' || sign == '\r' || sign == '\t') return (char) sign;
        if (sign < ' ') return (char) (PICTURES + sign);
        if (sign == DELETE) return PICTURES + 0x21;
        return sign > DELETE && sign < '\u00a0' ? UNKNOWN : (char) sign;
    }

    @Override
    public void write(int sign) throws IOException {
        out.write(shown(sign));
    }

    @Override
    public void write(char[] signs, int from, int length) throws IOException {
        for (int i = from; i < from + length; i++) write(signs[i]);
    }

    @Override
    public void write(String text, int from, int length) throws IOException {
        for (int i = from; i < from + length; i++) write(text.charAt(i));
    }
}
