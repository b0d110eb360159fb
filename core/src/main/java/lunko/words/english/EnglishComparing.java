package lunko.words.english;

import static lunko.words.english.Say.say;

import java.util.Optional;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.table.Truth;
import lunko.words.CompareSentences;
import lunko.words.Names;

/** What comes of comparing two rows, in English. */
record EnglishComparing(Names names) implements CompareSentences {

    @Override
    public Phrase is(String condition, Truth truth) {
        return say(truth == Truth.UNKNOWN ? "`{}` is neither true nor false but **{}**" : "`{}` is **{}**", condition,
                names.truth(truth));
    }

    @Override
    public Phrase isFalseBecause(String condition, String comparison) {
        return say("`{}` is **{}**, because `{}` is", condition, names.truth(Truth.FALSE), comparison);
    }

    @Override
    public Phrase differ(Difference difference) {
        return say(switch (difference) {
            case CASE -> "(they differ only in case, and case counts)";
            case BLANKS -> "(they differ only in blanks, and blanks count)";
        });
    }

    @Override
    public Phrase isNull(Phrase row, String column) {
        return say("{}'s {} is NULL.", row, column);
    }

    @Override
    public Phrase bothNull(Phrase left, Phrase right) {
        return say("The keys of {} and {} are both NULL.", left, right);
    }

    @Override
    public Phrase match(Phrase found, Phrase left, Phrase right) {
        return say("{}: {} and {} match.", found, left, right);
    }

    @Override
    public Phrase doNotMatch(Phrase found, Phrase left, Phrase right) {
        return say("{}: {} and {} do not match.", found, left, right);
    }

    @Override
    public Phrase mayMatch(Phrase found, Phrase left, Phrase right) {
        return say("{}: {} and {} may be equal.", found, left, right);
    }

    @Override
    public Phrase enough() {
        return say("One match is enough.");
    }

    @Override
    public Phrase leavesOut(Phrase row, JoinKind kind) {
        return say("{} is left out: {} takes only rows without a match.", row, names.join(kind));
    }

    @Override
    public Phrase uncertain(Phrase row) {
        return say("So it is not certain that {} has no match, and `NOT IN` leaves it out.", row);
    }

    @Override
    public Phrase leavesBothOut(JoinKind kind) {
        return say("Both are left out: {} takes only rows without a match.", names.join(kind));
    }

    @Override
    public Phrase movesOn(Phrase row, Phrase table) {
        return say("The key of {} is smaller, so {} moves on.", row, table);
    }

    @Override
    public Phrase lastOne(Phrase table, Phrase row, Optional<JoinKind> leavingOut) {
        return say("That was the last row of {}, so {} has no match{}.", table, row,
                EnglishMatching.leftOut(leavingOut, names));
    }

    @Override
    public Phrase noneLeft(Phrase table, Phrase row, Optional<JoinKind> leavingOut) {
        return say("No row of {} is left to match {}{}.", table, row, EnglishMatching.leftOut(leavingOut, names));
    }
}
