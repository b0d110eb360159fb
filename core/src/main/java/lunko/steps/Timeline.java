package lunko.steps;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import lunko.engine.Stage;

/**
 * All steps of a query: those of its stages one stage after the other, each after those whose rows it works on, and the
 * result at the end. In a chain of joins the rows that one gives are the left side of the next.
 */
public final class Timeline {
    private final List<Part> parts;
    /** How many steps there are before each part; at the end, in all. */
    private final long[] before;
    /** How many comparisons there are before each part. */
    private final long[] compared;

    private Timeline(List<Part> parts) {
        this.parts = parts;
        this.before = new long[parts.size() + 1];
        this.compared = new long[parts.size() + 1];
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            before[i + 1] = before[i] + part.last() + 1;
            compared[i + 1] = compared[i] + part.comparisons();
        }
    }

    /** The timeline of a query, the rows of its joins matched in that way wherever it fits. */
    public static Timeline of(Stage result, Way way) {
        return new Timeline(Stream.concat(result.all().flatMap(stage -> Part.of(stage, way).stream()),
                Stream.of(new ResultPart(result))).toList());
    }

    /** The parts, one for each stage of the query that does anything, and one for the result. */
    public List<Part> parts() {
        return parts;
    }

    /** The number of the first step of a part. */
    public long start(int part) {
        return before[part];
    }

    /** The number of the last step. */
    public long last() {
        return before[parts.size()] - 1;
    }

    /** What is visible after a step; IndexOutOfBoundsException for a number that is none. */
    public Frame at(long number) {
        Objects.checkIndex(number, last() + 1);
        int part = parts.size() - 1;
        while (before[part] > number) part--;
        PartFrame shown = parts.get(part).at(number - before[part]);
        return new Frame(number, part, shown, compared[part] + shown.comparisons());
    }
}
