package lunko.handout.file;

import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.awt.image.IndexColorModel;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * No more colours than a GIF has: those that are seen most, as they are. What is seen less, as the edges of letters, is
 * given the nearest of them, so that grounds stay even and letters crisp.
 */
final class GifPalette {
    private final int[] colors;
    private final IndexColorModel model;
    private final Map<Integer, Integer> nearest = new HashMap<>();

    private GifPalette(int[] colors) {
        this.colors = colors;
        byte[] red = new byte[colors.length + 1];
        byte[] green = new byte[colors.length + 1];
        byte[] blue = new byte[colors.length + 1];
        for (int i = 0; i < colors.length; i++) {
            red[i] = (byte) (colors[i] >> 16);
            green[i] = (byte) (colors[i] >> 8);
            blue[i] = (byte) colors[i];
        }
        this.model = new IndexColorModel(8, red.length, red, green, blue, colors.length);
    }

    /** So many colours of some pictures. */
    static GifPalette of(List<BufferedImage> samples, int most) {
        Map<Integer, Integer> seen = new HashMap<>();
        for (BufferedImage image : samples) {
            int last = -1;
            int times = 0;
            for (int pixel : pixels(image)) {
                // Most pixels are like the one before.
                if (pixel != last) {
                    if (times > 0) seen.merge(last, times, Integer::sum);
                    times = 0;
                    last = pixel;
                }
                times++;
            }
            seen.merge(last, times, Integer::sum);
        }
        return new GifPalette(seen.entrySet().stream()
                .sorted(Map.Entry.<Integer, Integer>comparingByValue(Comparator.reverseOrder())
                        .thenComparing(Map.Entry.comparingByKey()))
                .limit(most).mapToInt(Map.Entry::getKey).toArray());
    }

    /** The pixels of an image of type RGB, line by line. */
    static int[] pixels(BufferedImage image) {
        return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }

    /** A part of a picture in these colours; nothing to be seen where it is as in the picture before. */
    BufferedImage reduced(BufferedImage image, Rectangle part, Optional<BufferedImage> before) {
        BufferedImage reduced = new BufferedImage(part.width, part.height, BufferedImage.TYPE_BYTE_INDEXED, model);
        byte[] to = ((DataBufferByte) reduced.getRaster().getDataBuffer()).getData();
        int[] now = pixels(image);
        Optional<int[]> was = before.map(GifPalette::pixels);
        for (int y = 0; y < part.height; y++) {
            for (int x = 0; x < part.width; x++) {
                int at = (part.y + y) * image.getWidth() + part.x + x;
                boolean same = was.isPresent() && was.get()[at] == now[at];
                to[y * part.width + x] = (byte) (same ? colors.length : nearest(now[at]));
            }
        }
        return reduced;
    }

    private int nearest(int color) {
        return nearest.computeIfAbsent(color, wanted -> {
            int best = 0;
            for (int i = 1; i < colors.length; i++)
                if (distance(colors[i], wanted) < distance(colors[best], wanted)) best = i;
            return best;
        });
    }

    private static int distance(int one, int other) {
        int red = (one >> 16 & 0xFF) - (other >> 16 & 0xFF);
        int green = (one >> 8 & 0xFF) - (other >> 8 & 0xFF);
        int blue = (one & 0xFF) - (other & 0xFF);
        return 2 * red * red + 4 * green * green + 3 * blue * blue;
    }
}
