package lunko.desktop.show.result;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.collections.ListChangeListener;
import lunko.engine.ResultRow;
import lunko.insight.listing.Arrangement;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.query.JoinKind;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.steps.MatchFrame;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

/** Whoever follows the changes of the result has the rows of the frame, wherever one jumps to. */
class ResultRowsProperties {

    /** One jump: the kind of join, and how far into its steps, in percent. */
    @Property(tries = 300)
    void theChangesLeadToTheRowsOfTheFrame(@ForAll @Size(max = 8) List<@IntRange(max = 999) Integer> jumps) {
        ResultRows rows = new ResultRows();
        List<ListedRow> mirror = mirror(rows);
        List<Showing> joins =
                Stream.of(JoinKind.values())
                        .map(kind -> Showing.of(DemoLesson.lesson().of(kind), JoinAlgorithm.NESTED_LOOP))
                        .toList();
        Showing last = joins.getFirst();
        for (int jump : jumps) {
            Showing join = joins.get(jump / 100);
            Showing now = join.at(join.last() * (jump % 100) / 99);
            MatchFrame frame = now.match().orElseThrow();
            rows.show(now, Arrangement.PLAIN, now.isOfSameJoin(last));
            List<ResultRow> expected = new ArrayList<>(frame.landed());
            frame.pending().ifPresent(expected::add);
            assertThat(mirror).isEqualTo(rows);
            assertThat(mirror.stream().filter(row -> row.fate() != ListedRow.Arrival.TO_COME))
                    .extracting(ListedRow::row)
                    .isEqualTo(expected);
            last = now;
        }
    }

    @Example
    void ofVeryManyRowsTheLastAreListed() {
        Table left = many("a");
        Table right = many("b");
        Showing join = Showing.of(Lesson.on(left, JoinKind.CROSS, right), JoinAlgorithm.NESTED_LOOP);
        ResultRows rows = new ResultRows();
        rows.show(join, Arrangement.PLAIN, false);
        assertThat(rows.before()).isEqualTo(100_000);
        assertThat(rows.before() + rows.landed()).isEqualTo(160_000);
        assertThat(rows.get(rows.landed() - 1).row()).isEqualTo(new ResultRow.Met(399, 399));
        rows.show(join.at(10), Arrangement.PLAIN, true);
        assertThat(rows.before()).isZero();
        assertThat(rows.landed()).isEqualTo(10);
    }

    private static Table many(String name) {
        Table table = Table.empty(name,
                new Column("id", Type.INTEGER));
        for (int i = 0; i < 400; i++) table = table.plus(Value.NULL);
        return table;
    }

    private static List<ListedRow> mirror(ResultRows rows) {
        List<ListedRow> mirror = new ArrayList<>();
        rows.addListener((ListChangeListener<ListedRow>) change -> {
            while (change.next()) {
                for (int at = change.getFrom(); change.wasUpdated() && at < change.getTo(); at++)
                    mirror.set(at, rows.get(at));
                if (change.wasUpdated()) continue;
                assertThat(mirror.subList(change.getFrom(), change.getFrom() + change.getRemovedSize()))
                        .isEqualTo(change.getRemoved());
                mirror.subList(change.getFrom(), change.getFrom() + change.getRemovedSize()).clear();
                mirror.addAll(change.getFrom(), change.getAddedSubList());
            }
        });
        return mirror;
    }
}
