package lunko.insight.listing;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import lunko.engine.JoinResult;
import lunko.engine.ResultColumn;
import lunko.engine.ResultRow;
import lunko.engine.Stage;
import lunko.query.Side;
import lunko.table.Type;
import lunko.table.Value;

/**
 * A result that somebody looks at: that of a join, which has two sides, or that of a query, whose columns are all on
 * the left.
 */
public sealed interface ResultListing {

    /** The columns of a side, in the order of the result. */
    List<ResultColumn> columns(Side side);

    /** What a column is called. */
    String name(ResultColumn column);

    /**
     * The column of a table that a column is as it stands, under the alias that the table has; nothing, where it is
     * made otherwise.
     */
    Optional<Stage.Heading> source(ResultColumn column);

    /** The type of a column; text, where it holds bare NULLs. */
    Type type(ResultColumn column);

    /** How many rows there are to be listed. */
    int size();

    /** What stands in a row, counted from 0. */
    Value value(int row, ResultColumn column);

    /** The row of the left table that a row comes from, if it comes from one. */
    OptionalInt left(int row);

    /** Some rows of what a join gives. */
    record OfJoin(JoinResult outcome, List<ResultRow> rows) implements ResultListing {

        /** All that a join gives. */
        public static OfJoin all(JoinResult outcome) {
            return new OfJoin(outcome, outcome.rows());
        }

        @Override
        public List<ResultColumn> columns(Side side) {
            return outcome.columns(side);
        }

        @Override
        public String name(ResultColumn column) {
            return outcome.name(column);
        }

        @Override
        public Optional<Stage.Heading> source(ResultColumn column) {
            return outcome.join().on(column.side()).source(column.index());
        }

        @Override
        public Type type(ResultColumn column) {
            return outcome.type(column);
        }

        @Override
        public int size() {
            return rows.size();
        }

        @Override
        public Value value(int row, ResultColumn column) {
            return outcome.cell(rows.get(row), column).value();
        }

        @Override
        public OptionalInt left(int row) {
            return rows.get(row).source(Side.LEFT);
        }
    }

    /** What a query gives. */
    record OfQuery(Stage stage) implements ResultListing {

        @Override
        public List<ResultColumn> columns(Side side) {
            return side == Side.RIGHT ? List.of() : IntStream.range(0, stage.headings().size())
                    .mapToObj(column -> new ResultColumn(side, column)).toList();
        }

        @Override
        public String name(ResultColumn column) {
            Stage.Heading heading = stage.headings().get(column.index());
            return heading.table().map(table -> table + "." + heading.name()).orElse(heading.name());
        }

        @Override
        public Optional<Stage.Heading> source(ResultColumn column) {
            return stage.source(column.index());
        }

        @Override
        public Type type(ResultColumn column) {
            return stage.headings().get(column.index()).type().orElse(Type.TEXT);
        }

        @Override
        public int size() {
            return stage.rows().size();
        }

        @Override
        public Value value(int row, ResultColumn column) {
            return stage.rows().get(row).get(column.index());
        }

        @Override
        public OptionalInt left(int row) {
            return first(stage, row);
        }

        /** The row of the leftmost table that a row of a stage was first made of. */
        private static OptionalInt first(Stage stage, int row) {
            if (stage.inputs().isEmpty()) return OptionalInt.of(row);
            List<Stage.Origin> origins = stage.origins(row);
            return origins.isEmpty() || origins.getFirst().input() != 0 ? OptionalInt.empty()
                    : first(stage.inputs().getFirst(), origins.getFirst().row());
        }
    }
}
