package lunko.handout.file;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import lunko.handout.drawing.Drawing;
import lunko.handout.paint.Painter;
import lunko.handout.paint.Palette;

/** Drawings as PNG (ISO/IEC 15948). */
public final class PngFile {
    /** The widest and highest picture that is made, in pixels. */
    public static final int MOST = 12_000;

    /** A fifth larger than need be, in half the time. */
    private static final float FAST = 0.9f;

    /** As the format has pixels: otherwise each would be taken apart. */
    private static final int QUICK_TO_COMPRESS = BufferedImage.TYPE_3BYTE_BGR;

    private PngFile() {}

    /** A drawing, so many pixels to a point; fewer, where it would be larger than can be made. */
    public static byte[] of(Drawing drawing, Palette palette, double scale) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
        ImageWriteParam fast = writer.getDefaultWriteParam();
        fast.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        fast.setCompressionQuality(FAST);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            writer.setOutput(out);
            writer.write(null, new IIOImage(image(drawing, palette, scale, QUICK_TO_COMPRESS), null, null), fast);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    /** The same as an image. */
    public static BufferedImage image(Drawing drawing, Palette palette, double scale) {
        return image(drawing, palette, scale, BufferedImage.TYPE_INT_RGB);
    }

    private static BufferedImage image(Drawing drawing, Palette palette, double scale, int type) {
        double fitting = Math.min(scale, MOST / Math.max(1, Math.max(drawing.width(), drawing.height())));
        BufferedImage image = new BufferedImage(pixels(drawing.width() * fitting), pixels(drawing.height() * fitting),
                type);
        Graphics2D on = image.createGraphics();
        on.scale(fitting, fitting);
        Painter.of(palette).paint(drawing.sized(drawing.width() + 1, drawing.height() + 1), on);
        on.dispose();
        return image;
    }

    /** So many pixels as a length has begun, but for what comes of rounding. */
    private static int pixels(double length) {
        return Math.max(1, (int) Math.ceil(length - 1e-6));
    }
}
