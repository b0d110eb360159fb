package lunko.words.english;

import static lunko.words.english.Say.say;
import static lunko.words.english.Say.text;

import java.util.OptionalInt;
import lunko.phrase.Phrase;
import lunko.problem.ChangeFault;
import lunko.problem.Fault;
import lunko.problem.FileFault;
import lunko.problem.LessonFault;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.QueryFault;
import lunko.problem.QueryNote;
import lunko.problem.RunFault;
import lunko.problem.StatementFault;
import lunko.problem.SyntaxFault;
import lunko.problem.TableFault;
import lunko.problem.WorkFault;
import lunko.words.Names;
import lunko.words.Problems;

/** What cannot be done, in English. */
record EnglishProblems(Names names) implements Problems {

    @Override
    public Phrase of(Fault fault) {
        return switch (fault) {
            case TableFault table -> EnglishTableFaults.say(table, names);
            case SyntaxFault syntax -> EnglishSyntaxFaults.say(syntax);
            case QueryFault query -> new EnglishQueryFaults(names).of(query);
            case QueryNote note -> EnglishQueryNotes.say(note, names);
            case StatementFault statement -> EnglishStatementFaults.say(statement, names);
            case RunFault run -> EnglishRunFaults.say(run, names);
            case ChangeFault change -> EnglishChangeFaults.say(change);
            case FileFault file -> new EnglishFileFaults(names, this).of(file);
            case WorkFault work -> EnglishWorkFaults.say(work, names);
            case LessonFault lesson -> EnglishLessonFaults.say(lesson, names, this);
        };
    }

    @Override
    public String place(Place place) {
        return origin(place.source()) + part(", line {}", place.line()) + part(", column {}", place.column());
    }

    @Override
    public String origin(Origin origin) {
        return switch (origin) {
            case Origin.File(String path) -> path;
            case Origin.Sheet(String file, String sheet) -> text("{}, sheet {}", file, sheet);
            case Origin.TableOfPage(Origin page, int number) -> text("{}, table {}", origin(page), number);
            case Origin.Clipboard() -> "the clipboard";
            case Origin.Query() -> "query";
            case Origin.Condition() -> "condition";
            case Origin.StandardInput() -> "standard input";
        };
    }

    @Override
    public String placeInColons(Place place) {
        return origin(place.source()) + part(":{}", place.line()) + part(":{}", place.column());
    }

    @Override
    public Phrase inColons(Problem problem) {
        Phrase fault = of(problem.fault());
        return problem.place().map(at -> say("{}: {}", placeInColons(at), fault)).orElse(fault);
    }

    private static String part(String before, OptionalInt number) {
        return number.isPresent() ? text(before, String.valueOf(number.getAsInt())) : "";
    }

    @Override
    public Phrase of(Problem problem) {
        Phrase fault = of(problem.fault());
        return problem.place().map(at -> say("{}: {}", place(at), fault)).orElse(fault);
    }

    @Override
    public String changeTo(String written) {
        return text("Change to {}", written);
    }

    @Override
    public String remove(String written) {
        return text("Remove {}", written);
    }

    @Override
    public Phrase note(Problem problem) {
        Phrase fault = of(problem.fault());
        return problem.place().map(at -> say("{}: Note: {}", placeInColons(at), fault))
                .orElseGet(() -> say("Note: {}", fault));
    }
}
