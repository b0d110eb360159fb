package lunko.insight.question;

import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import lunko.insight.picture.Lineage.Pointed;

/**
 * What a guess has come to.
 *
 * @param hit what was marked rightly
 * @param missed what should have been marked as well
 * @param tooMany what was marked and should not have been
 */
public record Judgement(Verdict verdict, Set<Pointed> hit, Set<Pointed> missed, Set<Pointed> tooMany) {
    /** Of words nobody can tell but people. */
    static final Judgement OPEN = new Judgement(Verdict.OPEN, Set.of(), Set.of(), Set.of());

    /** Whether it was right. */
    public enum Verdict {
        /** It was. */
        RIGHT,
        /** It was not. */
        WRONG,
        /** That is for people to say. */
        OPEN
    }

    static Judgement of(boolean right) {
        return new Judgement(right ? Verdict.RIGHT : Verdict.WRONG, Set.of(), Set.of(), Set.of());
    }

    static Judgement of(Set<Pointed> answer, Set<Pointed> guess) {
        return new Judgement(answer.equals(guess) ? Verdict.RIGHT : Verdict.WRONG, those(answer, guess::contains),
                those(answer, pointed -> !guess.contains(pointed)), those(guess, pointed -> !answer.contains(pointed)));
    }

    private static Set<Pointed> those(Set<Pointed> of, Predicate<Pointed> wanted) {
        return of.stream().filter(wanted).collect(Collectors.toUnmodifiableSet());
    }
}
