package lunko;

import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.words.Language;
import lunko.words.Sentence;
import lunko.words.english.English;

/** What is said, in English. */
public final class Said {
    /** English. */
    public static final Language ENGLISH = English.language();

    private Said() {}

    /** What is wrong. */
    public static String fault(Problem problem) {
        return ENGLISH.problems().of(problem.fault()).text();
    }

    /** What is wrong, its place before it as compilers write it. */
    public static String inColons(Problem problem) {
        return ENGLISH.problems().inColons(problem).text();
    }

    /** What is wrong, its place before it in words. */
    public static String inWords(Problem problem) {
        return ENGLISH.problems().of(problem).text();
    }

    /** A place as compilers write it. */
    public static String inColons(Place place) {
        return ENGLISH.problems().placeInColons(place);
    }

    /** A sentence. */
    public static String in(Sentence sentence) {
        return sentence.in(ENGLISH).text();
    }
}
