package lunko.steps;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Objects;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import lunko.engine.Derived;
import lunko.engine.Joined;
import lunko.engine.Projection;
import lunko.engine.Recursion;
import lunko.engine.SetOperation;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.engine.UnaryStage;
import lunko.phrase.Phrase;
import lunko.words.Language;

/**
 * All steps of a query: those of its stages one stage after the other, each after those whose rows it works on, and the
 * result at the end. In a chain of joins the rows that one gives are the left side of the next.
 */
public final class Timeline {

    /** A part, and the query that it belongs to. */
    private record Section(Context within, Part part) {}

    /** The query that a part belongs to. */
    private sealed interface Context {
        /** The query itself. */
        record Outermost() implements Context {}

        /** A query within it. */
        record Subquery() implements Context {}

        /** A query in FROM, by its name. */
        record InFrom(String name) implements Context {}

        /** A round of a query that reads itself, by its name; 0 is the first query. */
        record InRound(String name, int round) implements Context {}
    }

    private final Stage result;
    private final List<Section> sections;
    /** How many steps there are before each part; at the end, in all. */
    private final long[] before;
    /** How many comparisons there are before each part. */
    private final long[] compared;

    private Timeline(Stage result, List<Section> sections) {
        this.result = result;
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
    public static Timeline of(Stage result, JoinAlgorithm algorithm) {
        List<Section> sections = new ArrayList<>();
        add(result, algorithm, new Context.Outermost(), sections, Collections.newSetFromMap(new IdentityHashMap<>()));
        // Where a query is one join of tables and nothing more, the end of the join is that of the query.
        if (!isLoneJoin(result)) sections.add(new Section(new Context.Outermost(), new ResultPart(result)));
        return new Timeline(result, List.copyOf(sections));
    }

    private static boolean isLoneJoin(Stage result) {
        Stage last = result instanceof Projection chosen && chosen.everything() ? chosen.input() : result;
        return last instanceof Joined joined && joined.inputs().stream().allMatch(Source.class::isInstance)
                && joined.asides().isEmpty();
    }

    /**
     * Adds the parts of a stage after those of its inputs; a query that has a name is asked once, however often read.
     */
    private static void add(Stage stage, JoinAlgorithm algorithm, Context within, List<Section> sections,
            Set<Stage> added) {
        if (!added.add(stage)) return;
        for (Stage input : stage.inputs()) add(input, algorithm, context(stage, input, within), sections, added);
        for (Stage query : stage.asides()) add(query, algorithm, new Context.Subquery(), sections, added);
        Part.of(stage, algorithm).ifPresent(part -> sections.add(new Section(within, part)));
    }

    /**
     * What is said before the parts of an input: a query in FROM has a name, and one that matches are looked for in is
     * within.
     */
    private static Context context(Stage stage, Stage input, Context within) {
        return switch (stage) {
            case Derived named -> new Context.InFrom(named.alias());
            case Joined joined when joined.join().kind().stopsAtFirst() && input == joined.join().right() ->
                new Context.Subquery();
            case Recursion rounds -> new Context.InRound(rounds.called(), rounds.inputs().indexOf(input));
            case Source _,Joined _,UnaryStage _,SetOperation _ -> within;
        };
    }

    /** The last stage of the query. */
    public Stage result() {
        return result;
    }

    /** The parts, one for each stage of the query that does anything, and one for the result. */
    public List<Part> parts() {
        return sections.stream().map(Section::part).toList();
    }

    /** The heading of a part: {@code Subquery: filter hives by WHERE}. */
    public Phrase title(int part, Language in) {
        Section section = sections.get(part);
        Phrase title = section.part().title(in);
        return switch (section.within()) {
            case Context.Outermost _ -> title;
            case Context.Subquery _ -> in.stages().within(title);
            case Context.InFrom(String name) -> in.stages().within(name, title);
            case Context.InRound(String name, int round) -> in.stages().withinRound(name, round, title);
        };
    }

    /** The round of a query that reads itself which a part belongs to, counted from 1; none, if it is of none. */
    public OptionalInt round(int part) {
        return sections.get(part).within() instanceof Context.InRound(var _, int round) && round > 0
                ? OptionalInt.of(round) : OptionalInt.empty();
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

    /** The part that a step belongs to, counted from 0. */
    public int partAt(long number) {
        int part = sections.size() - 1;
        while (before[part] > number) part--;
        return part;
    }

    /** The number of the last step of a part. */
    public long end(int part) {
        return before[part + 1] - 1;
    }

    /**
     * The number of the first step after another in which a row comes into the result of a part; the last if there is
     * none.
     */
    public long nextLanding(long number) {
        return next(number, Part::nextLanding);
    }

    /**
     * The number of the first step after another in which it is the turn of another row, or another part begins; the
     * last if there is none.
     */
    public long nextTurn(long number) {
        return next(number, Part::nextTurn);
    }

    /** The end of the part that a step belongs to; of its last step, the end of the next part. */
    public long nextEnd(long number) {
        int part = partAt(number);
        return number < end(part) || part == sections.size() - 1 ? end(part) : end(part + 1);
    }

    /**
     * The number of the step in which a row came into the result, counted from 0; nothing, if nothing was done to come
     * to it.
     */
    public OptionalLong decided(int row) {
        int part = sections.size() - 1;
        if (part >= 0 && sections.get(part).part() instanceof ResultPart) part--;
        return part < 0 ? OptionalLong.empty() : decided(part, row);
    }

    /**
     * The number of the step in which a row, counted from 0, came into what a stage gives; nothing, if the stage has no
     * steps.
     */
    public OptionalLong decided(Stage stage, int row) {
        for (int part = 0; part < sections.size(); part++) {
            if (sections.get(part).part().isOf(stage)) return decided(part, row);
        }
        return OptionalLong.empty();
    }

    private OptionalLong decided(int part, int row) {
        return switch (sections.get(part).part()) {
            case MatchTimeline match -> OptionalLong.of(before[part] + match.decided(match.outcome().row(row)));
            case RowTimeline rows -> OptionalLong.of(before[part] + rows.landed(row));
            case ResultPart _ -> OptionalLong.empty();
        };
    }

    private interface Next {
        long after(Part part, long number);
    }

    private long next(long number, Next next) {
        int part = partAt(number);
        if (number == end(part)) return Math.min(number + 1, last());
        return before[part] + next.after(sections.get(part).part(), number - before[part]);
    }

    /** What is visible after a step; IndexOutOfBoundsException for a number that is none. */
    public Frame at(long number) {
        Objects.checkIndex(number, last() + 1);
        int part = partAt(number);
        PartFrame shown = sections.get(part).part().at(number - before[part]);
        return new Frame(number, part, shown, compared[part] + shown.comparisons());
    }
}
