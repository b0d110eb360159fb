package lunko.exchange.sheet;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** Texts in an .xlsx: where they stand (ISO/IEC 29500-1, 18.4), and how they say what XML cannot (22.4.2.4). */
final class SheetText {
    /** What XML 1.0 cannot hold or reads otherwise, and what looks like the sign for it. */
    private static final Pattern UNSAYABLE =
            Pattern.compile("[\\x00-\\x08\\x0B-\\x1F\\uFFFE\\uFFFF]|_(?=x[0-9A-Fa-f]{4}_)");
    private static final Pattern SAID = Pattern.compile("_x([0-9A-Fa-f]{4})_");

    private SheetText() {}

    /** A text as it is written. */
    static String written(String text) {
        return UNSAYABLE.matcher(text)
                .replaceAll(found -> String.format(Locale.ROOT, "_x%04X_", (int) found.group().charAt(0)));
    }

    /** What a text says that is written so. */
    static String read(String written) {
        return written.indexOf('_') < 0 ? written : SAID.matcher(written).replaceAll(found -> {
            String sign = Character.toString(Integer.parseInt(found.group(1), 16));
            return Matcher.quoteReplacement(sign);
        });
    }

    /** The text of all elements of that name within the one at hand; nothing, where it has none. */
    static Optional<String> within(XMLStreamReader xml, String element) throws XMLStreamException {
        Optional<String> text = Optional.empty();
        int phonetic = 0;
        for (int depth = 1; depth > 0;) {
            int event = xml.next();
            if (event == XMLStreamReader.START_ELEMENT) {
                // How a text is read aloud is beside it.
                if (xml.getLocalName().equals("rPh")) phonetic = depth;
                if (xml.getLocalName().equals(element) && phonetic == 0)
                    text = Optional.of(text.orElse("") + xml.getElementText());
                else depth++;
            } else if (event == XMLStreamReader.END_ELEMENT) {
                depth--;
                if (depth <= phonetic) phonetic = 0;
            }
        }
        return text;
    }
}
