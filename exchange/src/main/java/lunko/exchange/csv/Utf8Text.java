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

/** The text that bytes are in UTF-8 (RFC 3629), without a byte order mark; or where they stop being UTF-8. */
final class Utf8Text {
    private static final Pattern LINE_END = Pattern.compile("\r\n|\r|\n");

    private Utf8Text() {}

    static Checked<String> decode(String source, byte[] bytes) {
        // Reports what is malformed, where the String constructor would quietly put a replacement character.
        CharsetDecoder decoder = StandardCharsets.UTF_8.newDecoder();
        CharBuffer chars = CharBuffer.allocate(bytes.length);
        CoderResult result = decoder.decode(ByteBuffer.wrap(bytes), chars, true);
        String text = chars.flip().toString();
        if (text.startsWith("\uFEFF")) text = text.substring(1);
        return result.isError()
                ? Checked.invalid(Problem.at(place(source, text, text.length()),
                        "This character is not UTF-8: save the file as UTF-8 and open it again."))
                : Checked.valid(text);
    }

    /** The place of the character at an offset. */
    static Place place(String source, String text, int offset) {
        int line = 1;
        int start = 0;
        Matcher ends = LINE_END.matcher(text).region(0, offset);
        while (ends.find()) {
            line++;
            start = ends.end();
        }
        return Place.character(source, line, text.codePointCount(start, offset) + 1);
    }
}
