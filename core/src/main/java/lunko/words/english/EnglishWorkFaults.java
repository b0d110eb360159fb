package lunko.words.english;

import java.util.Optional;
import lunko.phrase.Phrase;
import lunko.problem.WorkFault;
import lunko.words.Names;

/** Why something has not been done, in English. */
final class EnglishWorkFaults {

    private EnglishWorkFaults() {}

    static Phrase say(WorkFault fault, Names names) {
        return switch (fault) {
            case WorkFault.NoTablesForPoint(int rows) ->
                Say.say("No tables of up to {} show that: choose another difference, or give the tables other values.",
                        Say.counted(rows, "row"));
            case WorkFault.SameKind(var kind) ->
                Say.say("On any tables {} gives as many rows as itself: choose two kinds.", names.join(kind));
            case WorkFault.NamesNoTable() ->
                Say.say("The queries name no table of this lesson, so no rows make them differ: name one behind FROM.");
            case WorkFault.SameOnAnyTables() ->
                Say.say("No rows make these queries differ: they are two ways to say the same.");
            case WorkFault.NoTasks() ->
                Say.say("No such tasks can be made of these tables: link two that have rows, or choose other sorts.");
            case WorkFault.NothingToHandOut() ->
                Say.say("There is nothing to hand out here: choose a scene whose tables can be joined.");
            case WorkFault.NoScenes(String said) ->
                Say.say("“{}” names no scenes: write numbers such as 3 or 2-5, with commas between them.", said);
            case WorkFault.Stopped() -> Say.say("Stopped: nothing was changed.");
            case WorkFault.Busy() -> Say.say("Lunko is still working: wait for it, or stop it first.");
            case WorkFault.Failed(String work) ->
                Say.say("{} failed inside Lunko; your tables are as they were.", work);
            case WorkFault.Defect(Optional<String> log) ->
                Phrase.joined(Say.say("Something went wrong inside Lunko; your tables are as they were."),
                        log.map(file -> Say.say("The details are in {}.", file)).orElse(Phrase.EMPTY));
            case WorkFault.NotInTime() -> Say.say("This takes too long to find out: choose shorter tables.");
            case WorkFault.NoScene(int scene, int last) ->
                Say.say("There is no scene {}: the scenes of this lesson go from 1 to {}.", scene, last);
            case WorkFault.NoStep(long step, var kind, long last) ->
                Say.say("There is no step {}: the steps of {} on these tables go from 0 to {}.", step,
                        kind.map(names::join).orElse("this query"), last);
            case WorkFault.TooManyToCopy(long rows, long most) ->
                Say.say("The result has {}, more than can be copied: up to {} fit the clipboard. Save it as a file "
                        + "instead.", Say.counted(rows, "row"), most);
            case WorkFault.WrittenMeanwhile(String file) ->
                Say.say("Another window or program has written {} since you opened it: save your lesson under another "
                        + "name.", file);
            case WorkFault.NothingToLink() ->
                Say.say("No two columns look as if they belong together: drag the heading of one onto the heading of "
                        + "the other.");
            case WorkFault.NoKindsForRegion() ->
                Say.say("No kinds of these two joins make that difference: the rows of that region come and go with "
                        + "the pairs. Use a condition in WHERE instead.");
            case WorkFault.NoJournal(String folder) ->
                Say.say("Changes cannot be recovered after a crash, because {} cannot be written to: save your lesson "
                        + "often.", folder);
            case WorkFault.JournalUnreadable(String file) ->
                Say.say("Lunko ended with unsaved changes, and what it noted of them cannot be read. It is kept in {}.",
                        file);
            case WorkFault.NoFolderForPictures(String folder, String reason) ->
                Say.say("Neither {} nor a folder for temporary files can be written to ({}): make room or give "
                        + "permission.", folder, reason);
            case WorkFault.NoRowCount() -> Say.say("A limit is a number of rows: type a number, or nothing for all.");
        };
    }
}
