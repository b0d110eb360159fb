package lunko.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The scenes of a lesson in their order, of which there is always one.
 *
 * @param at the number of the one that is shown, counted from 0
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
}
