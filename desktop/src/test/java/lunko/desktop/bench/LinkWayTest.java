package lunko.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import org.junit.jupiter.api.Test;

/** Between which two cards a link is can be seen, whatever else stands on the bench. */
class LinkWayTest {
    private static final Bounds BENCH = new BoundingBox(0, 0, 900, 700);
    private static final Bounds ABOVE = new BoundingBox(20, 20, 300, 100);
    private static final Bounds BELOW = new BoundingBox(20, 500, 300, 100);
    private static final Bounds BESIDE = new BoundingBox(560, 20, 300, 100);

    @Test
    void theNearestSidesAreTakenWhereNothingStandsBetween() {
        assertThat(best(ABOVE, BESIDE)).isEqualTo(LinkWay.BETWEEN_SIDES);
        assertThat(best(ABOVE, BELOW)).isEqualTo(LinkWay.BETWEEN_EDGES);
        assertThat(best(ABOVE, ABOVE)).isEqualTo(LinkWay.LOOP);
    }

    @Test
    void whatStandsBetweenIsPassedOnTheSideThatHasRoom() {
        Bounds between = new BoundingBox(20, 250, 280, 150);
        assertThat(best(ABOVE, BELOW, between)).isEqualTo(LinkWay.AROUND_RIGHT);
        assertThat(best(onTheRight(ABOVE), onTheRight(BELOW), onTheRight(between))).isEqualTo(LinkWay.AROUND_LEFT);
        // Nothing of it is behind a card then.
        LinkCurve curve = LinkWay.AROUND_RIGHT.of(end(ABOVE), end(BELOW), 0);
        assertThat(curve.hidden(List.of(ABOVE, BELOW, between), BENCH)).isZero();
        assertThat(LinkWay.BETWEEN_EDGES.of(end(ABOVE), end(BELOW), 0).hidden(List.of(between), BENCH)).isPositive();
    }

    @Test
    void aCornerInTheWayChangesNothing() {
        assertThat(best(ABOVE, BESIDE, new BoundingBox(320, 60, 20, 100))).isEqualTo(LinkWay.BETWEEN_SIDES);
    }

    private static Bounds onTheRight(Bounds card) {
        return new BoundingBox(BENCH.getWidth() - card.getMaxX(), card.getMinY(), card.getWidth(), card.getHeight());
    }

    private static LinkWay.End end(Bounds card) {
        return new LinkWay.End(card, card.getMinY() + 40, false);
    }

    private static LinkWay best(Bounds left, Bounds right, Bounds... others) {
        return LinkWay.best(end(left), end(right), Stream.concat(Stream.of(left, right), Stream.of(others)).toList(),
                BENCH);
    }
}
