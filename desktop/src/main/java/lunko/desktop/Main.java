package lunko.desktop;

import lunko.desktop.command.LunkoCommand;
import lunko.desktop.machine.AppFolders;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Where the application starts. */
public final class Main {
    private Main() {}

    /** Runs the command line and ends the process with its exit code. */
    public static void main(String[] arguments) {
        System.setProperty("lunko.log", AppFolders.log().toString());
        Logger log = LoggerFactory.getLogger(Main.class);
        Thread.setDefaultUncaughtExceptionHandler((thread, defect) -> log.error("uncaught in {}", thread.getName(), defect));
        int code;
        try {
            code = LunkoCommand.run(arguments);
        } catch (RuntimeException defect) {
            log.error("unexpected", defect);
            System.err.println("Something went wrong inside Lunko. The details are in " + AppFolders.log() + ".");
            code = 1;
        }
        System.exit(code);
    }
}
