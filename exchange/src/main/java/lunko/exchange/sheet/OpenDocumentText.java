package lunko.exchange.sheet;

import java.util.Set;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import lunko.problem.Limits;

/** The text of a cell of an .ods: its paragraphs (ISO/IEC 26300-3, 5.1.3 and 6.1), without what is beside it. */
final class OpenDocumentText {
    private static final Set<String> BESIDE = Set.of("annotation", "note", "ruby-text", "frame");

    private final XMLStreamReader xml;
    private final StringBuilder text = new StringBuilder();
    private int paragraphs;

    OpenDocumentText(XMLStreamReader xml) {
        this.xml = xml;
    }

    /** The text from the element at hand to its end, which has that name. */
    String until(String element) throws XMLStreamException {
        int depth = 0;
        while (xml.next() != XMLStreamReader.END_ELEMENT || depth > 0 || !xml.getLocalName().equals(element)) {
            if (xml.isStartElement()) {
                if (BESIDE.contains(xml.getLocalName())) pass();
                else {
                    depth++;
                    begin();
                }
            } else if (xml.isEndElement()) {
                depth--;
            } else if (xml.isCharacters() && depth > 0) {
                collapsed(xml.getText());
            }
        }
        return text.toString();
    }

    private void begin() {
        switch (xml.getLocalName()) {
            case "p", "h" -> {
                if (paragraphs++ > 0) text.append('\n');
            }
            case "s" -> {
                String count = xml.getAttributeValue(xml.getNamespaceURI(), "c");
                // One more than there may be is enough to be refused.
                int most = Math.max(0, Limits.TEXT + 1 - text.length());
                text.repeat(' ', count == null ? 1 : Math.clamp(Integer.parseInt(count), 0, most));
            }
            case "tab" -> text.append('\t');
            case "line-break" -> text.append('\n');
            default -> {}
        }
    }

    /** Blanks and line ends that follow each other are one blank, and none where a paragraph begins. */
    private void collapsed(String characters) {
        for (char c : characters.toCharArray()) {
            boolean blank = c == ' ' || c == '\t' || c == '\n' || c == '\r';
            boolean again = text.isEmpty() || Character.isWhitespace(text.charAt(text.length() - 1));
            if (!blank) text.append(c);
            else if (!again) text.append(' ');
        }
    }

    private void pass() throws XMLStreamException {
        for (int depth = 1; depth > 0;) {
            int event = xml.next();
            if (event == XMLStreamReader.START_ELEMENT) depth++;
            else if (event == XMLStreamReader.END_ELEMENT) depth--;
        }
    }
}
