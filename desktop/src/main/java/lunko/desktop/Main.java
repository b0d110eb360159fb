package lunko.desktop;

import lunko.desktop.command.LunkoCommand;
import lunko.desktop.machine.AppFolders;
import org.slf4j.LoggerFactory;

/** Where the application starts. */
public final class Main {
    private Main() {}

    /** Runs the command line and ends the process with its exit code. */
    public static void main(String[] arguments) {
        // Before anything is logged: the logging configuration reads it.
        System.setProperty("lunko.log", AppFolders.log().toString());
        Thread.setDefaultUncaughtExceptionHandler((thread, defect) -> {
            LoggerFactory.getLogger(Main.class).error("uncaught in {}", thread.getName(), defect);
            System.err.println(LunkoCommand.DEFECT);
        });
        System.exit(LunkoCommand.commandLine().execute(arguments));
    }
}
