package lunko.desktop.machine;

import static lunko.desktop.words.Spoken.words;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.Stream;
import lunko.exchange.lesson.KeptLesson;
import lunko.exchange.lesson.LessonFile;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Work in progress, written down within a second of each change, so that it is there again after a crash. Each process
 * has a file of its own, which it takes away when it ends in order.
 */
public final class Journal implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Journal.class);
    private static final long PAUSE_MILLIS = 400;

    private final Path folder;
    private final Path own;
    private final AtomicReference<Optional<KeptLesson>> next = new AtomicReference<>(Optional.empty());
    private final AtomicBoolean said = new AtomicBoolean();
    private volatile Consumer<Problem> unable = _ -> {};
    private final ScheduledExecutorService writer = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("journal").factory());

    /** A journal in a folder, which is made when something is written. */
    public Journal(Path folder) {
        this.folder = folder;
        this.own = folder.resolve(ProcessHandle.current().pid() + LessonFile.ENDING);
    }

    /** Lets somebody know, once and in any thread, if nothing can be written down. */
    public void whenUnable(Consumer<Problem> told) {
        unable = told;
    }

    /** Writes a lesson down soon; of several in that time, the last. */
    public void note(KeptLesson lesson) {
        if (next.getAndSet(Optional.of(lesson)).isEmpty())
            writer.schedule(this::write, PAUSE_MILLIS, TimeUnit.MILLISECONDS);
    }

    /** Nothing is in progress: all there is has been saved. */
    public void forget() {
        next.set(Optional.empty());
        writer.execute(this::remove);
    }

    private void write() {
        next.getAndSet(Optional.empty()).ifPresent(lesson -> {
            try {
                Files.createDirectories(folder);
                if (LessonFile.write(lesson, own) instanceof Checked.Invalid<Path>(var problem)) {
                    LOG.warn("no journal: {}", words().problems().of(problem).text());
                    isUnable();
                }
            } catch (IOException failed) {
                LOG.warn("no journal in {}", folder, failed);
                isUnable();
            }
        });
    }

    private void isUnable() {
        if (said.compareAndSet(false, true)) unable.accept(Problem.of(new WorkFault.NoJournal(folder.toString())));
    }

    private void remove() {
        takeAway(own);
    }

    /** Takes a file away that another process has left. */
    public void takeAway(Path left) {
        try {
            Files.deleteIfExists(left);
        } catch (IOException failed) {
            LOG.warn("{} stays", left, failed);
        }
    }

    /** Puts a file that cannot be read out of the way, under a name that is not looked at again; gives that name. */
    public Path putAside(Path left) {
        Path aside = left.resolveSibling(left.getFileName() + ".unreadable");
        try {
            return Files.move(left, aside, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException failed) {
            LOG.warn("{} stays", left, failed);
            return left;
        }
    }

    /** Reads what another process has left that did not end in order, the newest if there are several. */
    public void whenLeft(BiConsumer<Path, Checked<KeptLesson>> told) {
        writer.execute(() -> left().stream().findFirst().ifPresent(left -> told.accept(left, LessonFile.open(left))));
    }

    /** What processes have left that did not end in order, the newest first. */
    public List<Path> left() {
        if (!Files.isDirectory(folder)) return List.of();
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(LessonFile::is).filter(file -> !isAlive(file))
                    .sorted((a, b) -> Long.compare(b.toFile().lastModified(), a.toFile().lastModified())).toList();
        } catch (IOException failed) {
            LOG.warn("{} cannot be read", folder, failed);
            return List.of();
        }
    }

    private static boolean isAlive(Path file) {
        String name = file.getFileName().toString();
        try {
            return ProcessHandle.of(Long.parseLong(name.substring(0, name.length() - LessonFile.ENDING.length())))
                    .isPresent();
        } catch (NumberFormatException foreign) {
            return true;
        }
    }

    /** Ends in order: nothing is left to be offered again. */
    @Override
    public void close() {
        forget();
        writer.shutdown();
        try {
            if (!writer.awaitTermination(2, TimeUnit.SECONDS)) LOG.warn("the journal is still being written");
        } catch (InterruptedException ending) {
            Thread.currentThread().interrupt();
        }
    }
}
