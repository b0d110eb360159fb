package lunko.desktop.machine;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** The folders where Lunko keeps what it leaves on a machine, as each system has them. */
public final class AppFolders {
    private AppFolders() {}

    /** The folder for state that is of no use on another machine, such as the log (XDG Base Directory on Linux). */
    public static Path state() {
        Path home = Path.of(System.getProperty("user.home"));
        String system = System.getProperty("os.name");
        if (system.startsWith("Windows"))
            return named("LOCALAPPDATA").orElse(home.resolve("AppData/Local")).resolve("Lunko");
        if (system.startsWith("Mac")) return home.resolve("Library/Application Support/Lunko");
        return named("XDG_STATE_HOME").orElse(home.resolve(".local/state")).resolve("lunko");
    }

    /** The folder for work in progress. */
    public static Path journal() {
        return state().resolve("journal");
    }

    /** The file that is logged to. */
    public static Path log() {
        return state().resolve("lunko.log");
    }

    /** The file that is logged to, if there is one. */
    public static Optional<String> writtenLog() {
        return Optional.of(log()).filter(Files::isRegularFile).map(Path::toString);
    }

    private static Optional<Path> named(String variable) {
        return Optional.ofNullable(System.getenv(variable)).filter(value -> !value.isBlank()).map(Path::of);
    }
}
