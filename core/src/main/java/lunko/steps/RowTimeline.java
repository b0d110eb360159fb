package lunko.steps;

import java.util.Arrays;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import lunko.engine.Aggregation;
import lunko.engine.Distinct;
import lunko.engine.Filter;
import lunko.engine.LazyList;
import lunko.engine.Limit;
import lunko.engine.Ordering;
import lunko.engine.Projection;
import lunko.engine.Rearranged;
import lunko.engine.Recursion;
import lunko.engine.Resorted;
import lunko.engine.SetOperation;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.steps.RowFrame.RowProgress;
import lunko.table.Truth;
import lunko.words.Language;

/**
 * The steps of a stage that takes rows one by one: a start, a step for each row, one more for each group where rows
 * have been put into groups, and a finish.
 */
public final class RowTimeline implements Part {
    private final RowWhy why;
    /** The rows of the inputs in the order of their steps. */
    private final int[] order;
    /** For each row of the inputs, the number of its step; -1 if it is in the result from the start. */
    private final int[] stepOf;
    private final boolean[] struckOut;
    /** How many rows of the result there are after so many rows have had their step. */
    private final int[] landed;
    private final int groups;

    private RowTimeline(RowWhy why, int[] order, boolean[] struckOut, int groups) {
        this.why = why;
        this.order = order;
        this.struckOut = struckOut;
        this.groups = groups;
        this.stepOf = new int[struckOut.length];
        this.landed = new int[order.length + 1];
        Arrays.fill(stepOf, -1);
        for (int i = 0; i < order.length; i++) {
            stepOf[order[i]] = i;
            boolean lands = !struckOut[order[i]] && why.kind() != StageKind.GROUP;
            landed[i + 1] = landed[i] + (lands ? 1 : 0);
        }
    }

    private static RowTimeline inOrder(RowWhy why, boolean[] struckOut) {
        return new RowTimeline(why, IntStream.range(0, struckOut.length).toArray(), struckOut, 0);
    }

    static RowTimeline of(Filter stage) {
        boolean[] struckOut = new boolean[stage.verdicts().size()];
        for (int row = 0; row < struckOut.length; row++) struckOut[row] = stage.verdicts().get(row) != Truth.TRUE;
        return inOrder(new FilterWhy(stage), struckOut);
    }

    static RowTimeline of(Aggregation stage) {
        int rows = stage.input().rows().size();
        return new RowTimeline(new AggregationWhy(stage), IntStream.range(0, rows).toArray(), new boolean[rows],
                stage.rows().size());
    }

    static RowTimeline of(Projection stage) {
        return inOrder(new ProjectionWhy(stage), new boolean[stage.rows().size()]);
    }

    static RowTimeline of(Distinct stage) {
        boolean[] struckOut = new boolean[stage.same().size()];
        for (int row = 0; row < struckOut.length; row++)
            struckOut[row] = stage.first().get(stage.same().get(row)) != row;
        return inOrder(new DistinctWhy(stage), struckOut);
    }

    static RowTimeline of(Ordering stage) {
        return resorted(new OrderingWhy(stage), stage);
    }

    static RowTimeline of(Rearranged stage) {
        return resorted(new RearrangedWhy(stage), stage);
    }

    private static RowTimeline resorted(RowWhy why, Resorted stage) {
        return new RowTimeline(why, stage.from().stream().mapToInt(row -> row).toArray(),
                new boolean[stage.from().size()], 0);
    }

    static RowTimeline of(Limit stage) {
        boolean[] struckOut = new boolean[stage.input().rows().size()];
        for (int row = 0; row < struckOut.length; row++) {
            struckOut[row] = row < stage.skipped() || row - stage.skipped() >= stage.rows().size();
        }
        return inOrder(new LimitWhy(stage), struckOut);
    }

    static RowTimeline of(SetOperation stage) {
        boolean[] struckOut = new boolean[stage.dispositions().size()];
        for (int row = 0; row < struckOut.length; row++)
            struckOut[row] = stage.dispositions().get(row) != SetOperation.Disposition.TAKEN;
        return inOrder(new SetOperationWhy(stage), struckOut);
    }

    static RowTimeline of(Recursion stage) {
        boolean[] struckOut = new boolean[stage.size()];
        for (int row = 0; row < struckOut.length; row++) struckOut[row] = stage.isRepeated(row);
        return inOrder(new RecursionWhy(stage), struckOut);
    }

    @Override
    public StageKind kind() {
        return why.kind();
    }

    @Override
    public Phrase title(Language in) {
        return why.title(in);
    }

    /** The stage whose rows these steps make. */
    public Stage stage() {
        return why.stage();
    }

    /** Whether a row of the inputs does not go on. */
    public boolean strikesOut(int row) {
        return struckOut[row];
    }

    /**
     * In a few words, why a row of the inputs is struck out or goes where it goes; nothing, where it needs no reason.
     */
    public Optional<String> reason(int row, Language in) {
        return why.reason(row, in);
    }

    /** The step in which it was decided what becomes of a row of the inputs; the start for one that has no step. */
    public long decided(int row) {
        return stepOf[row] + 1L;
    }

    /** The step in which a row came into the result; the start for one that was there before. */
    long landed(int row) {
        if (groups > 0) return order.length + 1L + row;
        int step = 0;
        while (step < order.length && landed[step] <= row) step++;
        return step;
    }

    @Override
    public long nextLanding(long number) {
        long next = Math.min(number + 1, last());
        while (next < last() && next <= order.length && landed[(int) next] == landed[(int) next - 1]) next++;
        return next;
    }

    @Override
    public long rows() {
        return stage().rows().size();
    }

    @Override
    public long last() {
        return 1L + order.length + groups;
    }

    @Override
    public RowFrame at(long number) {
        Objects.checkIndex(number, last() + 1);
        int done = (int) Math.min(Math.max(0, number), order.length);
        int grouped = (int) Math.min(Math.max(0, number - order.length), groups);
        OptionalInt now = number >= 1 && number <= order.length ? OptionalInt.of(order[done - 1]) : OptionalInt.empty();
        int rows = landed[done] + grouped;
        return new RowFrame(number, kind(), in -> sentence(number, now, rows, in), now,
                LazyList.of(order.length, row -> fate(row, done)), rows);
    }

    /** The words of SQL that ask for the stage: {@code WHERE}. */
    public String clause() {
        return why.clause();
    }

    private Phrase sentence(long number, OptionalInt now, int landed, Language in) {
        if (number == 0) return why.start(in);
        if (number == last()) return why.finish(in);
        return now.isPresent() ? why.row(now.getAsInt(), landed, in) : why.group(landed - 1, in);
    }

    private RowProgress fate(int row, int done) {
        if (stepOf[row] >= done) return RowProgress.OPEN;
        return struckOut[row] ? RowProgress.STRUCK_OUT : RowProgress.TAKEN;
    }
}
