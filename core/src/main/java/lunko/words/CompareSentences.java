package lunko.words;

import java.util.Optional;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.table.Truth;

/** What comes of comparing two rows, and what follows from it. */
public interface CompareSentences {

    /** Why two texts that look alike are not equal. */
    enum Difference {
        /** They are the same but for case. */
        CASE,
        /** They are the same but for blanks around them. */
        BLANKS
    }

    /** A condition has a truth value: {@code 11 = 11 is true}. */
    Phrase is(String condition, Truth truth);

    /** A condition is false because one comparison in it is. */
    Phrase isFalseBecause(String condition, String comparison);

    /** Why two texts that look alike are not equal, behind what was said of them. */
    Phrase differ(Difference difference);

    /** A column of a row is NULL. */
    Phrase isNull(Phrase row, String column);

    /** Both keys are NULL. */
    Phrase bothNull(Phrase left, Phrase right);

    /** After what was found: two rows match. */
    Phrase match(Phrase found, Phrase left, Phrase right);

    /** After what was found: two rows do not match. */
    Phrase doNotMatch(Phrase found, Phrase left, Phrase right);

    /** After what was found: two rows may be equal, for all that is known. */
    Phrase mayMatch(Phrase found, Phrase left, Phrase right);

    /** One match is enough. */
    Phrase enough();

    /** A matched row is left out by a kind that takes only unmatched ones. */
    Phrase leavesOut(Phrase row, JoinKind kind);

    /** It is not certain that a row has no match, and NOT IN leaves it out. */
    Phrase uncertain(Phrase row);

    /** Both rows of a pair are left out by a kind that takes only unmatched ones. */
    Phrase leavesBothOut(JoinKind kind);

    /** The side with the smaller key moves on. */
    Phrase movesOn(Phrase row, Phrase table);

    /** It was the last row that another could match. */
    Phrase lastOne(Phrase table, Phrase row, Optional<JoinKind> leavingOut);

    /** No row is left that could match another. */
    Phrase noneLeft(Phrase table, Phrase row, Optional<JoinKind> leavingOut);
}
