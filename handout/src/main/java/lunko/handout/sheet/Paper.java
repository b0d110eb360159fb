package lunko.handout.sheet;

import java.util.Locale;

/** Sizes of paper, in points. */
public enum Paper {
    /** 210 by 297 mm (ISO 216). */
    A4(595.28, 841.89),
    /** 8.5 by 11 inches (ANSI/ASME Y14.1). */
    LETTER(612, 792);

    static final double MARGIN = 44;
    private final double width;
    private final double height;

    Paper(double width, double height) {
        this.width = width;
        this.height = height;
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }

    /** How wide what stands on it may be. */
    double within() {
        return width - 2 * MARGIN;
    }

    /** Its name on the command line: {@code a4}. */
    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT);
    }
}
