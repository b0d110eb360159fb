package lunko.exchange.lesson;

import java.util.Optional;
import lunko.exchange.json.Json;
import lunko.insight.picture.Lineage.Pointed;
import lunko.query.Side;

/** What is pointed at: a row of a side, or of both a pair. Rows count from 0. */
public final class PointedNodes {
    private PointedNodes() {}

    /** A row or a pair, told. */
    public static Json of(Pointed pointed) {
        Json.Members rows = Json.EMPTY;
        for (Side side : Side.values())
            if (pointed.on(side).isPresent()) rows = rows.with(side.id(), pointed.on(side).getAsInt());
        return rows;
    }

    /** The row or the pair that is told; nothing, where none is. */
    public static Optional<Pointed> read(Json told) {
        Optional<Integer> left = told.at(Side.LEFT.id()).whole().map(Long::intValue);
        Optional<Integer> right = told.at(Side.RIGHT.id()).whole().map(Long::intValue);
        if (left.isPresent() && right.isPresent())
            return Optional.of(new Pointed.Pair(left.get(), right.get()));
        return left.<Pointed>map(row -> new Pointed.Source(Side.LEFT, row))
                .or(() -> right.map(row -> new Pointed.Source(Side.RIGHT, row)));
    }
}
