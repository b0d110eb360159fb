package lunko.handout.file;

import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.awt.image.IndexColorModel;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;

/**
 * Pictures one after the other as GIF (CompuServe, Graphics Interchange Format 89a), again and again. Of each picture
 * only what differs from the one before is written.
 */
public final class GifFile implements AutoCloseable {
    private static final String METADATA = "javax_imageio_gif_image_1.0";
    private static final int KEPT_COLORS = 255;

    private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    private final ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
    private final ImageOutputStream out;
    private final GifPalette palette;
    private Optional<BufferedImage> before = Optional.empty();
    private Optional<Pending> pending = Optional.empty();

    /** A part of a picture that is still to be written, for it may be seen longer. */
    private record Pending(BufferedImage image, Rectangle at, int hundredths) {}

    /** A file of pictures in the colours that some of them have. */
    public GifFile(List<BufferedImage> samples) {
        this.palette = GifPalette.of(samples, KEPT_COLORS);
        try {
            this.out = ImageIO.createImageOutputStream(bytes);
            writer.setOutput(out);
            writer.prepareWriteSequence(null);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** Adds a picture that is seen for so many hundredths of a second; all of them are equally large. */
    public void add(BufferedImage image, int hundredths) {
        Rectangle changed = before.map(last -> changed(last, image))
                .orElseGet(() -> new Rectangle(image.getWidth(), image.getHeight()));
        if (changed.isEmpty() && pending.isPresent()) {
            Pending same = pending.get();
            pending = Optional.of(new Pending(same.image(), same.at(), same.hundredths() + hundredths));
            return;
        }
        write();
        pending = Optional.of(new Pending(palette.reduced(image, changed, before), changed, hundredths));
        before = Optional.of(image);
    }

    /** The smallest rectangle outside of which nothing has changed. */
    private static Rectangle changed(BufferedImage last, BufferedImage now) {
        int wide = now.getWidth();
        int[] one = GifPalette.pixels(last);
        int[] other = GifPalette.pixels(now);
        int left = wide;
        int right = -1;
        int top = -1;
        int bottom = -1;
        for (int y = 0; y < now.getHeight(); y++) {
            int start = y * wide;
            int first = Arrays.mismatch(one, start, start + wide, other, start, start + wide);
            if (first < 0) continue;
            int end = wide - 1;
            while (one[start + end] == other[start + end]) end--;
            left = Math.min(left, first);
            right = Math.max(right, end);
            if (top < 0) top = y;
            bottom = y;
        }
        return right < 0 ? new Rectangle() : new Rectangle(left, top, right - left + 1, bottom - top + 1);
    }

    private void write() {
        pending.ifPresent(part -> {
            try {
                IIOMetadata metadata = writer.getDefaultImageMetadata(
                        ImageTypeSpecifier.createFromRenderedImage(part.image()), writer.getDefaultWriteParam());
                IIOMetadataNode root = (IIOMetadataNode) metadata.getAsTree(METADATA);
                IIOMetadataNode control = node(root, "GraphicControlExtension");
                control.setAttribute("disposalMethod", "doNotDispose");
                control.setAttribute("userInputFlag", "FALSE");
                control.setAttribute("transparentColorFlag", "TRUE");
                control.setAttribute("transparentColorIndex", Integer.toString(
                        ((IndexColorModel) part.image().getColorModel()).getTransparentPixel()));
                control.setAttribute("delayTime", Integer.toString(part.hundredths()));
                IIOMetadataNode place = node(root, "ImageDescriptor");
                place.setAttribute("imageLeftPosition", Integer.toString(part.at().x));
                place.setAttribute("imageTopPosition", Integer.toString(part.at().y));
                IIOMetadataNode application = new IIOMetadataNode("ApplicationExtension");
                application.setAttribute("applicationID", "NETSCAPE");
                application.setAttribute("authenticationCode", "2.0");
                application.setUserObject(new byte[] {1, 0, 0});
                node(root, "ApplicationExtensions").appendChild(application);
                metadata.setFromTree(METADATA, root);
                writer.writeToSequence(new IIOImage(part.image(), null, metadata), null);
            } catch (IOException impossible) {
                throw new UncheckedIOException(impossible);
            }
        });
        pending = Optional.empty();
    }

    private static IIOMetadataNode node(IIOMetadataNode root, String name) {
        for (int i = 0; i < root.getLength(); i++)
            if (root.item(i).getNodeName().equals(name)) return (IIOMetadataNode) root.item(i);
        IIOMetadataNode node = new IIOMetadataNode(name);
        root.appendChild(node);
        return node;
    }

    /** The file. */
    public byte[] done() {
        try {
            write();
            writer.endWriteSequence();
            out.flush();
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    @Override
    public void close() {
        writer.dispose();
    }
}
