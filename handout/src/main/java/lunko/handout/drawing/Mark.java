package lunko.handout.drawing;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.Optional;

/** One thing in a drawing. */
public sealed interface Mark {

    /** Some words on a base line. */
    record Text(double x, double base, String text, Lettering lettering, Ink ink) implements Mark {}

    /** An outline, filled or drawn or both. Nobody changes the shape. */
    record Outline(Shape shape, Optional<Fill> fill, Optional<Pen> pen) implements Mark {

        /** A filled one. */
        public static Outline of(Shape shape, Fill fill) {
            return new Outline(shape, Optional.of(fill), Optional.empty());
        }

        /** A line. */
        public static Outline of(Shape shape, Pen pen) {
            return new Outline(shape, Optional.empty(), Optional.of(pen));
        }

        /** The same with a line around it. */
        public Outline with(Pen around) {
            return new Outline(shape, fill, Optional.of(around));
        }
    }

    /** The same mark farther right and farther down, then so many times as large. */
    default Mark placed(double right, double down, double scale) {
        return switch (this) {
            case Text(double x, double base, String text, Lettering lettering, Ink ink) -> new Text((x + right) * scale,
                    (base + down) * scale, text, lettering.of(lettering.size() * scale), ink);
            case Outline(Shape shape, Optional<Fill> fill, Optional<Pen> pen) -> {
                AffineTransform moved = AffineTransform.getScaleInstance(scale, scale);
                moved.translate(right, down);
                yield new Outline(moved.createTransformedShape(shape), fill, pen.map(one -> one.scaled(scale)));
            }
        };
    }
}
