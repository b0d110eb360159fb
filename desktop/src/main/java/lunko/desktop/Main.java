package lunko.desktop;

import java.io.PrintWriter;
import java.util.List;
import lunko.desktop.command.Defect;
import lunko.desktop.command.LunkoCommand;
import lunko.desktop.command.RehearsedStart;
import lunko.desktop.command.Start;
import lunko.desktop.machine.AppFolders;
import lunko.desktop.machine.Terminal;

/** Where the application starts. */
public final class Main {
    private Main() {}

    /** Does what the arguments say, and ends the process with its exit code. */
    public static void main(String[] arguments) {
        // Before anything is logged: the logging configuration reads it.
        System.setProperty("lunko.log", AppFolders.log().toString());
        PrintWriter out = Terminal.out();
        PrintWriter err = Terminal.err();
        Thread.setDefaultUncaughtExceptionHandler((_, defect) -> Defect.report(defect, err));
        System.exit(run(arguments, out, err));
    }

    private static int run(String[] arguments, PrintWriter out, PrintWriter err) {
        try {
            if (RehearsedStart.isMeant(arguments)) return RehearsedStart.run();
            // The library that reads arguments takes a quarter of a second of a start.
            return Start.isAll(arguments) ? new Start(List.of(arguments), out, err).run()
                    : LunkoCommand.run(arguments, out, err);
        } catch (RuntimeException | Error defect) {
            // Else the toolkit's thread, which goes on, would keep the process for ever.
            return Defect.report(defect, err);
        }
    }
}
