package lunko.insight.comparison;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import lunko.SomeJoins.SomeJoin;
import lunko.SomeJoins;
import lunko.engine.JoinResult;
import lunko.engine.Stage;
import lunko.lesson.DemoLesson;
import lunko.lesson.WrittenQuery;
import lunko.query.JoinKind;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;

/** Results lined up by what their rows come from. */
@Domain(SomeJoins.class)
@Domain(DomainContext.Global.class)
class AlignmentProperties {

    /** Every row of every result is in one line, and a line has rows of the same source rows alone. */
    @Property(tries = 300)
    void everyRowHasItsLine(@ForAll SomeJoin some, @ForAll JoinKind other, @ForAll JoinKind third) {
        List<Stage> results = List.of(some.joined(), some.as(other), some.as(third));
        Alignment alignment = Alignment.of(results);
        for (int n = 0; n < results.size(); n++) {
            int result = n;
            int rows = Math.min(Alignment.MOST, results.get(n).rows().size());
            assertThat(alignment.lines().stream().flatMapToInt(line -> line.rows().get(result).stream()).sorted())
                    .containsExactlyElementsOf(IntStream.range(0, rows).boxed().toList());
        }
        for (Alignment.Line line : alignment.lines()) {
            assertThat(line.rows()).anyMatch(OptionalInt::isPresent);
            assertThat(IntStream.range(0, results.size()).filter(n -> line.rows().get(n).isPresent())
                    .mapToObj(n -> Sources.named(results.get(n), line.rows().get(n).getAsInt())).distinct()).hasSize(1);
        }
        // Of the same result nothing is missing, and its order is kept.
        Alignment same = Alignment.of(List.of(some.joined(), some.joined()));
        assertThat(same.lines()).allMatch(Alignment.Line::isEverywhere);
        assertThat(same.lines().stream().map(line -> line.rows().getFirst().getAsInt()).toList()).isSorted();
        if (some.joined().join().kind().bringsPairs() && other.bringsPairs() && other.compares()) assertThat(
                alignment.onlyIn(0, 1)).isLessThanOrEqualTo(JoinResult.of(some.joined()).size());
    }

    @Example
    void theSameRowTwiceIsTwoLines() {
        Stage twice = WrittenQuery.of("SELECT * FROM keepers UNION ALL SELECT * FROM keepers")
                .on(DemoLesson.lesson().tables()).expect();
        Stage once = WrittenQuery.of("SELECT * FROM keepers").on(DemoLesson.lesson().tables()).expect();
        Alignment alignment = Alignment.of(List.of(twice, once));
        assertThat(alignment.lines()).hasSize(2 * once.rows().size());
        assertThat(alignment.onlyIn(0, 1)).isEqualTo(once.rows().size());
    }
}
