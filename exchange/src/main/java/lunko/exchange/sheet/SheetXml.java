package lunko.exchange.sheet;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.poi.util.XMLHelper;

/**
 * XML of the parts of a spreadsheet, read sign by sign; nothing outside of it is followed. It is decoded here, in UTF-8
 * or UTF-16 as the standards have it (ISO/IEC 29500-2, 9.1.3): of bytes that are neither the parser would write to the
 * terminal.
 */
final class SheetXml {
    private SheetXml() {}

    static XMLStreamReader of(InputStream part) throws IOException, XMLStreamException {
        BufferedInputStream in = new BufferedInputStream(part);
        in.mark(4);
        byte[] start = in.readNBytes(3);
        boolean isMarked = start.length == 3 && (start[0] & 0xFF) == 0xEF && (start[1] & 0xFF) == 0xBB;
        if (!isMarked) in.reset();
        boolean isWide = start.length > 1 && (start[0] & 0xFF) >= 0xFE && (start[1] & 0xFF) >= 0xFE;
        Charset encoding = isWide ? StandardCharsets.UTF_16 : StandardCharsets.UTF_8;
        Reader text = new InputStreamReader(in, encoding.newDecoder().onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT));
        return XMLHelper.newXMLInputFactory().createXMLStreamReader(text);
    }
}
