package lunko.problem;

import java.util.Optional;
import lunko.query.JoinKind;

/** Why something that the program was to do has not been done. */
public sealed interface WorkFault extends Fault {

    /** It was stopped. */
    record Stopped() implements WorkFault {}

    /** Something else is being done. */
    record Busy() implements WorkFault {}

    /** A defect of the program in a piece of work, by what that is called. */
    record Failed(String work) implements WorkFault {}

    /** A defect of the program, and where its details are noted. */
    record Defect(Optional<String> log) implements WorkFault {}

    /** What was asked for was not found out in time. */
    record NotInTime() implements WorkFault {}

    /** A scene that a lesson does not have, counted from 1. */
    record NoScene(int scene, int last) implements WorkFault {}

    /** A step that there is not, of a query or of a kind of join. */
    record NoStep(long step, Optional<JoinKind> kind, long last) implements WorkFault {}

    /** A result of more rows than can be copied. */
    record TooManyToCopy(long rows, long most) implements WorkFault {}

    /** A file that somebody else has written. */
    record WrittenMeanwhile(String file) implements WorkFault {}

    /** No two columns that look as if they belong together. */
    record NothingToLink() implements WorkFault {}

    /** A region that no kinds of two joins take in or leave out alone. */
    record NoKindsForRegion() implements WorkFault {}

    /** A folder in which nothing can be noted for the case of a crash. */
    record NoJournal(String folder) implements WorkFault {}

    /** Notes of unsaved changes that cannot be read, and where they are kept. */
    record JournalUnreadable(String file) implements WorkFault {}

    /** Two folders that cannot be written to. */
    record NoFolderForPictures(String folder, String reason) implements WorkFault {}

    /** Something that is no number of rows. */
    record NoRowCount() implements WorkFault {}

    /** Scenes of which nothing can be handed out. */
    record NothingToHandOut() implements WorkFault {}

    /** No tables of so many rows together on which something is to be seen. */
    record NoTablesForPoint(int rows) implements WorkFault {}

    /** A kind of join that is to differ from itself. */
    record SameKind(JoinKind kind) implements WorkFault {}

    /** Queries that are to differ and name no table of the lesson. */
    record NamesNoTable() implements WorkFault {}

    /** Two queries that are to differ and are two ways to say the same. */
    record SameOnAnyTables() implements WorkFault {}

    /** Tables of which no tasks can be made. */
    record NoTasks() implements WorkFault {}

    /** Scenes of a handout that are none. */
    record NoScenes(String said) implements WorkFault {}
}
