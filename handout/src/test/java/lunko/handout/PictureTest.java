package lunko.handout;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageInputStream;
import lunko.exchange.file.Watch;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Face;
import lunko.handout.drawing.FontRun;
import lunko.handout.drawing.Ink;
import lunko.handout.drawing.Lettering;
import lunko.handout.drawing.Mark;
import lunko.handout.figure.Motif;
import lunko.handout.figure.Subject;
import lunko.handout.file.GifFile;
import lunko.handout.file.PdfFile;
import lunko.handout.file.PngFile;
import lunko.handout.motion.Film;
import lunko.handout.motion.Moves;
import lunko.handout.paint.Palette;
import lunko.lesson.DemoLesson;
import lunko.problem.Checked;
import lunko.steps.Timeline;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Drawings as PNG, PDF and GIF. */
class PictureTest {
    private static final double SCALE = 0.6;

    private static Subject leftJoin() {
        return Scenes.subject(DemoLesson.lesson());
    }

    /** {@code -Dlunko.keep=true} keeps what is drawn now. */
    @ParameterizedTest
    @EnumSource(Palette.class)
    void theLeftJoinLooksAsItWasKept(Palette palette) throws IOException {
        String name = "left-join-" + palette + ".png";
        BufferedImage drawn = PngFile.image(Motif.SCENE.of(leftJoin()).orElseThrow(), palette, SCALE);
        if (Boolean.getBoolean("lunko.keep"))
            ImageIO.write(drawn, "png", Path.of("src/test/resources/lunko/handout", name).toFile());
        try (InputStream kept = PictureTest.class.getResourceAsStream(name)) {
            assertThat(difference(drawn, ImageIO.read(kept))).isLessThan(0.001);
        }
    }

    /** How much of two pictures is clearly not the same, from 0 to 1. */
    private static double difference(BufferedImage one, BufferedImage other) {
        // Where a size is no whole number of pixels, not everybody rounds it alike.
        assertThat(Math.abs(one.getWidth() - other.getWidth())).isLessThan(2);
        assertThat(Math.abs(one.getHeight() - other.getHeight())).isLessThan(2);
        int wide = Math.min(one.getWidth(), other.getWidth());
        int high = Math.min(one.getHeight(), other.getHeight());
        double differing = 0;
        for (int y = 0; y < high; y++) {
            for (int x = 0; x < wide; x++) {
                int green = Math.abs((one.getRGB(x, y) >> 8 & 255) - (other.getRGB(x, y) >> 8 & 255));
                if (green > 100) differing++;
            }
        }
        return differing / wide / high;
    }

    @Test
    void inPrintThereAreNoColors() {
        BufferedImage drawn = PngFile.image(Motif.SCENE.of(leftJoin()).orElseThrow(), Palette.PRINT, 1);
        for (int pixel : drawn.getRGB(0, 0, drawn.getWidth(), drawn.getHeight(), null, 0, drawn.getWidth())) {
            assertThat(pixel >> 16 & 255).isEqualTo(pixel >> 8 & 255).isEqualTo(pixel & 255);
        }
    }

    @Test
    void aPdfHasItsTextItsFontsAndItsPages() throws IOException {
        Drawing drawing = Motif.SCENE.of(leftJoin()).orElseThrow();
        byte[] bytes = PdfFile.of(List.of(drawing, drawing), Palette.PRINT, "Hives");
        try (PDDocument pdf = Loader.loadPDF(bytes)) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isCloseTo((float) drawing.width(),
                    Offset.offset(0.1f));
            assertThat(new PDFTextStripper().getText(pdf)).contains("Hives and keepers", "Sainfoin", "LEFT",
                    "Low Fold");
            BufferedImage rendered = new PDFRenderer(pdf).renderImage(1, (float) SCALE);
            assertThat(difference(rendered, PngFile.image(drawing, Palette.PRINT, SCALE))).isLessThan(0.05);
        }
        // Fonts are there as programs, and only the characters that are used.
        assertThat(bytes.length).isLessThan(80_000);
    }

    /** A text that cannot be mapped is drawn as curves, and then it cannot be found. */
    @Test
    void whateverAFaceHasCanBeFoundInAPdf() throws IOException {
        for (Face face : Face.values()) {
            StringBuilder all = new StringBuilder();
            IntStream.range(32, 0x3000).filter(face.font()::canDisplay).filter(Character::isLetterOrDigit)
                    .filter(one -> Character.getDirectionality(one) == Character.DIRECTIONALITY_LEFT_TO_RIGHT)
                    .forEach(all::appendCodePoint);
            Drawing drawing = new Drawing(30_000, 40, List.of(new Mark.Text(0, 20, "a\tb\u200Bc " + all,
                    new Lettering(face, 10), Ink.Common.INK)));
            try (PDDocument pdf = Loader.loadPDF(PdfFile.of(List.of(drawing), Palette.PRINT, "all"))) {
                String found = new PDFTextStripper().getText(pdf);
                assertThat(found).as(face.toString()).contains("a bc", "ABCDEFG", "äåæ");
            }
        }
    }

    @Test
    void aFilmHasAPictureForEachStepAndGlides() throws IOException {
        Film film = new Film(Palette.LIGHT, 800, 1, Moves.EVERY);
        byte[] gif = film.gif(leftJoin(), Watch.NOBODY).expect();
        ImageReader reader = ImageIO.getImageReadersByFormatName("gif").next();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(gif))) {
            reader.setInput(in);
            assertThat(reader.read(0).getWidth()).isEqualTo(800);
            // A second for each step, three for the last, whether rows glide or not.
            assertThat(IntStream.range(0, reader.getNumImages(true)).map(image -> delay(reader, image)).sum())
                    .isEqualTo(2_600 + 3 * 100);
            // 27 steps, and six pictures for each of the five rows that come into the result.
            assertThat(reader.getNumImages(true)).isEqualTo(27 + 5 * 6);
        }
        assertThat(gif.length).isLessThan(2_000_000);
        assertThat(film.steps(leftJoin())).hasSize(27).allMatch(step -> step.width() == film.steps(leftJoin())
                .getFirst().width());
        assertThat(new Film(Palette.LIGHT, 400, 1, Moves.LANDINGS).steps(leftJoin())).hasSize(7);
    }

    @Test
    void aPictureThatIsLikeTheOneBeforeIsSeenLongerAndNotWrittenAgain() throws IOException {
        BufferedImage image = PngFile.image(Motif.WHY.of(leftJoin()).orElseThrow(), Palette.LIGHT, 1);
        try (GifFile file = new GifFile(List.of(image))) {
            file.add(image, 10);
            file.add(image, 20);
            ImageReader reader = ImageIO.getImageReadersByFormatName("gif").next();
            reader.setInput(ImageIO.createImageInputStream(new ByteArrayInputStream(file.done())));
            assertThat(reader.getNumImages(true)).isOne();
            assertThat(delay(reader, 0)).isEqualTo(30);
        }
    }

    /** For how many hundredths of a second a picture is seen. */
    private static int delay(ImageReader reader, int image) {
        try {
            return Integer.parseInt(((IIOMetadataNode) reader.getImageMetadata(image)
                    .getAsTree("javax_imageio_gif_image_1.0")).getElementsByTagName("GraphicControlExtension").item(0)
                    .getAttributes().getNamedItem("delayTime").getNodeValue());
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    @Test
    void aFilmCanBeStopped() {
        assertThat(new Film(Palette.LIGHT, 800, 1, Moves.EVERY).gif(leftJoin(), (done, _) -> done < 3))
                .isInstanceOf(Checked.Invalid.class);
    }

    @Test
    void aTableOfTenThousandRowsShowsItsFirstAndHowManyMore() {
        Drawing drawing = Motif.SCENE.of(Scenes.subject(Scenes.longTables())).orElseThrow();
        assertThat(drawing.height()).isLessThan(3_000);
        assertThat(drawing.text()).contains("row 0", "… and 9,970 more rows").doesNotContain("row 31");
    }

    @Test
    void ofAHundredMillionStepsSomeAreShownFromTheFirstToTheLast() {
        for (Moves moves : Moves.values()) {
            Timeline timeline = Scenes.subject(Scenes.longTables()).showing().timeline().orElseThrow();
            List<Long> steps = moves.of(timeline);
            assertThat(steps).hasSizeLessThanOrEqualTo(Moves.MOST).startsWith(0L).endsWith(timeline.last()).isSorted()
                    .doesNotHaveDuplicates();
        }
    }

    @Test
    void aCharacterThatNoFontHasIsTold() {
        String nobody = Character.toString(0x10FFFD);
        assertThat(FontRun.missing(Stream.of("Clover" + nobody))).containsExactly("U+10FFFD");
        assertThat(FontRun.of("a" + nobody, Face.TEXT).stream().map(FontRun::text)
                .collect(Collectors.joining())).isEqualTo("aU+10FFFD");
    }

    @Test
    void everyMotifOfEverySceneOfTheDemoCanBeDrawn() {
        for (int scene = 0; scene < Scenes.demo().scenes().size(); scene++) {
            Subject subject = Scenes.subject(Scenes.demo().at(scene));
            for (Motif motif : Motif.values())
                motif.of(subject)
                        .ifPresent(drawing -> assertThat(drawing.text()).as(motif.toString()).isNotBlank());
        }
    }
}
