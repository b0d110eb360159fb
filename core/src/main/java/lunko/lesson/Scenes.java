package lunko.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/**
 * The scenes of a lesson in their order, of which there is always one. They count from 0.
 *
 * @param at the number of the one that is shown
 */
public record Scenes(List<Scene> all, int at) {

    /** Keeps its scenes as they are. */
    public Scenes {
        all = List.copyOf(all);
        if (at < 0 || at >= all.size()) throw new IllegalArgumentException("no scene " + at + " of " + all.size());
    }

    /** One scene. */
    public static Scenes of(Scene scene) {
        return new Scenes(List.of(scene), 0);
    }

    /** The one that is shown. */
    public Scene shown() {
        return all.get(at);
    }

    /** How many there are. */
    public int size() {
        return all.size();
    }

    /** Whether the last of them is shown. */
    public boolean isAtLast() {
        return at == all.size() - 1;
    }

    /** The same scenes with another shown; beyond the first or the last means that one. */
    public Scenes at(int other) {
        return new Scenes(all, Math.clamp(other, 0, all.size() - 1));
    }

    /** The same scenes with another in the place of the one that is shown. */
    Scenes with(Scene other) {
        List<Scene> changed = new ArrayList<>(all);
        changed.set(at, other);
        return new Scenes(changed, at);
    }

    /** The same scenes, each changed. */
    Scenes changing(UnaryOperator<Scene> change) {
        return new Scenes(all.stream().map(change).toList(), at);
    }

    /** The lowest id of a row of a table that a scene alone has: so no two scenes give one id to two rows. */
    long lowestRow(String table) {
        return all.stream().flatMap(scene -> scene.own().stream()).mapToLong(own -> own.lowestRow(table)).min()
                .orElse(0);
    }

    /** How long all scenes together took when they were rehearsed, in seconds. */
    public int seconds() {
        return all.stream().mapToInt(scene -> scene.telling().seconds().orElse(0)).sum();
    }

    /** The same scenes, each changed by its number. */
    Scenes numbering(BiFunction<Integer, Scene, Scene> change) {
        return new Scenes(IntStream.range(0, size()).mapToObj(n -> change.apply(n, all.get(n))).toList(), at);
    }

    /** The same scenes with more of them behind one; the first of these is shown. */
    Scenes inserting(int behind, List<Scene> more) {
        if (more.isEmpty()) return this;
        List<Scene> changed = new ArrayList<>(all);
        changed.addAll(behind + 1, more);
        return new Scenes(changed, behind + 1);
    }

    /** The same scenes with some of them once more, behind the last of these; the first of the new ones is shown. */
    Scenes repeating(Set<Integer> which) {
        List<Integer> sorted = sorted(which);
        return inserting(sorted.isEmpty() ? at : sorted.getLast(), sorted.stream().map(all::get).toList());
    }

    /** The same scenes without some of them, of which there must be others left; the next one is shown. */
    Scenes without(Set<Integer> which) {
        List<Integer> left = IntStream.range(0, size()).filter(n -> !which.contains(n)).boxed().toList();
        int before = (int) left.stream().filter(n -> n < at).count();
        return new Scenes(left.stream().map(all::get).toList(), Math.min(before, left.size() - 1));
    }

    /**
     * The same scenes with some of them together before another one, or at the end where that is behind the last; the
     * one that is shown stays so.
     */
    Scenes moving(Set<Integer> which, int before) {
        List<Integer> moved = sorted(which);
        List<Integer> order = new ArrayList<>(
                IntStream.range(0, Math.clamp(before, 0, size())).filter(n -> !which.contains(n)).boxed().toList());
        order.addAll(moved);
        IntStream.range(Math.clamp(before, 0, size()), size()).filter(n -> !which.contains(n)).forEach(order::add);
        return new Scenes(order.stream().map(all::get).toList(), order.indexOf(at));
    }

    private List<Integer> sorted(Set<Integer> which) {
        return new TreeSet<>(which).stream().filter(n -> n >= 0 && n < size()).toList();
    }
}
