package lunko.lesson;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import lunko.engine.sql.Renaming;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Table;

/**
 * What a lesson shows: two of its tables joined, or a query that somebody has written.
 *
 * @param pairing the two tables at hand
 * @param written the query as SQL, where somebody has written one
 * @param note what the speaker wants to be reminded of
 * @param step the number of the step to open at; at the end where there is none
 */
public record Scene(Pairing pairing, Optional<WrittenQuery> written, String note, OptionalLong step) {

    /** Two tables, without a note, all steps done. */
    public static Scene of(String left, JoinKind kind, String right) {
        return new Scene(new Pairing(left, kind, right, false), Optional.empty(), "", OptionalLong.empty());
    }

    /** The left one of the tables at hand. */
    public String left() {
        return pairing.left();
    }

    /** The right one of the tables at hand. */
    public String right() {
        return pairing.right();
    }

    /** How the tables at hand are joined. */
    public JoinKind kind() {
        return pairing.kind();
    }

    /** The table on a side. */
    public String on(Side side) {
        return pairing.on(side);
    }

    /** The same scene with two tables joined otherwise, or others. */
    public Scene of(Pairing other) {
        return new Scene(other, written, note, step);
    }

    /** The same scene with a query that was written, or with none. */
    public Scene writing(Optional<WrittenQuery> query) {
        return new Scene(pairing, query, note, step);
    }

    /** The same scene under a new name of a table or a column; {@code tables} are those before. */
    Scene renaming(Renaming renaming, List<Table> tables) {
        return writing(written.map(query -> query.renaming(renaming, tables)));
    }

    /** The same scene with another note. */
    public Scene noting(String other) {
        return new Scene(pairing, written, other, step);
    }

    /** The same scene, opening at another step. */
    public Scene at(OptionalLong other) {
        return new Scene(pairing, written, note, other);
    }
}
