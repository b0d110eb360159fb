package lunko.handout.paint;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

/** What is drawn over the ground of an outline, so that it is told from others without its colour. */
public enum Pattern {
    /** Nothing. */
    PLAIN,
    /** Dots. */
    DOTS,
    /** Lines that rise. */
    RISING,
    /** Lines that rise, close to each other. */
    RISING_CLOSE,
    /** Lines that fall. */
    FALLING,
    /** Lines across. */
    LEVEL,
    /** Lines across, close to each other. */
    LEVEL_CLOSE,
    /** Lines that rise and lines that fall. */
    CROSSED;

    private static final double BETWEEN = 6;

    /** What it consists of within some bounds, which it may go beyond. */
    List<Shape> shapes(Rectangle2D bounds) {
        List<Shape> shapes = new ArrayList<>();
        switch (this) {
            case PLAIN -> {}
            case DOTS -> {
                for (double y = bounds.getMinY() + BETWEEN / 2; y < bounds.getMaxY(); y += BETWEEN)
                    for (double x = bounds.getMinX() + BETWEEN / 2; x < bounds.getMaxX(); x += BETWEEN)
                        shapes.add(new Ellipse2D.Double(x - 0.45, y - 0.45, 0.9, 0.9));
            }
            case RISING -> slanted(bounds, BETWEEN, true, shapes);
            case RISING_CLOSE -> slanted(bounds, BETWEEN * 0.6, true, shapes);
            case FALLING -> slanted(bounds, BETWEEN, false, shapes);
            case CROSSED -> {
                slanted(bounds, BETWEEN, true, shapes);
                slanted(bounds, BETWEEN, false, shapes);
            }
            case LEVEL -> level(bounds, BETWEEN, shapes);
            case LEVEL_CLOSE -> level(bounds, BETWEEN * 0.35, shapes);
        }
        return shapes;
    }

    private static void level(Rectangle2D bounds, double between, List<Shape> shapes) {
        for (double y = bounds.getMinY() + between / 2; y < bounds.getMaxY(); y += between)
            shapes.add(new Line2D.Double(bounds.getMinX(), y, bounds.getMaxX(), y));
    }

    private static void slanted(Rectangle2D bounds, double between, boolean rising, List<Shape> shapes) {
        double high = bounds.getHeight();
        for (double x = bounds.getMinX() - high; x < bounds.getMaxX(); x += between)
            shapes.add(rising ? new Line2D.Double(x, bounds.getMaxY(), x + high, bounds.getMinY())
                    : new Line2D.Double(x, bounds.getMinY(), x + high, bounds.getMaxY()));
    }
}
