package lunko.exchange.file;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import lunko.problem.Checked;
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

    private final Map<String, byte[]> files;

    /** Files by their names. */
    public SafeZip(Map<String, byte[]> files) {
        this.files = files;
    }

    /** The files. */
    public Map<String, byte[]> files() {
        return files;
    }

    /** Reads a ZIP; a problem if it is none, is damaged, or is larger or stranger than any lesson. */
    public static Checked<SafeZip> read(Path file) {
        return read(file, Watch.NOBODY);
    }

    /** Reads a ZIP; a problem as well if the watch says stop. */
    public static Checked<SafeZip> read(Path file, Watch watch) {
        String source = file.toString();
        Map<String, byte[]> files = new LinkedHashMap<>();
        long bytes = 0;
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (!watch.goesOn(bytes, MOST_BYTES)) return Checked.invalid("Stopped: nothing was changed.");
                if (files.size() >= MOST_FILES) {
                    return problem(source, "There are more than " + MOST_FILES
                            + " files in it, and a lesson has a few: it is something else.");
                }
                if (isOutside(entry.getName())) {
                    return problem(source, "It has a file called " + entry.getName()
                            + ", which points out of it: it is not safe to open.");
                }
                byte[] content = content(zip, MOST_BYTES - bytes);
                bytes += content.length;
                if (bytes > MOST_BYTES) {
                    return problem(source,
                            "There are more than " + (MOST_BYTES >> 20)
                                    + " MB in it, far more than a lesson can show: cut it down to what makes your "
                                    + "point.");
                }
                if (!entry.isDirectory()) files.put(entry.getName(), content);
            }
        } catch (NoSuchFileException missing) {
            return problem(source, "There is no such file: check its name and folder.");
        } catch (IOException | IllegalArgumentException damaged) {
            return problem(source,
                    "The file is damaged or cut off (" + damaged.getMessage() + "): take another copy of it.");
        }
        if (files.isEmpty()) return problem(source,
                "The file is damaged, or is none of the kind that its name says: take another copy of it.");
        return Checked.valid(new SafeZip(files));
    }

    /** What there is to read of an entry, up to one byte more than is allowed. */
    private static byte[] content(InputStream zip, long most) throws IOException {
        return zip.readNBytes((int) Math.min(most + 1, Integer.MAX_VALUE - 16));
    }

    private static boolean isOutside(String name) {
        return name.startsWith("/") || name.contains("\\") || name.contains(":")
                || List.of(name.split("/")).contains("..");
    }

    private static <T> Checked<T> problem(String source, String sentence) {
        return Checked.invalid(Problem.at(Place.in(source), sentence));
    }
}
