package lunko.desktop.lesson;

import static lunko.desktop.words.Spoken.words;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import lunko.exchange.file.WholeFile;
import lunko.problem.Checked;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The lessons that were opened or saved last, kept in a file with a line for each, the last first. */
public record Recent(Path file) {
    private static final Logger LOG = LoggerFactory.getLogger(Recent.class);
    private static final int MOST = 8;

    /** The lessons that are still there. */
    public List<Path> lessons() {
        if (!Files.exists(file)) return List.of();
        try {
            return Files.readAllLines(file).stream().map(Path::of).filter(Files::isRegularFile).limit(MOST).toList();
        } catch (IOException | InvalidPathException unreadable) {
            LOG.warn("{} cannot be read", file, unreadable);
            return List.of();
        }
    }

    /** Puts a lesson first. That it cannot be noted keeps nobody from work, and is logged. */
    public void note(Path lesson) {
        Path whole = lesson.toAbsolutePath().normalize();
        List<String> lines = Stream.concat(Stream.of(whole), lessons().stream().filter(other -> !other.equals(whole)))
                .limit(MOST).map(Path::toString).toList();
        write(lines);
    }

    /** Whether nobody has been here before. */
    public boolean isNew() {
        return !Files.exists(file);
    }

    /** From now on somebody has been here. */
    public void begin() {
        write(List.of());
    }

    private void write(List<String> lines) {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            if (new WholeFile(file).write(draft -> Checked.valid(
                    Files.write(draft, lines))) instanceof Checked.Invalid<Path>(var problem))
                LOG.warn("{}", words().problems().of(problem).text());
        } catch (IOException refused) {
            LOG.warn("{} cannot be written", file, refused);
        }
    }
}
