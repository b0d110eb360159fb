package lunko.exchange.file;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Objects;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Place;
import lunko.problem.Problem;

/** A file that is written whole or not at all: what was there before stays until the new content is complete. */
public record WholeFile(Path path) {

    /** Writes the content to a draft of the file. */
    @FunctionalInterface
    public interface Content<T> {
        /** Writes it, and tells something of it; after a problem the file stays as it was. */
        Checked<T> writeTo(Path draft) throws IOException;
    }

    /** Writes the file; a problem if it cannot be written, or the one that its content has. */
    public <T> Checked<T> write(Content<T> content) {
        Path asked = path.toAbsolutePath();
        if (asked.getParent() == null || Files.isDirectory(asked))
            return problem(new FileFault.IsFolder());
        if (!Files.isDirectory(asked.getParent()))
            return problem(new FileFault.NoFolder());
        if (Files.exists(asked) && !Files.isRegularFile(asked))
            return problem(new FileFault.NoOrdinaryFile());
        try {
            Path file = target(asked);
            Drafts.clear(file.getParent());
            Path draft = Drafts.create(file);
            try {
                Checked<T> written = content.writeTo(draft);
                if (written instanceof Checked.Valid) {
                    reachTheDisk(draft);
                    replace(draft, file);
                }
                return written;
            } finally {
                Files.deleteIfExists(draft);
            }
        } catch (AccessDeniedException | NoSuchFileException denied) {
            return problem(new FileFault.FolderNotWritable());
        } catch (FileSystemException failed) {
            // Without its own words for the draft, which nobody has asked for.
            return problem(new FileFault.WriteFailed(Objects.requireNonNullElse(failed.getReason(), "")));
        } catch (IOException failed) {
            return problem(new FileFault.WriteFailed(Objects.requireNonNullElse(failed.getMessage(), "")));
        }
    }

    /** Where a link leads, as far as it does; the file itself, if it is none. */
    private static Path target(Path file) throws IOException {
        if (Files.exists(file)) return file.toRealPath();
        return Files.isSymbolicLink(file) ? file.resolveSibling(Files.readSymbolicLink(file)) : file;
    }

    /**
     * Waits until the content is on the disk: otherwise a power cut could leave the new name with nothing behind it.
     */
    private static void reachTheDisk(Path draft) throws IOException {
        try (FileChannel channel = FileChannel.open(draft, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    private static void replace(Path draft, Path file) throws IOException {
        try {
            Files.move(draft, file, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException notHere) {
            Files.move(draft, file, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    private <T> Checked<T> problem(FileFault fault) {
        return Checked.invalid(Problem.at(Place.inFile(path.toString()), fault));
    }
}
