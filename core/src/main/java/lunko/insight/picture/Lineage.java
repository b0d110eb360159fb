package lunko.insight.picture;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalInt;
import lunko.engine.Join;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.query.Side;
import lunko.table.Truth;

/** What belongs to a row that somebody points at: its matches, and the rows of the result that it comes into. */
public record Lineage(JoinResult outcome, Pointed pointed) {

    /** A row that somebody points at. */
    public sealed interface Pointed {

        /** A row of a source table, counted from 0. */
        record Source(Side side, int row) implements Pointed {}

        /** A row of the result. */
        record Result(ResultRow row) implements Pointed {}

        /** A left and a right row, counted from 0, whether they match or not. */
        record Pair(int left, int right) implements Pointed {}

        /** The source row on a side, counted from 0, where it means one there. */
        default OptionalInt on(Side side) {
            return switch (this) {
                case Source(Side of, int row) -> of == side ? OptionalInt.of(row) : OptionalInt.empty();
                case Result(ResultRow row) -> row.source(side);
                case Pair(int left, int right) -> OptionalInt.of(side.of(left, right));
            };
        }
    }

    /** What belongs to a row; nothing, where a view that is behind points at one that the join does not have. */
    public static Optional<Lineage> of(JoinResult outcome, Pointed pointed) {
        boolean isThere = Arrays.stream(Side.values()).allMatch(
                side -> pointed.on(side).stream().allMatch(row -> row < outcome.join().on(side).rows().size()));
        return isThere ? Optional.of(new Lineage(outcome, pointed)) : Optional.empty();
    }

    /** Whether a source row, counted from 0, belongs to it. */
    public boolean lights(Side side, int row) {
        return switch (pointed) {
            case Pointed.Source(Side of, int one) when of == side -> one == row;
            case Pointed.Source(Side _, int one) -> match(side.of(row, one), side.of(one, row));
            case Pointed.Result(ResultRow result) -> result.source(side).equals(OptionalInt.of(row));
            case Pointed.Pair(int left, int right) -> side.of(left, right) == row;
        };
    }

    /** Whether a row of the result belongs to it. */
    public boolean lights(ResultRow row) {
        return switch (pointed) {
            case Pointed.Source(Side side, int one) -> row.source(side).equals(OptionalInt.of(one));
            case Pointed.Result(ResultRow result) -> result.equals(row);
            case Pointed.Pair(int left, int right) -> row.equals(new ResultRow.Met(left, right));
        };
    }

    private boolean match(int left, int right) {
        Join join = outcome.join();
        return !join.kind().compares() || join.verdict(left, right) == Truth.TRUE;
    }
}
