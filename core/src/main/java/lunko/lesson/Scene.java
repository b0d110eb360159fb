package lunko.lesson;

import java.util.OptionalLong;
import lunko.query.JoinKind;
import lunko.query.Side;

/**
 * What a lesson shows: two of its tables, by name, joined by their link.
 *
 * @param note what the speaker wants to be reminded of
 * @param step the number of the step to open at; at the end where there is none
 */
public record Scene(String left, JoinKind kind, String right, String note, OptionalLong step) {

    /** Two tables, without a note, all steps done. */
    public static Scene of(String left, JoinKind kind, String right) {
        return new Scene(left, kind, right, "", OptionalLong.empty());
    }

    /** The table on a side. */
    public String on(Side side) {
        return side.of(left, right);
    }

    /** The same scene with other tables. */
    public Scene of(String otherLeft, String otherRight) {
        return new Scene(otherLeft, kind, otherRight, note, step);
    }

    /** The same scene with another kind of join. */
    public Scene of(JoinKind other) {
        return new Scene(left, other, right, note, step);
    }

    /** The same scene with another note. */
    public Scene noting(String other) {
        return new Scene(left, kind, right, other, step);
    }

    /** The same scene, opening at another step. */
    public Scene at(OptionalLong other) {
        return new Scene(left, kind, right, note, other);
    }

    /** The same scene with a table under another name. */
    Scene renaming(String table, String to) {
        return of(left.equals(table) ? to : left, right.equals(table) ? to : right);
    }
}
