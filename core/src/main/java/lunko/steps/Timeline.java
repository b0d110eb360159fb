package lunko.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import lunko.engine.Combined;
import lunko.engine.Joined;
import lunko.engine.Named;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.engine.UnaryStage;
import lunko.phrase.Words;

/**
 * All steps of a query: those of its stages one stage after the other, each after those whose rows it works on, and the
 * result at the end. In a chain of joins the rows that one gives are the left side of the next.
 */
public final class Timeline {

    /** A part, and what is to be said before its title where it belongs to a query within another. */
    private record Section(String within, Part part) {}

    private static final String WITHIN = "Query within: ";

    private final List<Section> sections;
    /** How many steps there are before each part; at the end, in all. */
    private final long[] before;
    /** How many comparisons there are before each part. */
    private final long[] compared;

    private Timeline(List<Section> sections) {
        this.sections = sections;
        this.before = new long[sections.size() + 1];
        this.compared = new long[sections.size() + 1];
        for (int i = 0; i < sections.size(); i++) {
            Part part = sections.get(i).part();
            before[i + 1] = before[i] + part.last() + 1;
            compared[i + 1] = compared[i] + part.comparisons();
        }
    }

    /** The timeline of a query, the rows of its joins matched in that way wherever it fits. */
    public static Timeline of(Stage result, Way way) {
        List<Section> sections = new ArrayList<>();
        add(result, way, "", sections);
        sections.add(new Section("", new ResultPart(result)));
        return new Timeline(List.copyOf(sections));
    }

    private static void add(Stage stage, Way way, String within, List<Section> sections) {
        for (Stage input : stage.inputs()) add(input, way, context(stage, input, within), sections);
        for (Stage query : stage.asides()) add(query, way, WITHIN, sections);
        for (Part part : Part.of(stage, way)) sections.add(new Section(within, part));
    }

    /** What is said before the parts of an input: a query in FROM has a name, and one that partners are looked for in is within. */
    private static String context(Stage stage, Stage input, String within) {
        return switch (stage) {
            case Named named -> "For " + named.alias() + ": ";
            case Joined joined when joined.join().kind().stopsAtFirst() && input == joined.join().right() -> WITHIN;
            case Source _, Joined _, UnaryStage _, Combined _ -> within;
        };
    }

    /** The parts, one for each stage of the query that does anything, and one for the result. */
    public List<Part> parts() {
        return sections.stream().map(Section::part).toList();
    }

    /** The heading of a part: {@code Query within: filter hives by WHERE}. */
    public String title(int part) {
        Section section = sections.get(part);
        return section.within().isEmpty() ? section.part().title() : section.within() + Words.small(section.part().title());
    }

    /** How many comparisons there are in all. */
    public long comparisons() {
        return compared[sections.size()];
    }

    /** The number of the first step of a part. */
    public long start(int part) {
        return before[part];
    }

    /** The number of the last step. */
    public long last() {
        return before[sections.size()] - 1;
    }

    /** What is visible after a step; IndexOutOfBoundsException for a number that is none. */
    public Frame at(long number) {
        Objects.checkIndex(number, last() + 1);
        int part = sections.size() - 1;
        while (before[part] > number) part--;
        PartFrame shown = sections.get(part).part().at(number - before[part]);
        return new Frame(number, part, shown, compared[part] + shown.comparisons());
    }
}
