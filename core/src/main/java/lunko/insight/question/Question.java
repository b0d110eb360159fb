package lunko.insight.question;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import lunko.query.Side;
import lunko.words.QuestionSentences;

/** Something that a class guesses at before it is uncovered. Rows and columns count from 0. */
public sealed interface Question {

    /** How many rows the result has. */
    record HowMany() implements Question {}

    /** Which rows of a side have something in common. */
    record WhichRows(Side side, Fate fate) implements Question {}

    /** Which rows of the two sides match. */
    record WhichPairs() implements Question {}

    /** Which kind of join has given the result. */
    record WhichKind() implements Question {}

    /** What stands in a cell of the result. */
    record WhatStands(int row, int column) implements Question {}

    /** Which query has given the result, and what counts of it beside the rows. */
    record WriteQuery(Demand demand) implements Question {}

    /** What is missing in a query, so that it gives the result. */
    record FillGap(Gap gap) implements Question {}

    /** A query that says the same without JOIN. */
    record SayWithoutJoin() implements Question {}

    /** Other rows in the tables, so that something is true of them. */
    record ChangeData(Goal goal) implements Question {}

    /**
     * Which of several results is that of which query: of the one of the scene, and of others on the same tables.
     *
     * @param others these others, of which there has to be one
     */
    record MatchResults(List<String> others) implements Question {
        /** So many others at most. */
        public static final int MOST_OTHERS = 3;

        /** Keeps the queries as they are, the first of them where there are too many. */
        public MatchResults {
            others = others.stream().filter(sql -> !sql.isBlank()).limit(MOST_OTHERS).toList();
        }
    }

    /** Something in words, with an answer that somebody has written. */
    record InWords(String answer) implements Question {}

    /** What may become of rows that are asked for. */
    enum Fate {
        /** They come into the result. */
        IN_RESULT,
        /** They match no row of the other side. */
        UNMATCHED
    }

    /** What is covered as long as a question is open, because it would give the answer away. */
    enum Cover {
        /** The result, before the first step. */
        RESULT,
        /** How many rows there are or would be. */
        COUNTS,
        /** The picture beside the stage. */
        PICTURE,
        /** Where on the bar of the steps rows come into the result. */
        MARKS,
        /** The query, and which kind is chosen. */
        QUERY,
        /** What is said of the step. */
        WHY
    }

    /** The sorts of questions, in the order in which they are offered. */
    enum Sort {
        /** {@link HowMany}. */
        HOW_MANY(QuestionSentences::howMany),
        /** {@link WhichRows}. */
        WHICH_ROWS(QuestionSentences::whichRows),
        /** {@link WhichPairs}. */
        WHICH_PAIRS(QuestionSentences::whichPairs),
        /** {@link WhichKind}. */
        WHICH_KIND(QuestionSentences::whichKind),
        /** {@link WhatStands}. */
        WHAT_STANDS(QuestionSentences::whatStands),
        /** {@link WriteQuery}. */
        WRITE_QUERY(QuestionSentences::writeQuery),
        /** {@link FillGap}. */
        FILL_GAP(QuestionSentences::fillGap),
        /** {@link SayWithoutJoin}. */
        SAY_WITHOUT_JOIN(QuestionSentences::sayWithoutJoin),
        /** {@link ChangeData}. */
        CHANGE_DATA(QuestionSentences::changeData),
        /** {@link MatchResults}. */
        MATCH_RESULTS(QuestionSentences::matchResults),
        /** {@link InWords}. */
        IN_WORDS(QuestionSentences::inWords);

        private final Function<QuestionSentences, String> title;

        Sort(Function<QuestionSentences, String> title) {
            this.title = title;
        }

        /** The sort as it is chosen: {@code how many rows}. */
        public String title(QuestionSentences in) {
            return title.apply(in);
        }

        /** A question of this sort, as it is asked if nothing more is said. */
        public Question usual() {
            return switch (this) {
                case HOW_MANY -> new HowMany();
                case WHICH_ROWS -> new WhichRows(Side.LEFT, Fate.UNMATCHED);
                case WHICH_PAIRS -> new WhichPairs();
                case WHICH_KIND -> new WhichKind();
                case WHAT_STANDS -> new WhatStands(0, 0);
                case WRITE_QUERY -> new WriteQuery(Demand.ROWS);
                case FILL_GAP -> new FillGap(Gap.ON);
                case SAY_WITHOUT_JOIN -> new SayWithoutJoin();
                case CHANGE_DATA -> new ChangeData(new Goal.KindsAlike());
                case MATCH_RESULTS -> new MatchResults(List.of());
                case IN_WORDS -> new InWords("");
            };
        }
    }

    /** Of which sort it is. */
    default Sort sort() {
        return switch (this) {
            case HowMany() -> Sort.HOW_MANY;
            case WhichRows _ -> Sort.WHICH_ROWS;
            case WhichPairs() -> Sort.WHICH_PAIRS;
            case WhichKind() -> Sort.WHICH_KIND;
            case WhatStands _ -> Sort.WHAT_STANDS;
            case WriteQuery _ -> Sort.WRITE_QUERY;
            case FillGap _ -> Sort.FILL_GAP;
            case SayWithoutJoin() -> Sort.SAY_WITHOUT_JOIN;
            case ChangeData _ -> Sort.CHANGE_DATA;
            case MatchResults _ -> Sort.MATCH_RESULTS;
            case InWords _ -> Sort.IN_WORDS;
        };
    }

    /** What is covered while it is open. */
    default Set<Cover> covers() {
        return switch (this) {
            case HowMany(),WhichRows _,WhichPairs(),WhatStands _,MatchResults _,InWords _ ->
                EnumSet.of(Cover.RESULT, Cover.COUNTS, Cover.PICTURE, Cover.MARKS);
            case WhichKind(),WriteQuery _,FillGap _ -> EnumSet.of(Cover.QUERY, Cover.COUNTS, Cover.PICTURE, Cover.WHY);
            case SayWithoutJoin(),ChangeData _ -> EnumSet.noneOf(Cover.class);
        };
    }

    /** The same with the queries that it speaks of written otherwise. */
    default Question rewriting(UnaryOperator<String> change) {
        return switch (this) {
            case ChangeData(Goal.Differ(String sql)) -> new ChangeData(new Goal.Differ(change.apply(sql)));
            case MatchResults(List<String> others) -> new MatchResults(others.stream().map(change).toList());
            case ChangeData(Goal.KindsAlike()) -> this;
            case HowMany(),WhichRows _,WhichPairs(),WhichKind(),WhatStands _,WriteQuery _,FillGap _ -> this;
            case SayWithoutJoin(),InWords _ -> this;
        };
    }

    /** Whether it is asked before the first step, so that the steps uncover it; or else of the whole result. */
    default boolean isBeforeTheSteps() {
        return covers().contains(Cover.RESULT);
    }
}
