package lunko.show;

import java.util.Optional;
import lunko.insight.picture.ThreeCircles.Kinds;
import lunko.insight.picture.ThreeCircles.Region;
import lunko.lesson.Edit;
import lunko.lesson.LinkEdit;
import lunko.lesson.SceneEdit;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.change.ConditionSite;
import lunko.query.change.QueryChange;
import lunko.query.sql.FromItem.JoinSpecification;

/** What can be done to the lesson by what is done to the join at hand. */
public record JoinAtHand(Showing showing) {

    /** What makes the join one of another kind; nothing, where that has no words. */
    public Optional<SceneEdit> choosing(JoinKind kind) {
        return showing.lesson().staged().choosing(showing.joinNumber(), showing.joins(), kind);
    }

    /** What matches two columns of what is joined, counted from 0 on their sides. */
    public Optional<Edit> matching(int left, int right) {
        var staged = showing.lesson().staged();
        if (staged.plainJoin().isPresent()) {
            return Optional.of(new LinkEdit.Match(staged.left().name(), staged.right().name(), new KeyPair(
                    staged.left().columns().get(left).name(), staged.right().columns().get(right).name())));
        }
        return showing.joining().map(joining -> new SceneEdit.Reword(new QueryChange.AddCondition(
                new ConditionSite.On(showing.joinNumber()),
                joining.equal(left, right))));
    }

    /**
     * What takes a region of the three circles of the chain in, or leaves it out, by other kinds of its two joins;
     * nothing, if no kinds do.
     */
    public Optional<SceneEdit> toggling(Region region) {
        return showing.joining().flatMap(joining -> joining.circles()
                .flatMap(circles -> circles.toggling(joining.outcome().join(), region)).flatMap(this::of));
    }

    private Optional<SceneEdit> of(Kinds kinds) {
        int joins = showing.joins();
        int at = showing.joinNumber();
        return showing.lesson().staged().joining(at - 1, joins, kinds.first())
                .flatMap(query -> query.joining(at, joins, kinds.second(), new JoinSpecification.Nothing()))
                .map(query -> new SceneEdit.Write(Optional.of(query)));
    }
}
