package lunko.exchange.file;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The drafts of files that are being written, hidden beside them; their names say which process writes them. */
final class Drafts {
    private static final Pattern NAME = Pattern.compile("\\.lunko-(\\d{1,18})-\\d+\\.draft");
    private static final AtomicLong NUMBER = new AtomicLong();

    private Drafts() {}

    /** An empty draft of a file; who may read and write that file may this one. */
    static Path create(Path file) throws IOException {
        Path draft = Files.createFile(file.resolveSibling(
                ".lunko-" + ProcessHandle.current().pid() + "-" + NUMBER.incrementAndGet() + ".draft"));
        PosixFileAttributeView now = Files.getFileAttributeView(draft, PosixFileAttributeView.class);
        if (now == null || !Files.exists(file)) return draft;
        PosixFileAttributes before = Files.readAttributes(file, PosixFileAttributes.class);
        try {
            now.setGroup(before.group());
        } catch (FileSystemException notAllowed) {
            // Then it is the group of who saves it.
        }
        now.setPermissions(before.permissions());
        return draft;
    }

    /** Takes away what processes have left in a folder that are not there any more. */
    static void clear(Path folder) throws IOException {
        if (!Files.isReadable(folder)) return;
        List<Path> left;
        try (Stream<Path> files = Files.list(folder)) {
            left = files.filter(Drafts::isLeft).toList();
        }
        for (Path draft : left) Files.deleteIfExists(draft);
    }

    private static boolean isLeft(Path file) {
        Matcher name = NAME.matcher(file.getFileName().toString());
        return name.matches() && ProcessHandle.of(Long.parseLong(name.group(1))).isEmpty();
    }
}
