package lunko.exchange.file;

import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.CRC32;
import java.util.zip.CheckedInputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Place;
import lunko.problem.Problem;

/**
 * The files in a ZIP, by name, read whole: no more and no larger than a lesson can need, and none that points out of
 * it.
 */
public final class SafeZip {
    /** The most bytes that all files together may have. */
    public static final long MOST_BYTES = 256L << 20;
    /** The most files that there may be. */
    public static final int MOST_FILES = 10_000;

    private static final int PIECE = 1 << 16;

    private final Map<String, byte[]> files;

    /** Files by their names. */
    public SafeZip(Map<String, byte[]> files) {
        this.files = files;
    }

    /** The files. */
    public Map<String, byte[]> files() {
        return files;
    }

    /** Why there are more bytes in it than {@link #MOST_BYTES}. */
    public static FileFault tooLarge() {
        return new FileFault.TooLarge((int) (MOST_BYTES >> 20));
    }

    /** Reads a ZIP; a problem if it is none, is damaged, or is larger or stranger than any lesson. */
    public static Checked<SafeZip> read(Path file) {
        return read(file, Watch.NOBODY);
    }

    /** Reads a ZIP; a problem as well if the watch says stop. */
    public static Checked<SafeZip> read(Path file, Watch watch) {
        return entries(file, watch, (zip, most) -> zip.readNBytes((int) Math.min(most + 1, Integer.MAX_VALUE - 16)),
                content -> content.length).map(SafeZip::new);
    }

    /** How many bytes each file in a ZIP has, none of them held; the same problems. */
    public static Checked<Map<String, Long>> sizes(Path file, Watch watch) {
        return entries(file, watch, SafeZip::passed, size -> size);
    }

    private static long passed(InputStream zip, long most) throws IOException {
        byte[] piece = new byte[PIECE];
        long passed = 0;
        for (int read = 0; read >= 0 && passed <= most; read = zip.read(piece)) passed += read;
        return passed;
    }

    /** Reads of an entry up to one byte more than is allowed. */
    @FunctionalInterface
    private interface Entry<T> {
        T of(InputStream zip, long most) throws IOException;
    }

    /** How many bytes something is. */
    @FunctionalInterface
    private interface Size<T> {
        long of(T entry);
    }

    private static <T> Checked<Map<String, T>> entries(Path file, Watch watch, Entry<T> entry, Size<T> size) {
        return SourceBytes.open(file, _ -> {
            try (ZipFile zip = new ZipFile(file.toFile())) {
                return entries(file.toString(), zip, watch, entry, size);
            } catch (ZipException | EOFException | IllegalArgumentException damaged) {
                return damaged(file.toString());
            }
        });
    }

    private static <T> Checked<Map<String, T>> entries(String source, ZipFile zip, Watch watch, Entry<T> reads,
            Size<T> size) throws IOException {
        if (zip.size() > MOST_FILES) return problem(source, new FileFault.TooManyFiles(MOST_FILES));
        if (zip.size() == 0) return problem(source, new FileFault.EmptyArchive());
        Map<String, T> files = new LinkedHashMap<>();
        long bytes = 0;
        for (ZipEntry entry : Collections.list(zip.entries())) {
            if (!watch.goesOn(bytes, MOST_BYTES)) return Watch.stopped();
            if (isOutside(entry.getName())) { return problem(source, new FileFault.PointsOutside(entry.getName())); }
            try (CheckedInputStream in = new CheckedInputStream(zip.getInputStream(entry), new CRC32())) {
                T content = reads.of(in, MOST_BYTES - bytes);
                bytes += size.of(content);
                if (bytes > MOST_BYTES) return problem(source, tooLarge());
                if (in.getChecksum().getValue() != entry.getCrc()) return damaged(source);
                if (!entry.isDirectory()) files.put(entry.getName(), content);
            }
        }
        return Checked.valid(files);
    }

    private static <T> Checked<T> damaged(String source) {
        return problem(source, new FileFault.Damaged());
    }

    private static boolean isOutside(String name) {
        return name.startsWith("/") || name.contains("\\") || name.contains(":")
                || List.of(name.split("/")).contains("..");
    }

    private static <T> Checked<T> problem(String source, FileFault fault) {
        return Checked.invalid(Problem.at(Place.inFile(source), fault));
    }
}
