package lunko.lesson.mistake;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.problem.Checked;
import lunko.problem.LessonFault.Lack;
import lunko.problem.LessonFault;
import lunko.words.MistakeSentences;

/** A mistake that learners make with joins, which can be shown on the tables of a lesson. */
public enum Mistake {
    /** A sum or a number of rows that a join has repeated. */
    FAN(MistakeSentences::fan, Lack.ONE_TO_MANY, Seen.IN_THE_ROWS,
            (ground, _) -> Repetitions.fan(ground)),
    /** Two tables joined to a third, whose rows multiply each other. */
    CHASM(MistakeSentences::chasm, Lack.TWO_TO_ONE, Seen.IN_THE_ROWS,
            (ground, _) -> Repetitions.chasm(ground)),
    /** DISTINCT that hides repeated rows. */
    DISTINCT(MistakeSentences::distinct, Lack.ONE_TO_MANY, Seen.AS_A_MISTAKE,
            (ground, _) -> Repetitions.distinct(ground)),
    /** Rows put beside each other by where they stand. */
    BY_POSITION(MistakeSentences::byPosition, Lack.LINK, Seen.AS_A_MISTAKE,
            (ground, _) -> Conditions.byPosition(ground)),
    /** Rows joined by other columns whose values happen to agree. */
    WRONG_COLUMN(MistakeSentences::wrongColumn, Lack.OTHER_COLUMN, Seen.IN_THE_ROWS,
            (ground, _) -> Conditions.wrongColumn(ground)),
    /** A join without a condition. */
    NO_CONDITION(MistakeSentences::noCondition, Lack.LINK, Seen.IN_THE_ROWS,
            (ground, _) -> Conditions.none(ground)),
    /** {@code = NULL}. */
    EQUALS_NULL(MistakeSentences::equalsNull, Lack.NULL, Seen.IN_THE_ROWS,
            (ground, _) -> Nulls.equalsNull(ground)),
    /** NOT IN over a column with a NULL. */
    NOT_IN(MistakeSentences::notIn, Lack.NULL_KEY, Seen.IN_THE_ROWS,
            (ground, _) -> Nulls.notIn(ground)),
    /** An outer join that WHERE undoes. */
    UNDONE_BY_WHERE(MistakeSentences::undoneByWhere, Lack.UNMATCHED, Seen.IN_THE_ROWS,
            (ground, _) -> Nulls.undoneByWhere(ground)),
    /** An outer join that a later inner join undoes. */
    UNDONE_BY_JOIN(MistakeSentences::undoneByJoin, Lack.CHAIN, Seen.IN_THE_ROWS,
            (ground, _) -> Nulls.undoneByJoin(ground)),
    /** One query, and one more for each of its rows. */
    QUERY_FOR_EACH_ROW(MistakeSentences::queryForEachRow, Lack.LINK, Seen.AS_A_MISTAKE,
            OneByOne::of);

    private final Function<MistakeSentences, MistakeSentences.Told> told;
    private final Lack lack;
    private final Seen seen;
    private final Setting setting;

    /** By what a class sees that it is one. */
    private enum Seen {
        /** Other rows come than are meant. */
        IN_THE_ROWS,
        /** The rows may be right, by luck or at a price. */
        AS_A_MISTAKE
    }

    /** How it is shown on tables: each way in which it can be, the likeliest first. */
    private interface Setting {
        Stream<Shown> on(Ground ground, MistakeSentences in);
    }

    Mistake(Function<MistakeSentences, MistakeSentences.Told> told, Lack lack, Seen seen, Setting setting) {
        this.told = told;
        this.lack = lack;
        this.seen = seen;
        this.setting = setting;
    }

    /** It in words. */
    public MistakeSentences.Told told(MistakeSentences in) {
        return told.apply(in);
    }

    /**
     * Scenes that show it on the tables of a lesson: what goes wrong, and the same mended; a problem where there are no
     * tables on which it could be seen.
     */
    public Checked<List<Scene>> in(Lesson lesson, MistakeSentences in) {
        return setting.on(new Ground(lesson), in)
                .filter(shown -> seen == Seen.AS_A_MISTAKE || shown.tells(lesson)).findFirst()
                .<Checked<List<Scene>>>map(shown -> Checked.valid(shown.scenes(lesson, told(in))))
                .orElseGet(() -> Checked.invalid(new LessonFault.NothingToShowItOn(lack)));
    }
}
