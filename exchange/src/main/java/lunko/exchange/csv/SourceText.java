package lunko.exchange.csv;

import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lunko.problem.Checked;
import lunko.problem.Place;
import lunko.problem.Problem;

/** The text of a source, and the places in it. */
record SourceText(String source, String text) {
    private static final Pattern LINE_END = Pattern.compile("\r\n|\r|\n");

    /** The text that bytes are in UTF-8 (RFC 3629), without a byte order mark; a problem where they stop being that. */
    static Checked<SourceText> utf8(String source, byte[] bytes) {
        // Reports what is malformed, where the String constructor would quietly put a replacement character.
        CharsetDecoder decoder = StandardCharsets.UTF_8.newDecoder();
        CharBuffer chars = CharBuffer.allocate(bytes.length);
        CoderResult result = decoder.decode(ByteBuffer.wrap(bytes), chars, true);
        String decoded = chars.flip().toString();
        SourceText text = new SourceText(source, decoded.startsWith("\uFEFF") ? decoded.substring(1) : decoded);
        return result.isError()
                ? Checked.invalid(Problem.at(text.place(text.text.length()),
                        "This character is not UTF-8: save the file as UTF-8 and open it again."))
                : Checked.valid(text);
    }

    /** The place of the character at an offset. */
    Place place(int offset) {
        int line = 1;
        int start = 0;
        Matcher ends = LINE_END.matcher(text).region(0, offset);
        while (ends.find()) {
            line++;
            start = ends.end();
        }
        return Place.character(source, line, text.codePointCount(start, offset) + 1);
    }

    /** The offset at which a line starts; lines count from 1. */
    int start(int line) {
        Matcher ends = LINE_END.matcher(text);
        int start = 0;
        for (int passed = 1; passed < line && ends.find(); passed++) start = ends.end();
        return start;
    }
}
