package lunko.exchange.file;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;

/** The text of a source, and the places in it. */
public record SourceText(Origin source, String text) {
    /** The most bytes that a text may have. */
    public static final long MOST_BYTES = 64L << 20;

    private static final Pattern LINE_END = Pattern.compile("\r\n|\r|\n");

    /**
     * The text of a file in UTF-8; a problem if it cannot be read, is no text, or is larger than {@link #MOST_BYTES}.
     */
    public static Checked<SourceText> read(Path file) {
        return read(file, Watch.NOBODY);
    }

    /** The text of a file in UTF-8; a problem as well if the watch says stop. */
    public static Checked<SourceText> read(Path file, Watch watch) {
        return SourceBytes.read(file, MOST_BYTES, watch).then(read -> read.isCut()
                ? problem(Origin.file(read.source()), new FileFault.TooLarge((int) (MOST_BYTES >> 20)))
                : utf8(Origin.file(read.source()), read.bytes()));
    }

    /** The text that a stream gives in UTF-8, to its end. */
    public static Checked<SourceText> read(Origin source, InputStream stream) {
        try {
            return utf8(source, stream.readAllBytes());
        } catch (IOException failed) {
            return problem(source, new FileFault.ReadFailed(String.valueOf(failed.getMessage())));
        }
    }

    private static Checked<SourceText> problem(Origin source, FileFault fault) {
        return Checked.invalid(Problem.at(Place.in(source), fault));
    }

    /** The text that bytes are in UTF-8 (RFC 3629), without a byte order mark; a problem where they stop being that. */
    public static Checked<SourceText> utf8(Origin source, byte[] bytes) {
        return decoded(source, bytes, StandardCharsets.UTF_8);
    }

    /** The text that bytes are in an encoding, without a byte order mark; a problem where they stop being that. */
    public static Checked<SourceText> decoded(Origin source, byte[] bytes, Charset encoding) {
        // Reports what is malformed, where the String constructor would quietly put a replacement character.
        CharsetDecoder decoder = encoding.newDecoder();
        CharBuffer chars = CharBuffer.allocate(bytes.length + 1);
        CoderResult result = decoder.decode(ByteBuffer.wrap(bytes), chars, true);
        String decoded = chars.flip().toString();
        SourceText text = new SourceText(source, decoded.startsWith("\uFEFF") ? decoded.substring(1) : decoded);
        return result.isError()
                ? Checked.invalid(Problem.at(text.place(text.text.length()),
                        new FileFault.NotEncoded(encoding.displayName())))
                : Checked.valid(text);
    }

    /** The place of the character at an offset. */
    public Place place(int offset) {
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
    public int start(int line) {
        Matcher ends = LINE_END.matcher(text);
        int start = 0;
        for (int passed = 1; passed < line && ends.find(); passed++) start = ends.end();
        return start;
    }
}
