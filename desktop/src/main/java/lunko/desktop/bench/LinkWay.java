package lunko.desktop.bench;

import java.util.Collection;
import java.util.Comparator;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;

/** The ways that a link can take between two cards; of two that are seen as well as each other, the first is taken. */
enum LinkWay {
    /** Between the sides of cards that stand beside each other. */
    BETWEEN_SIDES {
        @Override
        boolean isThere(End left, End right) {
            return left.isBefore(right) || right.isBefore(left);
        }

        @Override
        LinkCurve of(End left, End right, double shift) {
            boolean before = left.isBefore(right);
            Point2D from = new Point2D(before ? left.card.getMaxX() : left.card.getMinX(), left.heading + shift);
            Point2D to = new Point2D(before ? right.card.getMinX() : right.card.getMaxX(), right.heading + shift);
            double middle = from.midpoint(to).getX();
            return new LinkCurve(from, new Point2D(middle, from.getY()), new Point2D(middle, to.getY()), to);
        }
    },

    /** Between the edges of cards one above the other. */
    BETWEEN_EDGES {
        @Override
        boolean isThere(End left, End right) {
            return left.isAbove(right) || right.isAbove(left);
        }

        @Override
        LinkCurve of(End left, End right, double shift) {
            boolean above = left.isAbove(right);
            double begin = Math.max(left.card.getMinX(), right.card.getMinX());
            double end = Math.min(left.card.getMaxX(), right.card.getMaxX());
            boolean beside = begin > end;
            Point2D from = new Point2D((beside ? left.card.getCenterX() : (begin + end) / 2) + shift,
                    above ? left.card.getMaxY() : left.card.getMinY());
            Point2D to = new Point2D((beside ? right.card.getCenterX() : (begin + end) / 2) + shift,
                    above ? right.card.getMinY() : right.card.getMaxY());
            double middle = from.midpoint(to).getY();
            return new LinkCurve(from, new Point2D(from.getX(), middle), new Point2D(to.getX(), middle), to);
        }
    },

    /** From the right of the one around what is between them to the right of the other. */
    AROUND_RIGHT {
        @Override
        LinkCurve of(End left, End right, double shift) {
            double out = Math.max(left.card.getMaxX(), right.card.getMaxX()) + OUT + shift;
            return around(new Point2D(left.card.getMaxX(), left.heading + shift), out,
                    new Point2D(right.card.getMaxX(), right.heading + shift));
        }
    },

    /** From the left of the one around what is between them to the left of the other. */
    AROUND_LEFT {
        @Override
        LinkCurve of(End left, End right, double shift) {
            double out = Math.min(left.card.getMinX(), right.card.getMinX()) - OUT - shift;
            return around(new Point2D(left.card.getMinX(), left.heading + shift), out,
                    new Point2D(right.card.getMinX(), right.heading + shift));
        }
    },

    /** From a table to itself. */
    LOOP {
        @Override
        boolean isThere(End left, End right) {
            return left.equals(right);
        }

        @Override
        LinkCurve of(End left, End right, double shift) {
            double x = left.card.getMaxX();
            double out = x + LOOP_OUT + shift;
            double y = left.heading + (left.folded ? 0 : 26);
            double height = left.folded ? 12 : 44;
            return new LinkCurve(new Point2D(x, y + shift), new Point2D(out, y), new Point2D(out, y + height),
                    new Point2D(x, y + height - shift));
        }
    };

    private static final double OUT = 60;
    private static final double LOOP_OUT = 46;
    /** So much of a line, from 0 to 1, may be behind cards before it is seen badly. */
    private static final double HIDDEN = 0.1;

    /**
     * A card that a link comes to, how far down the middle of its headings is, in pixels, and whether it has no more
     * than them.
     */
    record End(Bounds card, double heading, boolean folded) {

        private boolean isBefore(End other) {
            return card.getMaxX() <= other.card.getMinX();
        }

        private boolean isAbove(End other) {
            return card.getMaxY() <= other.card.getMinY();
        }
    }

    private static LinkCurve around(Point2D from, double out, Point2D to) {
        return new LinkCurve(from, new Point2D(out, from.getY()), new Point2D(out, to.getY()), to);
    }

    /** Whether it is to be had for cards that stand so. */
    boolean isThere(End left, End right) {
        return !left.equals(right);
    }

    /** The line along it, or so many pixels beside that. */
    abstract LinkCurve of(End left, End right, double shift);

    /** The way of which the most is seen, where cards stand and within what there is. */
    static LinkWay best(End left, End right, Collection<Bounds> cards, Bounds within) {
        return Stream.of(values()).filter(way -> way.isThere(left, right))
                .min(Comparator.comparingDouble(way -> Math.max(HIDDEN, way.of(left, right, 0).hidden(cards, within))))
                .orElseThrow();
    }
}
