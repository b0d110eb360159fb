package lunko.lesson;

import java.util.ArrayList;
import java.util.List;
import lunko.problem.Checked;
import lunko.query.KeyPair;
import lunko.words.EditSentences;

/** A change to what links two tables, which are named in the order of the pair. */
public sealed interface LinkEdit extends Edit {

    /** A pair of columns that belong together as well. */
    record Match(String left, String right, KeyPair pair) implements LinkEdit {}

    /** A pair of columns that do not belong together any more. */
    record Unmatch(String left, String right, KeyPair pair) implements LinkEdit {}

    /** A link gone. */
    record Drop(String left, String right) implements LinkEdit {}

    @Override
    default Checked<Lesson> applyTo(Lesson lesson) {
        Lesson changed = switch (this) {
            case Match(String left, String right, KeyPair pair) -> {
                List<KeyPair> more = new ArrayList<>(pairs(lesson, left, right));
                if (!more.contains(pair)) more.add(pair);
                Lesson linked = lesson.byLink(left, right).linking(new Link(left, right, more));
                // While nothing is shown, the first pair that belongs together is what is to be shown.
                boolean other = !left.equals(right) && !shows(lesson, left, right) && !shows(lesson, right, left);
                yield other && lesson.staged().isUnmatched() ? linked.looking(left, right) : linked;
            }
            case Unmatch(String left, String right, KeyPair pair) ->
                lesson.linking(new Link(left, right,
                        pairs(lesson, left, right).stream().filter(other -> !other.equals(pair)).toList()));
            case Drop(String left, String right) -> lesson.linking(new Link(left, right, List.of()));
        };
        return Checked.valid(Writing.sayingLink(changed));
    }

    private static boolean shows(Lesson lesson, String left, String right) {
        return lesson.scene().left().equals(left) && lesson.scene().right().equals(right);
    }

    @Override
    default String name(Lesson before, EditSentences in) {
        return switch (this) {
            case Match(String left, String right, KeyPair pair) ->
                in.link(left + "." + pair.left(), right + "." + pair.right());
            case Unmatch(String left, String right, KeyPair pair) ->
                in.unlink(left + "." + pair.left(), right + "." + pair.right());
            case Drop(String left, String right) -> in.deleteLink(left, right);
        };
    }

    private static List<KeyPair> pairs(Lesson lesson, String left, String right) {
        return lesson.link(left, right).map(Link::pairs).orElse(List.of());
    }
}
