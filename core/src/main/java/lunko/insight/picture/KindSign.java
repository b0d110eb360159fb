package lunko.insight.picture;

import lunko.query.JoinKind;
import lunko.query.Side;

/** The sign of a kind of join: bars for rows of both sides, filled where the kind lets them through. */
public record KindSign(JoinKind kind) {

    /** The lines of the sign, from the top. */
    public enum Line {
        /** A left row without a match. */
        LEFT_ALONE,
        /** Two rows that match. */
        MATCHED,
        /** A right row without a match. */
        RIGHT_ALONE
    }

    /** Whether a bar is filled; a cross join lets everything through. */
    public boolean isFilled(Line line, Side side) {
        if (!kind.compares()) return true;
        return switch (line) {
            case LEFT_ALONE -> side == Side.LEFT && kind.takesAlone(side);
            case MATCHED -> kind.givesMatched() && kind.shows(side);
            case RIGHT_ALONE -> side == Side.RIGHT && kind.takesAlone(side);
        };
    }
}
