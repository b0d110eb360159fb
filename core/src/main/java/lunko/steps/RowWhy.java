package lunko.steps;

import static lunko.phrase.Words.capital;
import static lunko.phrase.Words.rows;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Chosen;
import lunko.engine.Combined;
import lunko.engine.Comparison;
import lunko.engine.Cut;
import lunko.engine.Filtered;
import lunko.engine.Grouped;
import lunko.engine.Joined;
import lunko.engine.Sorted;
import lunko.engine.Stage;
import lunko.engine.Unrepeated;
import lunko.phrase.Phrase;
import lunko.query.Side;
import lunko.query.sql.QueryBody.SetOperator;
import lunko.table.Truth;
import lunko.table.Value;

/** The sentences that explain the steps of a stage that takes rows one by one. Rows count from 0; what is said, from 1. */
sealed interface RowWhy {

    /** The stage. */
    Stage stage();

    /** What the stage does. */
    StageKind kind();

    /** In a few words, why a row is struck out or where it goes; nothing, where it needs no reason. */
    default Optional<String> reason(int row) {
        return Optional.empty();
    }

    /** What it does with what. */
    String title();

    /** Says what is about to happen. */
    void start(Phrase.Writer text);

    /** Says what becomes of a row of the inputs; the result has {@code landed} rows after that. */
    void row(Phrase.Writer text, int row, int landed);

    /** Says what a group of rows becomes. */
    default void group(Phrase.Writer text, int group) {
        throw new IndexOutOfBoundsException(group);
    }

    /** Says what has come about. */
    void finish(Phrase.Writer text);

    /** Values under their names: {@code name 'Clover', strength 3}. */
    private static String values(List<Stage.Heading> headings, List<Value> row, int from) {
        return IntStream.range(from, headings.size()).mapToObj(column ->
                headings.get(column).name() + " " + Comparison.literal(row.get(column))).collect(Collectors.joining(", "));
    }

    private static void number(Phrase.Writer text, Stage from, Stage to, String how) {
        text.plain(" ").plain(how).plain(" ").strong(rows(to.rows().size())).plain(" of ").plain(String.valueOf(from.rows().size())).plain(".");
    }

    /** What an outer join keeps, the pairs being there. */
    record OfKept(Joined stage) implements RowWhy {

        @Override
        public StageKind kind() {
            return StageKind.KEEP;
        }

        @Override
        public String title() {
            return "Keep the partnerless of " + Stream.of(Side.values()).filter(stage.join().kind()::keeps)
                    .map(side -> stage.join().on(side).title()).collect(Collectors.joining(" and of "));
        }

        @Override
        public void start(Phrase.Writer text) {
            text.plain(capital(stage.join().kind().withArticle()) + " keeps the rows that have no partner: ");
            text.plain(Stream.of(Side.values()).filter(stage.join().kind()::keeps).map(side ->
                    alone(side) + " of the " + rows(stage.join().on(side).rows().size()) + " of " + stage.join().on(side).title())
                    .collect(Collectors.joining(", and "))).plain(".");
        }

        private long alone(Side side) {
            return side.of(stage.matching().tally().leftAlone(), stage.matching().tally().rightAlone());
        }

        @Override
        public void row(Phrase.Writer text, int row, int landed) {
            int lefts = stage.join().left().rows().size();
            Side side = row < lefts ? Side.LEFT : Side.RIGHT;
            int own = side.of(row, row - lefts);
            Stage other = stage.join().on(side.opposite());
            text.plain(stage.join().on(side).name(own) + " has no partner among the " + rows(other.rows().size()) + " of " + other.title()
                    + ". It is ").strong("kept").plain(" all the same, as row " + (stage.placeOfKept(side, own) + 1) + " of the join, with ")
                    .code("NULL").plain(" in every column of " + other.title() + ".");
        }

        @Override
        public void finish(Phrase.Writer text) {
            text.plain(capital(stage.join().kind().withArticle()) + " of " + stage.join().left().title() + " and "
                    + stage.join().right().title() + " gives ").strong(rows(stage.rows().size())).plain(": "
                    + stage.join().kind().arithmetic(stage.matching().tally()) + ".");
        }
    }

    /** A filter. */
    record OfFiltered(Filtered stage) implements RowWhy {

        @Override
        public StageKind kind() {
            return StageKind.FILTER;
        }

        @Override
        public String title() {
            return "Filter " + stage.input().title() + " by " + stage.clause();
        }

        @Override
        public Optional<String> reason(int row) {
            return Optional.of(stage.with().apply(row) + " is " + stage.verdicts().get(row).title());
        }

        @Override
        public void start(Phrase.Writer text) {
            text.code(stage.clause()).plain(" asks of each of the " + rows(stage.verdicts().size()) + " of " + stage.title()
                    + " whether its condition is true, and strikes out the others.");
        }

        @Override
        public void row(Phrase.Writer text, int row, int landed) {
            Truth verdict = stage.verdicts().get(row);
            text.code(stage.with().apply(row)).plain(verdict == Truth.UNKNOWN ? " is neither true nor false but " : " is ")
                    .strong(verdict.title()).plain(": " + stage.input().name(row)).plain(switch (verdict) {
                        case TRUE -> " stays, as row " + landed + ".";
                        case FALSE -> " is struck out.";
                        case UNKNOWN -> " is struck out, for only what is true stays.";
                    });
        }

        @Override
        public void finish(Phrase.Writer text) {
            text.code(stage.clause());
            number(text, stage.input(), stage, "leaves");
            stage.says().ifPresent(kind -> text.plain(" What the outer join kept for want of a partner is all that is left: together they are ")
                    .strong(kind.withArticle()).plain("."));
        }
    }

    /** Grouping. */
    record OfGrouped(Grouped stage) implements RowWhy {

        @Override
        public StageKind kind() {
            return StageKind.GROUP;
        }

        @Override
        public String title() {
            return stage.keys() == 0 ? "Put " + stage.input().title() + " into one group"
                    : "Group " + stage.input().title() + " by " + keys();
        }

        @Override
        public Optional<String> reason(int row) {
            return Optional.of(stage.name(stage.groupOf()[row]));
        }

        private String keys() {
            return stage.headings().subList(0, stage.keys()).stream().map(Stage.Heading::name).collect(Collectors.joining(", "));
        }

        @Override
        public void start(Phrase.Writer text) {
            text.plain("The " + rows(stage.groupOf().length) + " of " + stage.input().title() + (stage.keys() == 0
                    ? " make one group, and that gives one row even if there are none."
                    : " are put into groups of equal " + keys() + ", and each group becomes one row. NULL is a group like others."));
        }

        @Override
        public void row(Phrase.Writer text, int row, int landed) {
            int group = stage.groupOf()[row];
            boolean first = IntStream.range(0, row).noneMatch(earlier -> stage.groupOf()[earlier] == group);
            text.plain(stage.input().name(row) + " goes into " + stage.name(group) + (first && stage.keys() > 0 ? ", the first there." : "."));
        }

        @Override
        public void group(Phrase.Writer text, int group) {
            text.plain(capital(stage.name(group)) + " has " + rows(stage.origins(group).size()) + " and becomes row " + (group + 1));
            if (stage.headings().size() > stage.keys()) {
                text.plain(": ").code(values(stage.headings(), stage.rows().get(group), stage.keys()));
            }
            text.plain(".");
        }

        @Override
        public void finish(Phrase.Writer text) {
            text.plain("Grouping");
            number(text, stage.input(), stage, "makes");
        }
    }

    /** The choice of columns. */
    record OfChosen(Chosen stage) implements RowWhy {

        @Override
        public StageKind kind() {
            return StageKind.CHOOSE;
        }

        @Override
        public String title() {
            return "Choose the columns " + columns();
        }

        private String columns() {
            return stage.headings().stream().map(Stage.Heading::name).collect(Collectors.joining(", "));
        }

        @Override
        public void start(Phrase.Writer text) {
            text.code("SELECT").plain(" makes of each row one with the columns " + columns() + ".");
        }

        @Override
        public void row(Phrase.Writer text, int row, int landed) {
            text.plain(capital(stage.name(row)) + " gives row " + landed + ": ").code(values(stage.headings(), stage.rows().get(row), 0)).plain(".");
        }

        @Override
        public void finish(Phrase.Writer text) {
            text.plain("That makes ").strong(rows(stage.rows().size())).plain(", as many as before: choosing columns neither adds nor drops rows.");
        }
    }

    /** DISTINCT. */
    record OfUnrepeated(Unrepeated stage) implements RowWhy {

        @Override
        public StageKind kind() {
            return StageKind.DROP_DUPLICATES;
        }

        @Override
        public String title() {
            return "Drop the duplicates of " + stage.title();
        }

        @Override
        public Optional<String> reason(int row) {
            int same = stage.same()[row];
            return stage.first()[same] == row ? Optional.empty() : Optional.of("like row " + (same + 1));
        }

        @Override
        public void start(Phrase.Writer text) {
            text.code("DISTINCT").plain(" keeps each row once. Rows are alike if all their values are; here NULL is like NULL.");
        }

        @Override
        public void row(Phrase.Writer text, int row, int landed) {
            int same = stage.same()[row];
            text.code(values(stage.headings(), stage.input().rows().get(row), 0)).plain(stage.first()[same] == row
                    ? " is new and stays, as row " + landed + "."
                    : " is there already, as row " + (same + 1) + ", and is struck out.");
        }

        @Override
        public void finish(Phrase.Writer text) {
            text.code("DISTINCT");
            number(text, stage.input(), stage, "leaves");
        }
    }

    /** ORDER BY. */
    record OfSorted(Sorted stage) implements RowWhy {

        @Override
        public StageKind kind() {
            return StageKind.SORT;
        }

        @Override
        public String title() {
            return "Sort by " + stage.by();
        }

        @Override
        public Optional<String> reason(int row) {
            return Optional.of(keys(row));
        }

        @Override
        public void start(Phrase.Writer text) {
            text.code("ORDER BY").plain(" puts the " + rows(stage.rows().size()) + " in order by ").code(stage.by()).plain(".");
        }

        @Override
        public void row(Phrase.Writer text, int row, int landed) {
            text.plain(capital(stage.input().name(row)) + " is row " + landed + ", with ").code(keys(row));
            boolean asBefore = landed > 1 && keys(stage.from()[landed - 2]).equals(keys(row));
            text.plain(asBefore ? " like the row before: which of the two comes first, ORDER BY does not say." : ".");
        }

        private String keys(int row) {
            return stage.keys().get(row).stream().map(Comparison::literal).collect(Collectors.joining(", "));
        }

        @Override
        public void finish(Phrase.Writer text) {
            text.plain("The " + rows(stage.rows().size()) + " are in order.");
        }
    }

    /** OFFSET and FETCH FIRST. */
    record OfCut(Cut stage) implements RowWhy {

        @Override
        public StageKind kind() {
            return StageKind.CUT;
        }

        @Override
        public String title() {
            return "Cut out a stretch of rows";
        }

        @Override
        public Optional<String> reason(int row) {
            if (row < stage.skipped()) return Optional.of("one of the first " + stage.skipped());
            return row - stage.skipped() < stage.rows().size() ? Optional.empty() : Optional.of("after the " + stage.most() + " wanted");
        }

        @Override
        public void start(Phrase.Writer text) {
            text.plain("Of the " + rows(stage.input().rows().size()));
            if (stage.skipped() > 0) text.plain(", the first " + stage.skipped() + " are skipped");
            if (stage.most() < Long.MAX_VALUE) text.plain(stage.skipped() > 0 ? ", and" : ",").plain(" at most " + stage.most() + " are taken");
            text.plain(".");
        }

        @Override
        public void row(Phrase.Writer text, int row, int landed) {
            text.plain(capital(stage.input().name(row)));
            if (row < stage.skipped()) text.plain(" is one of the first " + stage.skipped() + " and is skipped.");
            else if (row - stage.skipped() < stage.rows().size()) text.plain(" stays, as row " + landed + ".");
            else text.plain(" comes too late: there are " + stage.most() + " already.");
        }

        @Override
        public void finish(Phrase.Writer text) {
            text.plain("The cut");
            number(text, stage.input(), stage, "leaves");
        }
    }

    /** UNION, INTERSECT, EXCEPT. */
    record OfCombined(Combined stage) implements RowWhy {

        @Override
        public StageKind kind() {
            return StageKind.COMBINE;
        }

        @Override
        public String title() {
            return "Combine two results by " + stage.sql();
        }

        @Override
        public Optional<String> reason(int row) {
            return switch (stage.fates().get(row)) {
                case TAKEN -> Optional.empty();
                case REPEATED -> Optional.of("there already");
                case NOT_THERE -> Optional.of("not in the second");
                case THERE -> Optional.of("in the second too");
                case ASKED -> Optional.of("only looked for");
            };
        }

        @Override
        public void start(Phrase.Writer text) {
            text.code(stage.sql()).plain(" takes ").plain(switch (stage.operator()) {
                case UNION -> "the rows of the first query and those of the second";
                case INTERSECT -> "those rows of the first query that the second has too";
                case EXCEPT -> "those rows of the first query that the second has not";
            }).plain(stage.repeats() ? ", each as often as it comes." : ", each once. Here NULL is like NULL.");
        }

        @Override
        public void row(Phrase.Writer text, int row, int landed) {
            Stage.Origin origin = stage.origin(row);
            boolean left = origin.input() == 0;
            List<Value> values = stage.inputs().get(origin.input()).rows().get(origin.row());
            text.plain("Row " + (origin.row() + 1) + " of the " + (left ? "first" : "second") + " query, ")
                    .code(values(stage.headings(), values, 0)).plain(", ").plain(switch (stage.fates().get(row)) {
                        case TAKEN -> (stage.operator() == SetOperator.UNION ? "" : stage.operator() == SetOperator.INTERSECT
                                ? "is in the second query too and " : "is not in the second query and ") + "comes into the result, as row " + landed + ".";
                        case REPEATED -> "is in the result already and is struck out.";
                        case NOT_THERE -> "is not in the second query" + andNoMore() + " and is struck out.";
                        case THERE -> "is in the second query" + (stage.repeats() ? ", where one row stands for it," : "") + " and is struck out.";
                        case ASKED -> "is there to be looked for, and is not in the result itself.";
                    });
        }

        private String andNoMore() {
            return stage.repeats() ? ", or not as often," : "";
        }

        @Override
        public void finish(Phrase.Writer text) {
            text.code(stage.sql()).plain(" of " + rows(stage.left().rows().size()) + " and " + rows(stage.right().rows().size()) + " gives ")
                    .strong(rows(stage.rows().size())).plain(".");
        }
    }
}
