package lunko.show;

import java.util.List;
import java.util.Optional;
import lunko.engine.JoinResult;
import lunko.engine.Stage;
import lunko.insight.picture.KindCount;
import lunko.insight.picture.ThreeCircles;
import lunko.insight.picture.VennRegions;
import lunko.query.Side;
import lunko.query.sql.Expression;
import lunko.query.sql.Name;
import lunko.steps.MatchTimeline;

/**
 * A join of a query: its steps, and what is to be seen of it as a whole.
 *
 * @param part the part of the timeline that it is, counted from 0
 * @param regions its Venn diagram, unless too many rows match
 * @param circles the diagram of three tables, where it is the last of a chain of two joins
 * @param counts how many rows each kind would give in its place
 */
public record Joining(int part, MatchTimeline timeline, Optional<VennRegions> regions, Optional<ThreeCircles> circles,
        List<KindCount> counts) {

    /** What the join gives. */
    public JoinResult outcome() {
        return timeline.outcome();
    }

    /** That two columns of what is joined are equal, counted from 0 on their sides, as the query would say it. */
    public Expression equal(int left, int right) {
        return Expression.Comparison.equal(named(Side.LEFT, left), named(Side.RIGHT, right));
    }

    private Expression named(Side side, int column) {
        Stage.Heading heading = outcome().join().on(side).headings().get(column);
        return new Expression.ColumnName(heading.table().map(Name::of), Name.of(heading.name()));
    }
}
