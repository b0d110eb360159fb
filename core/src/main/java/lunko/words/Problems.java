package lunko.words;

import lunko.phrase.Phrase;
import lunko.problem.Fault;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;

/** What cannot be done, and what there is to do about it. */
public interface Problems {

    /** What is wrong, in a sentence or two. */
    Phrase of(Fault fault);

    /** A place: {@code hives.csv, line 4, column 7}. */
    String place(Place place);

    /** What something was read from: {@code hives.xlsx, sheet North}. */
    String origin(Origin origin);

    /** A place as compilers write it: {@code hives.csv:4:7}. */
    String placeInColons(Place place);

    /** A problem, its place before it. */
    Phrase of(Problem problem);

    /** A problem for a terminal, its place before it as compilers write it. */
    Phrase inColons(Problem problem);

    /** What a fix does, in a few words: {@code Change to hives}. */
    String changeTo(String written);

    /** What a fix does that only takes something away. */
    String remove(String written);

    /** A problem that keeps nothing from being run, for a terminal. */
    Phrase note(Problem problem);
}
