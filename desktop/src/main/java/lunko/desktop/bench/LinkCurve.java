package lunko.desktop.bench;

import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;

/** The line of a link: a cubic curve, in pixels. */
record LinkCurve(Point2D start, Point2D first, Point2D second, Point2D end) {
    /** Where along a line something can be said of it, the best place first. */
    private static final double[] PLACES = {0.5, 0.42, 0.58, 0.34, 0.66, 0.26, 0.74, 0.18, 0.82, 0.1, 0.9};
    /** How far from there, where a card or another link is in the way; the nearest first. */
    private static final List<Point2D> AWAY = IntStream.rangeClosed(-8, 8).boxed()
            .flatMap(x -> IntStream.rangeClosed(-8, 8).mapToObj(y -> new Point2D(x * 15, y * 15)))
            .sorted(Comparator.comparingDouble(Point2D::magnitude)).toList();
    /** At so many points of it, it is asked where it runs. */
    private static final int LOOKED_AT = 40;

    /** The point that lies this part of the way along, from 0 to 1. */
    Point2D at(double part) {
        double rest = 1 - part;
        return start.multiply(rest * rest * rest).add(first.multiply(3 * rest * rest * part))
                .add(second.multiply(3 * rest * part * part)).add(end.multiply(part * part * part));
    }

    /** How much of it, from 0 to 1, cannot be seen: it is behind a card, or outside of what there is. */
    double hidden(Collection<Bounds> cards, Bounds within) {
        return IntStream.range(1, LOOKED_AT).mapToObj(i -> at(i / (double) LOOKED_AT))
                .filter(at -> !within.contains(at) || cards.stream().anyMatch(card -> card.contains(at))).count()
                / (double) LOOKED_AT;
    }

    /**
     * Where there is room within bounds to say something of a size: as near to the middle as nothing else stands, or
     * else beside the line.
     */
    Point2D roomy(double width, double height, Collection<Bounds> taken, Bounds within) {
        return AWAY.stream().flatMap(away -> Arrays.stream(PLACES).mapToObj(place -> at(place).add(away)))
                .filter(at -> isFree(new BoundingBox(at.getX() - width / 2, at.getY() - height / 2, width, height),
                        taken, within))
                .findFirst().orElseGet(() -> at(0.5));
    }

    private static boolean isFree(Bounds place, Collection<Bounds> taken, Bounds within) {
        return within.contains(place) && taken.stream().noneMatch(place::intersects);
    }
}
