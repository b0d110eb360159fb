package lunko.exchange.file;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;

/**
 * A stream that keeps the first thing that the disk has refused: libraries put it into others of theirs, or lose it.
 */
public final class DiskStream extends FilterOutputStream {
    private IOException refused;

    private DiskStream(OutputStream out) {
        super(out);
    }

    /** Writes to a stream. */
    @FunctionalInterface
    public interface Content {
        /** Writes it. */
        void writeTo(OutputStream out) throws IOException;
    }

    /** Writes to a stream; throws what that has refused, whatever has become of it on its way. */
    public static void write(OutputStream out, Content content) throws IOException {
        DiskStream stream = new DiskStream(out);
        try {
            content.writeTo(stream);
        } catch (IOException | RuntimeException failed) {
            if (stream.refused != null) throw stream.refused;
            throw failed;
        }
    }

    @Override
    public void write(int one) throws IOException {
        try {
            out.write(one);
        } catch (IOException refusal) {
            throw first(refusal);
        }
    }

    @Override
    public void write(byte[] bytes, int from, int count) throws IOException {
        try {
            out.write(bytes, from, count);
        } catch (IOException refusal) {
            throw first(refusal);
        }
    }

    private IOException first(IOException refusal) {
        if (refused == null) refused = refusal;
        return refused;
    }
}
