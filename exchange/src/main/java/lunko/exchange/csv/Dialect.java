package lunko.exchange.csv;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import lunko.exchange.file.SourceText;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.table.Type;

/**
 * How a file of separated values is written.
 *
 * @param separator what stands between fields
 * @param quote what stands around fields that have a separator in them, if anything does
 * @param header whether the first line names the columns
 * @param encoding how characters are bytes
 */
public record Dialect(char separator, Optional<Character> quote, boolean header, Charset encoding) {
    /** Comma, double quotes, a header, UTF-8 (RFC 4180). */
    public static final Dialect PLAIN = new Dialect(',', Optional.of('"'), true, StandardCharsets.UTF_8);
    /** The separators that are looked for, the most usual first. */
    public static final List<Character> SEPARATORS = List.of(',', ';', '\t', '|');
    /** The quotes that are looked for, the most usual first. */
    public static final List<Character> QUOTES = List.of('"', '\'');
    /** As much of a file says how it is written. */
    private static final int LOOKED_AT = 1 << 16;

    /** The encodings that there are to choose from, where files are read: a browser has not all of them. */
    public static List<Charset> encodings() {
        return List.of(StandardCharsets.UTF_8, Charset.forName("windows-1252"), StandardCharsets.UTF_16LE,
                StandardCharsets.UTF_16BE);
    }

    /** What a file seems to be written in. */
    public static Dialect found(byte[] bytes) {
        Charset encoding = encoding(bytes);
        String text = new String(bytes, 0, Math.min(bytes.length, LOOKED_AT), encoding);
        char quote = quote(text);
        char separator = separator(text);
        return new Dialect(separator, Optional.of(quote), named(text, separator), encoding);
    }

    /**
     * The sign between fields: of those looked for, the one that stands most often in the first line outside of quotes.
     */
    public static char separator(String text) {
        String first = text.substring(0, Math.min(text.length(), LOOKED_AT)).replaceAll("\"[^\"]*\"", "").lines()
                .findFirst().orElse("");
        return SEPARATORS.stream().max(Comparator.comparingLong((Character sign) -> count(first, sign))
                .thenComparing(sign -> -SEPARATORS.indexOf(sign))).orElseThrow();
    }

    private static long count(String text, char sign) {
        return text.chars().filter(c -> c == sign).count();
    }

    /** Single quotes only where fields begin with them and none with double quotes. */
    private static char quote(String text) {
        String start = "(?m)(^|[,;\t|])";
        boolean single = text.matches("(?s).*" + start + "'[^'\n]*'([,;\t|].*|\\s.*|$)");
        return single && text.indexOf('"') < 0 ? '\'' : '"';
    }

    private static Charset encoding(byte[] bytes) {
        if (bytes.length >= 2 && bytes[0] == (byte) 0xFF && bytes[1] == (byte) 0xFE) return StandardCharsets.UTF_16LE;
        if (bytes.length >= 2 && bytes[0] == (byte) 0xFE && bytes[1] == (byte) 0xFF) return StandardCharsets.UTF_16BE;
        return SourceText.utf8(Origin.file(""), bytes) instanceof Checked.Valid ? StandardCharsets.UTF_8
                : Charset.forName("windows-1252");
    }

    /** A first line in which a number or a day stands names no columns. */
    private static boolean named(String text, char separator) {
        String first = text.lines().findFirst().orElse("");
        return Arrays.stream(first.split(Pattern.quote(String.valueOf(separator)))).map(String::strip)
                .noneMatch(field -> Type.narrowest(List.of(field)) != Type.TEXT);
    }

    /** The same with another separator. */
    public Dialect separated(char other) {
        return new Dialect(other, quote, header, encoding);
    }

    /** The same with another quote, or none. */
    public Dialect quoted(Optional<Character> other) {
        return new Dialect(separator, other, header, encoding);
    }

    /** The same with or without a line that names the columns. */
    public Dialect named(boolean has) {
        return new Dialect(separator, quote, has, encoding);
    }

    /** The same in another encoding. */
    public Dialect in(Charset other) {
        return new Dialect(separator, quote, header, other);
    }
}
