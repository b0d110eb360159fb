package lunko.desktop.show.picture;

import java.util.List;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Path;
import javafx.scene.shape.PathElement;
import javafx.scene.shape.Shape;

/**
 * The three regions of two circles that overlap. To cut them out takes long, so they are kept as long as the circles
 * stay.
 */
record Lunes(double middle, double y, double radius, List<PathElement> leftOnly, List<PathElement> both,
        List<PathElement> rightOnly) {

    /** The regions of two circles of a radius whose centres are so far apart. */
    static Lunes of(double middle, double y, double radius, double apart) {
        Circle left = new Circle(middle - apart / 2, y, radius);
        Circle right = new Circle(middle + apart / 2, y, radius);
        return new Lunes(middle, y, radius, elements(Shape.subtract(left, right)),
                elements(Shape.intersect(left, right)), elements(Shape.subtract(right, left)));
    }

    private static List<PathElement> elements(Shape shape) {
        return shape instanceof Path path ? List.copyOf(path.getElements()) : List.of();
    }

    /** Whether they are those of these circles. */
    boolean are(double ofMiddle, double ofY, double ofRadius) {
        return middle == ofMiddle && y == ofY && radius == ofRadius;
    }

    /** A region to be shown. */
    static Path shape(List<PathElement> region) {
        Path path = new Path(region);
        path.setStroke(null);
        return path;
    }
}
