package lunko.exchange.file;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Arrays;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Place;
import lunko.problem.Problem;

/** The bytes of a file. */
public final class SourceBytes {
    private static final int PIECE = 1 << 18;

    private final String source;
    private final byte[] bytes;
    private final boolean isCut;

    /** What was read from a place that has a name. */
    public SourceBytes(String source, byte[] bytes, boolean isCut) {
        this.source = source;
        this.bytes = bytes;
        this.isCut = isCut;
    }

    /** What they were read from, by its name. */
    public String source() {
        return source;
    }

    /** The bytes. */
    public byte[] bytes() {
        return bytes;
    }

    /** Whether there are more than these, which end with a line then. */
    public boolean isCut() {
        return isCut;
    }

    /** The bytes of a file up to a limit; a problem if it cannot be read, or the watch says stop. */
    public static Checked<SourceBytes> read(Path file, long most, Watch watch) {
        String source = file.toString();
        return open(file, in -> {
            long size = Math.min(most, Files.size(file));
            ByteArrayOutputStream all = new ByteArrayOutputStream();
            byte[] piece = new byte[PIECE];
            // One byte more tells whether there is more.
            while (all.size() <= most) {
                int read = in.read(piece, 0, (int) Math.min(PIECE, most + 1 - all.size()));
                if (read < 0) return Checked.valid(new SourceBytes(source, all.toByteArray(), false));
                all.write(piece, 0, read);
                if (!watch.goesOn(all.size(), size)) return Watch.stopped();
            }
            return Checked.valid(new SourceBytes(source, wholeLines(all.toByteArray()), true));
        });
    }

    /** Reads what a stream gives. */
    @FunctionalInterface
    interface Reading<T> {
        /** Reads it; a problem if it is not what it should be. */
        Checked<T> of(InputStream in) throws IOException;
    }

    /** What is read of a file; a problem if it cannot be. */
    static <T> Checked<T> open(Path file, Reading<T> reading) {
        String source = file.toString();
        if (Files.isDirectory(file)) return problem(source, new FileFault.IsFolder());
        try (InputStream in = Files.newInputStream(file)) {
            return reading.of(in);
        } catch (NoSuchFileException missing) {
            return problem(source, new FileFault.NoFile());
        } catch (AccessDeniedException denied) {
            return problem(source, new FileFault.NotReadable());
        } catch (IOException failed) {
            return problem(source, new FileFault.ReadFailed(String.valueOf(failed.getMessage())));
        }
    }

    private static byte[] wholeLines(byte[] bytes) {
        int end = bytes.length;
        while (end > 0 && bytes[end - 1] != '\n') end--;
        return Arrays.copyOf(bytes, end > 0 ? end : bytes.length);
    }

    private static <T> Checked<T> problem(String source, FileFault fault) {
        return Checked.invalid(Problem.at(Place.inFile(source), fault));
    }
}
