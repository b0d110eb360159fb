package lunko.handout.file;

import java.awt.Dimension;
import java.awt.Font;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Face;
import lunko.handout.drawing.Mark;
import lunko.handout.paint.Painter;
import lunko.handout.paint.Palette;
import org.apache.batik.svggen.SVGGeneratorContext;
import org.apache.batik.svggen.SVGGraphics2D;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TTFSubsetter;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/**
 * Drawings as SVG (W3C, Scalable Vector Graphics 1.1). Text stays text; the characters of the typefaces that it needs
 * are in the file, so that it looks the same everywhere and asks nobody for anything.
 */
public final class SvgFile {
    private static final String SVG = "http://www.w3.org/2000/svg";
    /** What a browser needs of a typeface. */
    private static final List<String> TABLES = List.of("head", "hhea", "hmtx", "maxp", "name", "OS/2", "post", "cmap",
            "glyf", "loca", "cvt ", "fpgm", "prep", "gasp");

    private static final Map<Face, TrueTypeFont> READ = new EnumMap<>(Face.class);

    private SvgFile() {}

    /** A drawing under a title, which programs read aloud. */
    public static byte[] of(Drawing drawing, Palette palette, String title) {
        try {
            Document document = DocumentBuilderFactory.newDefaultInstance().newDocumentBuilder().newDocument();
            document.appendChild(document.createElementNS(SVG, "svg"));
            SVGGeneratorContext context = SVGGeneratorContext.createDefault(document);
            context.setComment("");
            SVGGraphics2D on = new SVGGraphics2D(context, false);
            on.setSVGCanvasSize(new Dimension((int) Math.ceil(drawing.width()), (int) Math.ceil(drawing.height())));
            new Painter(palette, SvgFile::styled).paint(drawing, on);
            Element root = on.getRoot();
            root.setAttributeNS(null, "viewBox",
                    "0 0 " + (int) Math.ceil(drawing.width()) + " " + (int) Math.ceil(drawing.height()));
            root.setAttributeNS(null, "role", "img");
            root.insertBefore(child(document, "style", faces(drawing)), root.getFirstChild());
            root.insertBefore(child(document, "title", title), root.getFirstChild());
            // Without the reference to a DTD, which some programs would fetch.
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            TransformerFactory.newDefaultInstance().newTransformer().transform(new DOMSource(root),
                    new StreamResult(bytes));
            return bytes.toByteArray();
        } catch (ParserConfigurationException | TransformerException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static Element child(Document document, String name, String text) {
        Element element = document.createElementNS(SVG, name);
        element.appendChild(document.createTextNode(text));
        return element;
    }

    /** Of a family, faces are told apart by weight and slope; a font from a file does not say them. */
    private static Font styled(Font font) {
        return Stream.of(Face.values()).filter(face -> face.font() == font).findFirst()
                .map(face -> font.deriveFont(face.style())).orElse(font);
    }

    /** The faces that a drawing is set in, each with the characters that it needs. */
    private static String faces(Drawing drawing) {
        Map<Face, Set<Integer>> used = new EnumMap<>(Face.class);
        for (Mark mark : drawing.marks()) {
            if (mark instanceof Mark.Text text) text.text().codePoints().forEach(
                    character -> used.computeIfAbsent(text.lettering().face(), _ -> new TreeSet<>()).add(character));
        }
        return used.entrySet().stream().map(face -> "@font-face{font-family:'" + face.getKey().font().getFamily()
                + "';font-weight:" + (face.getKey().style() == Font.BOLD ? "bold" : "normal") + ";font-style:"
                + (face.getKey().style() == Font.ITALIC ? "italic" : "normal")
                + ";src:url(data:font/ttf;base64," + subset(face.getKey(), face.getValue()) + ")}")
                .collect(Collectors.joining("\n"));
    }

    /** A typeface is read once. */
    private static synchronized TrueTypeFont read(Face face) throws IOException {
        TrueTypeFont known = READ.get(face);
        if (known != null) return known;
        try (InputStream bytes = face.open()) {
            TrueTypeFont read = new TTFParser().parse(new RandomAccessReadBuffer(bytes));
            READ.put(face, read);
            return read;
        }
    }

    private static synchronized String subset(Face face, Set<Integer> characters) {
        try (ByteArrayOutputStream subset = new ByteArrayOutputStream()) {
            TTFSubsetter subsetter = new TTFSubsetter(read(face), TABLES);
            characters.forEach(subsetter::add);
            subsetter.writeToStream(subset);
            return Base64.getEncoder().encodeToString(subset.toByteArray());
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
