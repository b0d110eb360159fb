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
    FAN(MistakeSentences::fan, Lack.ONE_TO_MANY) {
        @Override
        Stream<Shown> on(Ground ground, MistakeSentences in) {
            return Repetitions.fan(ground);
        }
    },
    /** Two tables joined to a third, whose rows multiply each other. */
    CHASM(MistakeSentences::chasm, Lack.TWO_TO_ONE) {
        @Override
        Stream<Shown> on(Ground ground, MistakeSentences in) {
            return Repetitions.chasm(ground);
        }
    },
    /** DISTINCT that hides repeated rows. */
    DISTINCT(MistakeSentences::distinct, Lack.ONE_TO_MANY) {
        @Override
        Stream<Shown> on(Ground ground, MistakeSentences in) {
            return Repetitions.distinct(ground);
        }
    },
    /** Rows put beside each other by where they stand. */
    BY_POSITION(MistakeSentences::byPosition, Lack.LINK) {
        @Override
        Stream<Shown> on(Ground ground, MistakeSentences in) {
            return Conditions.byPosition(ground);
        }
    },
    /** Rows joined by other columns whose values happen to agree. */
    WRONG_COLUMN(MistakeSentences::wrongColumn, Lack.OTHER_COLUMN) {
        @Override
        Stream<Shown> on(Ground ground, MistakeSentences in) {
            return Conditions.wrongColumn(ground);
        }
    },
    /** A join without a condition. */
    NO_CONDITION(MistakeSentences::noCondition, Lack.LINK) {
        @Override
        Stream<Shown> on(Ground ground, MistakeSentences in) {
            return Conditions.none(ground);
        }
    },
    /** {@code = NULL}. */
    EQUALS_NULL(MistakeSentences::equalsNull, Lack.NULL) {
        @Override
        Stream<Shown> on(Ground ground, MistakeSentences in) {
            return Nulls.equalsNull(ground);
        }
    },
    /** NOT IN over a column with a NULL. */
    NOT_IN(MistakeSentences::notIn, Lack.NULL_KEY) {
        @Override
        Stream<Shown> on(Ground ground, MistakeSentences in) {
            return Nulls.notIn(ground);
        }
    },
    /** An outer join that WHERE undoes. */
    UNDONE_BY_WHERE(MistakeSentences::undoneByWhere, Lack.UNMATCHED) {
        @Override
        Stream<Shown> on(Ground ground, MistakeSentences in) {
            return Nulls.undoneByWhere(ground);
        }
    },
    /** An outer join that a later inner join undoes. */
    UNDONE_BY_JOIN(MistakeSentences::undoneByJoin, Lack.CHAIN) {
        @Override
        Stream<Shown> on(Ground ground, MistakeSentences in) {
            return Nulls.undoneByJoin(ground);
        }
    },
    /** One query, and one more for each of its rows. */
    QUERY_FOR_EACH_ROW(MistakeSentences::queryForEachRow, Lack.LINK) {
        @Override
        Stream<Shown> on(Ground ground, MistakeSentences in) {
            return OneByOne.of(ground, in);
        }
    };

    private final Function<MistakeSentences, MistakeSentences.Told> told;
    private final Lack lack;

    Mistake(Function<MistakeSentences, MistakeSentences.Told> told, Lack lack) {
        this.told = told;
        this.lack = lack;
    }

    /** It in words. */
    public MistakeSentences.Told told(MistakeSentences in) {
        return told.apply(in);
    }

    abstract Stream<Shown> on(Ground ground, MistakeSentences in);

    /** Whether it may give the rows that are meant, and is a mistake all the same. */
    private boolean sameRows() {
        return this == DISTINCT || this == BY_POSITION || this == QUERY_FOR_EACH_ROW;
    }

    /**
     * Scenes that show it on the tables of a lesson: what goes wrong, and the same mended; a problem where there are no
     * tables on which it could be seen.
     */
    public Checked<List<Scene>> in(Lesson lesson, MistakeSentences in) {
        return on(new Ground(lesson), in).filter(shown -> sameRows() || shown.tells(lesson)).findFirst()
                .<Checked<List<Scene>>>map(shown -> Checked.valid(shown.scenes(lesson, told(in))))
                .orElseGet(() -> Checked.invalid(new LessonFault.NothingToShowItOn(lack)));
    }
}
