package lunko.handout.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A picture as shapes and text: what it shows, without how it looks. Lengths are in points, of which there are 72 to
 * the inch; x goes right and y goes down from the top left.
 *
 * @param marks in the order in which they are drawn
 */
public record Drawing(double width, double height, List<Mark> marks) {
    /** Nothing. */
    public static final Drawing EMPTY = new Drawing(0, 0, List.of());

    /** Keeps its marks as they are. */
    public Drawing {
        marks = List.copyOf(marks);
    }

    /** So much empty room. */
    public static Drawing space(double width, double height) {
        return new Drawing(width, height, List.of());
    }

    /** Whether it takes no room. */
    public boolean isEmpty() {
        return height == 0;
    }

    /** It with room around. */
    public Drawing padded(double around) {
        return moved(around, around).sized(width + 2 * around, height + 2 * around);
    }

    /** It farther right and down. */
    public Drawing moved(double right, double down) {
        return new Drawing(width + right, height + down,
                marks.stream().map(mark -> mark.placed(right, down, 1)).toList());
    }

    /** It so many times as large. */
    public Drawing scaled(double by) {
        return new Drawing(width * by, height * by, marks.stream().map(mark -> mark.placed(0, 0, by)).toList());
    }

    /** It, made smaller where it is wider than that. */
    public Drawing within(double most) {
        return width <= most ? this : scaled(most / width);
    }

    /** It, as if it took so much room. */
    public Drawing sized(double wide, double high) {
        return new Drawing(wide, high, marks);
    }

    /** It with another drawn over it. */
    public Drawing under(Drawing other) {
        List<Mark> all = new ArrayList<>(marks);
        all.addAll(other.marks);
        return new Drawing(Math.max(width, other.width), Math.max(height, other.height), all);
    }

    /** Drawings one below the other, as far as they take room. */
    public static Drawing column(double between, List<Drawing> drawings) {
        Drawing all = EMPTY;
        for (Drawing next : drawings) {
            if (next.isEmpty()) continue;
            all = all.under(next.moved(0, all.isEmpty() ? 0 : all.height + between));
        }
        return all;
    }

    /** Drawings side by side, as far as they take room. */
    public static Drawing row(double between, List<Drawing> drawings) {
        Drawing all = EMPTY;
        for (Drawing next : drawings) {
            if (next.isEmpty()) continue;
            all = all.under(next.moved(all.isEmpty() ? 0 : all.width + between, 0));
        }
        return all;
    }

    /** All that is to be read in it, one piece on each line. */
    public String text() {
        return marks.stream().filter(Mark.Text.class::isInstance).map(mark -> ((Mark.Text) mark).text())
                .collect(Collectors.joining("\n"));
    }
}
