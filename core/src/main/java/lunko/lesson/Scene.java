package lunko.lesson;

import java.util.List;
import java.util.Optional;
import lunko.engine.sql.Renaming;
import lunko.insight.question.Asked;
import lunko.lesson.own.OwnTables;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Table;

/**
 * What a lesson shows at a moment: two of its tables joined, or a query that somebody has written.
 *
 * @param telling what is said with it
 * @param pairing the two tables at hand
 * @param written the query as SQL, where somebody has written one
 * @param start how it opens
 * @param asked what the class is asked before it plays
 * @param own how its tables differ from the lesson's, where it has a state of its own
 */
public record Scene(Telling telling, Pairing pairing, Optional<WrittenQuery> written, SceneStart start,
        Optional<Asked> asked, Optional<OwnTables> own) {

    /** Two tables, of which nothing is said, all steps done. */
    public static Scene of(String left, JoinKind kind, String right) {
        return new Scene(Telling.SILENT, new Pairing(left, kind, right, false), Optional.empty(), SceneStart.PLAIN,
                Optional.empty(), Optional.empty());
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

    /** The tables as it has them, where these are the lesson's. */
    public List<Table> tables(List<Table> shared) {
        return own.map(differing -> differing.on(shared)).orElse(shared);
    }

    /** The same scene with two tables joined otherwise, or others. */
    public Scene of(Pairing other) {
        return new Scene(telling, other, written, start, asked, own);
    }

    /** The same scene with a query that was written, or with none. */
    public Scene writing(Optional<WrittenQuery> query) {
        return new Scene(telling, pairing, query, start, asked, own);
    }

    /** The same scene under a new name of a table or a column; {@code before} are its tables until now. */
    Scene renaming(Renaming renaming, List<Table> before) {
        return writing(written.map(query -> query.renaming(renaming, before)))
                .asking(asked.map(one -> one.asking(one.question()
                        .rewriting(sql -> WrittenQuery.of(sql).renaming(renaming, before).sql()))));
    }

    /** The same scene with something else said. */
    public Scene telling(Telling other) {
        return new Scene(other, pairing, written, start, asked, own);
    }

    /** The same scene, opening otherwise. */
    public Scene opening(SceneStart other) {
        return new Scene(telling, pairing, written, other, asked, own);
    }

    /** The same scene with a state of the tables of its own, or without. */
    public Scene owning(Optional<OwnTables> other) {
        return new Scene(telling, pairing, written, start, asked, other);
    }

    /** The same scene, asking something else, or nothing. */
    public Scene asking(Optional<Asked> other) {
        return new Scene(telling, pairing, written, start, other, own);
    }
}
