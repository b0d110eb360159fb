package lunko.lesson.mistake;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.lesson.SceneStart;
import lunko.lesson.Telling;
import lunko.lesson.WrittenQuery;
import lunko.lesson.own.OwnTables;
import lunko.problem.Problem;
import lunko.words.MistakeSentences;

/**
 * A mistake on the tables of a lesson.
 *
 * @param wrong the query that makes it
 * @param mended the query that is meant
 * @param own how the tables must differ for it to be seen
 */
record Shown(WrittenQuery wrong, WrittenQuery mended, Optional<OwnTables> own) {
    /** More pairs of rows need not be looked at to know that other rows come of it. */
    private static final double MOST_PAIRS = 200_000;

    /** A mistake of a query alone. */
    static Shown of(String wrong, String mended) {
        return new Shown(neat(wrong), neat(mended), Optional.empty());
    }

    /** A query as Lunko lays it out. */
    static WrittenQuery neat(String sql) {
        return WrittenQuery.of(sql).read().map(read -> WrittenQuery.of(read.query().query())).expect();
    }

    /** Whether other rows come of it than are meant. */
    boolean tells(Lesson lesson) {
        if (wrong.pairs(lesson.tables()) > MOST_PAIRS) return true;
        return !rows(wrong, lesson).equals(rows(mended, lesson));
    }

    private static Object rows(WrittenQuery query, Lesson lesson) {
        return query.on(lesson.tables()).either(stage -> List.copyOf(stage.rows()), Problem::fault);
    }

    /** Two scenes of it, each opening at its start: what goes wrong, and the same mended. */
    List<Scene> scenes(Lesson lesson, MistakeSentences.Told told) {
        Scene now = lesson.scene().asking(Optional.empty())
                .opening(SceneStart.PLAIN.at(OptionalLong.of(0)));
        Scene amiss = now.writing(Optional.of(wrong)).owning(own.or(now::own))
                .telling(Telling.SILENT.titled(told.title()).noting(told.about()));
        Scene right = now.writing(Optional.of(mended))
                .telling(Telling.SILENT.titled(told.titleMended()).noting(told.mended()));
        return List.of(amiss, right);
    }
}
