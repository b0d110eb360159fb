package lunko.desktop.command;

import static lunko.desktop.words.Spoken.words;

import java.io.PrintWriter;
import lunko.desktop.machine.AppFolders;
import lunko.problem.WorkFault;
import org.slf4j.LoggerFactory;

/** What becomes of a defect of the program where no window can say it: it is logged, and said in one sentence. */
public final class Defect {
    private Defect() {}

    /** Logs it and says it; gives the exit code for it. */
    public static int report(Throwable defect, PrintWriter err) {
        LoggerFactory.getLogger(Defect.class).error("uncaught in {}", Thread.currentThread().getName(), defect);
        err.println(words().problems().of(new WorkFault.Defect(AppFolders.writtenLog())).text());
        err.flush();
        return 1;
    }
}
