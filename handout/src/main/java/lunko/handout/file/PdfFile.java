package lunko.handout.file;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import java.awt.Font;
import java.awt.FontFormatException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Face;
import lunko.handout.paint.Painter;
import lunko.handout.paint.Palette;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Drawings as the pages of a PDF (ISO 32000-1): lines and curves stay such, text can be searched and copied. */
public final class PdfFile {
    private PdfFile() {}

    /** Drawings, each on a page of its own that is as large as it is. */
    public static byte[] of(List<Drawing> pages, Palette palette, String title) {
        try (PDDocument document = new PDDocument(); ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            Faces faces = Faces.in(document);
            Painter painter = Painter.of(palette);
            for (Drawing drawing : pages) {
                PDPage page = new PDPage(new PDRectangle((float) drawing.width(), (float) drawing.height()));
                document.addPage(page);
                PdfBoxGraphics2D on = new PdfBoxGraphics2D(document, page.getMediaBox());
                on.setFontTextDrawer(faces);
                painter.paint(drawing, on);
                on.dispose();
                try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                    content.drawForm(on.getXFormObject());
                }
            }
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** The typefaces of a document, of which what is used is embedded. What none of them has is drawn as curves. */
    private static final class Faces extends PdfBoxGraphics2DFontTextDrawer {
        private final Map<Face, PDFont> embedded = new EnumMap<>(Face.class);

        static Faces in(PDDocument document) throws IOException {
            Faces faces = new Faces();
            for (Face face : Face.values()) {
                try (InputStream bytes = face.open()) {
                    faces.embedded.put(face, PDType0Font.load(document, bytes, true));
                }
            }
            return faces;
        }

        @Override
        protected PDFont mapFont(Font font, IFontTextDrawerEnv env) throws IOException, FontFormatException {
            for (Face face : Face.values())
                if (face.font().getFontName().equals(font.getFontName())) return embedded.get(face);
            return null;
        }
    }
}
