package lunko.exchange.sheet;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import lunko.problem.FileFault.Where;
import lunko.problem.FileFault;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;

/** Writes spreadsheets of the kind .ods (ISO/IEC 26300-2, 3; -3, 9), row by row. */
public final class OpenDocumentWriter {
    private static final String KIND = "application/vnd.oasis.opendocument.spreadsheet";
    private static final String SPACE = "urn:oasis:names:tc:opendocument:xmlns:";
    private static final Map<String, String> SPACES = new TreeMap<>(Map.of("office", SPACE + "office:1.0", "table",
            SPACE + "table:1.0", "text", SPACE + "text:1.0", "style", SPACE + "style:1.0", "number",
            SPACE + "datastyle:1.0"));
    /** What XML 1.0 has no sign for, and these spreadsheets none of their own. */
    private static final Pattern UNSAYABLE = Pattern.compile("[\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F\\uFFFE\\uFFFF]");
    /** The blanks that would be taken for fewer, tabs and line ends, which have elements of their own. */
    private static final Pattern BLANKS = Pattern.compile("\t|\n|(?<=\\s|^) +| {2,}| +$");

    private final XMLStreamWriter xml;

    private OpenDocumentWriter(XMLStreamWriter xml) {
        this.xml = xml;
    }

    /** Why tables cannot be written so, if they cannot. */
    public static Optional<FileFault> refusal(List<Table> tables) {
        return tables.stream().flatMap(table -> Stream.of(
                Stream.of(table.name()).filter(OpenDocumentWriter::isUnsayable).<Where>map(_ -> new Where.TableName()),
                table.columns().stream().map(Column::name).filter(OpenDocumentWriter::isUnsayable)
                        .<Where>map(_ -> new Where.ColumnName(table.name())),
                table.rows().stream().filter(row -> row.written().stream().map(Value::shown)
                        .anyMatch(OpenDocumentWriter::isUnsayable)).<Where>map(_ -> new Where.Cell(table.name())))
                .flatMap(found -> found)).findFirst()
                .map(FileFault.ControlCharacter::new);
    }

    private static boolean isUnsayable(String text) {
        return UNSAYABLE.matcher(text).find();
    }

    /** Writes tables, a sheet for each. */
    public static void write(List<Table> tables, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        kind(zip);
        zip.putNextEntry(new ZipEntry("META-INF/manifest.xml"));
        zip.write("""
                <?xml version="1.0" encoding="UTF-8"?>
                <manifest:manifest xmlns:manifest="SPACEmanifest:1.0" manifest:version="1.2">
                  <manifest:file-entry manifest:full-path="/" manifest:media-type="KIND"/>
                  <manifest:file-entry manifest:full-path="content.xml" manifest:media-type="text/xml"/>
                </manifest:manifest>
                """.replace("SPACE", SPACE).replace("KIND", KIND).getBytes(StandardCharsets.UTF_8));
        zip.putNextEntry(new ZipEntry("content.xml"));
        try {
            // It writes sign by sign.
            Writer text = new BufferedWriter(new OutputStreamWriter(zip, StandardCharsets.UTF_8));
            XMLStreamWriter xml = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(text);
            new OpenDocumentWriter(xml).content(tables);
            xml.flush();
            text.flush();
        } catch (XMLStreamException failed) {
            throw new IOException(failed);
        }
        zip.finish();
    }

    /** The first part, not compressed, so that the kind of the file is seen in its first bytes (-2, 3.3). */
    private static void kind(ZipOutputStream zip) throws IOException {
        byte[] kind = KIND.getBytes(StandardCharsets.US_ASCII);
        CRC32 sum = new CRC32();
        sum.update(kind);
        ZipEntry entry = new ZipEntry("mimetype");
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(kind.length);
        entry.setCrc(sum.getValue());
        zip.putNextEntry(entry);
        zip.write(kind);
    }

    private void content(List<Table> tables) throws XMLStreamException {
        xml.writeStartDocument("1.0");
        start("office:document-content", "office:version", "1.2");
        for (Map.Entry<String, String> space : SPACES.entrySet()) xml.writeNamespace(space.getKey(), space.getValue());
        start("office:automatic-styles");
        start("number:date-style", "style:name", "iso");
        for (String part : List.of("year", "-", "month", "-", "day")) {
            if (part.equals("-")) start("number:text");
            else start("number:" + part, "number:style", "long");
            if (part.equals("-")) xml.writeCharacters(part);
            xml.writeEndElement();
        }
        xml.writeEndElement();
        start("style:style", "style:name", "day", "style:family", "table-cell", "style:data-style-name", "iso");
        xml.writeEndElement();
        xml.writeEndElement();
        start("office:body");
        start("office:spreadsheet");
        for (Table table : tables) sheet(table);
        xml.writeEndDocument();
    }

    private void sheet(Table table) throws XMLStreamException {
        start("table:table", "table:name", table.name());
        start("table:table-column", "table:number-columns-repeated", Integer.toString(table.columns().size()));
        xml.writeEndElement();
        start("table:table-row");
        for (Column column : table.columns()) cell(Value.of(column.name()));
        xml.writeEndElement();
        for (Row row : table.rows()) {
            start("table:table-row");
            for (Value value : row.written()) cell(value);
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }

    private void cell(Value value) throws XMLStreamException {
        switch (value) {
            case Value.Null _ -> start("table:table-cell");
            case Value.IntegerValue _,Value.DecimalValue _ ->
                start("table:table-cell", "office:value-type", "float", "office:value", value.shown());
            case Value.TextValue _ -> start("table:table-cell", "office:value-type", "string");
            case Value.BooleanValue _ ->
                start("table:table-cell", "office:value-type", "boolean", "office:boolean-value", value.shown());
            case Value.DateValue _ -> start("table:table-cell", "table:style-name", "day", "office:value-type", "date",
                    "office:date-value", value.shown());
        }
        if (!value.isNull()) {
            start("text:p");
            text(value.shown());
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }

    private void text(String text) throws XMLStreamException {
        Matcher blanks = BLANKS.matcher(text);
        int from = 0;
        while (blanks.find()) {
            xml.writeCharacters(text.substring(from, blanks.start()));
            switch (blanks.group().charAt(0)) {
                case '\t' -> start("text:tab");
                case '\n' -> start("text:line-break");
                default -> start("text:s", "text:c", Integer.toString(blanks.group().length()));
            }
            xml.writeEndElement();
            from = blanks.end();
        }
        xml.writeCharacters(text.substring(from));
    }

    /** Begins an element with attributes, each a name and what it is. */
    private void start(String element, String... attributes) throws XMLStreamException {
        xml.writeStartElement(prefix(element), local(element), SPACES.get(prefix(element)));
        for (int i = 0; i < attributes.length; i += 2)
            xml.writeAttribute(prefix(attributes[i]),
                    SPACES.get(prefix(attributes[i])), local(attributes[i]), attributes[i + 1]);
    }

    private static String prefix(String name) {
        return name.substring(0, name.indexOf(':'));
    }

    private static String local(String name) {
        return name.substring(name.indexOf(':') + 1);
    }
}
