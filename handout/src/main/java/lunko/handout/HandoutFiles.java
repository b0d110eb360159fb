package lunko.handout;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lunko.exchange.file.Watch;
import lunko.exchange.file.WholeFile;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.WorkFault;

/**
 * Writes a handout: into a file, or, where it has several, into a folder, which is made where there is none. All files
 * are made before the first is written; where one cannot be written, those before it that are new go again.
 */
public final class HandoutFiles {
    private static final int PARTS = 1000;

    private HandoutFiles() {}

    /**
     * What has been written.
     *
     * @param missing characters that no typeface here has
     */
    public record Written(List<Path> files, Set<String> missing) {}

    /** Where the files of a handout go: one to the target itself, several into it as a folder. */
    public static List<Path> paths(List<Piece> pieces, Path target) {
        return pieces.size() == 1 && !Files.isDirectory(target) ? List.of(target)
                : pieces.stream().map(piece -> target.resolve(piece.name())).toList();
    }

    /** Writes them; a problem where one is there already and is not to be replaced. */
    public static Checked<Written> write(List<Piece> pieces, Path target, boolean replace, Watch watch) {
        if (pieces.isEmpty()) return Checked.invalid(Problem.of(new WorkFault.NothingToHandOut()));
        List<Path> paths = paths(pieces, target);
        Optional<Path> there = paths.stream().filter(Files::exists).findFirst();
        if (paths.size() > 1 && Files.exists(target) && !Files.isDirectory(target))
            return problem(target, new FileFault.AlreadyThere());
        if (there.isPresent() && !replace)
            return problem(there.get(), new FileFault.AlreadyThere());
        List<byte[]> made = new ArrayList<>();
        Set<String> missing = new LinkedHashSet<>();
        for (int i = 0; i < pieces.size(); i++) {
            int done = i;
            Checked<Piece.Made> piece =
                    !watch.goesOn((long) done * PARTS, (long) pieces.size() * PARTS) ? Watch.stopped()
                            : pieces.get(i).maker().make((part, whole) -> watch.goesOn(
                                    (long) done * PARTS + part * PARTS / Math.max(1, whole),
                                    (long) pieces.size() * PARTS));
            switch (piece) {
                case Checked.Valid<Piece.Made>(Piece.Made of) -> {
                    made.add(of.bytes());
                    missing.addAll(of.missing());
                }
                case Checked.Invalid<Piece.Made>(Problem problem) -> {
                    return Checked.invalid(problem);
                }
            }
        }
        boolean intoFolder = paths.size() > 1 || !paths.getFirst().equals(target);
        boolean isNew = intoFolder && !Files.exists(target);
        Checked<Written> written = (isNew ? folder(target) : Checked.valid(target)).then(_ -> write(made, paths))
                .map(files -> new Written(files, missing));
        if (isNew && written instanceof Checked.Invalid) target.toFile().delete();
        return written;
    }

    /** Makes the folder for the files. */
    private static Checked<Path> folder(Path target) {
        try {
            return Checked.valid(Files.createDirectory(target));
        } catch (NoSuchFileException none) {
            return problem(target, new FileFault.NoFolder());
        } catch (IOException denied) {
            return problem(target, new FileFault.FolderNotWritable());
        }
    }

    private static Checked<List<Path>> write(List<byte[]> made, List<Path> paths) {
        List<Path> fresh = new ArrayList<>();
        for (int i = 0; i < paths.size(); i++) {
            boolean was = Files.exists(paths.get(i));
            byte[] bytes = made.get(i);
            Checked<Path> written =
                    new WholeFile(paths.get(i)).write(draft -> Checked.valid(Files.write(draft, bytes)));
            if (written instanceof Checked.Invalid<Path>(Problem problem)) {
                // One that cannot be removed is whole, and what is said is why another is not there.
                fresh.forEach(file -> file.toFile().delete());
                return Checked.invalid(problem);
            }
            if (!was) fresh.add(paths.get(i));
        }
        return Checked.valid(paths);
    }

    private static <T> Checked<T> problem(Path path, FileFault fault) {
        return Checked.invalid(Problem.at(Place.inFile(path.toString()), fault));
    }
}
