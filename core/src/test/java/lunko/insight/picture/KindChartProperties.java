package lunko.insight.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lunko.Said;
import lunko.SomeJoins.SomeJoin;
import lunko.SomeJoins;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.insight.explanation.ChartWhy;
import lunko.query.JoinKind;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;

/** Every kind at once, compared with what each kind really gives. */
@Domain(SomeJoins.class)
class KindChartProperties {

    @Property(tries = 400)
    void eachKindGivesTheRowsThatItsCellsSay(@ForAll SomeJoin some) {
        Optional<KindChart> chart = KindChart.of(JoinResult.of(some.joined()));
        // Where it is unknown whether two rows match, and where nothing is compared, there is no chart.
        assertThat(chart.isPresent()).isEqualTo(some.joined().join().kind().compares()
                && some.joined().join().on().notIn().isEmpty());
        Assume.that(chart.isPresent());
        for (JoinKind kind : KindChart.kinds()) {
            JoinResult outcome = JoinResult.of(some.as(kind));
            List<ResultRow> given = chart.orElseThrow().lines()
                    .flatMap(line -> chart.get().row(line, kind).stream()).toList();
            assertThat(given).as(kind + " of " + some).doesNotHaveDuplicates()
                    .containsExactlyInAnyOrderElementsOf(outcome.rows());
            assertThat(chart.get().rows(kind)).isEqualTo(outcome.size());
        }
    }

    @Property(tries = 400)
    void kindsAreTheSameWhereTheirRowsAre(@ForAll SomeJoin some) {
        Optional<KindChart> found = KindChart.of(JoinResult.of(some.joined()));
        Assume.that(found.isPresent());
        KindChart chart = found.get();
        for (JoinKind one : KindChart.kinds()) {
            for (JoinKind other : KindChart.kinds()) {
                if (one == other) continue;
                boolean same = one.only().equals(other.only()) && rows(some, one).equals(rows(some, other));
                assertThat(chart.same().stream().anyMatch(group -> group.kinds().containsAll(List.of(one, other))))
                        .as(one + " and " + other + " of " + some).isEqualTo(same);
                KindChart.Difference removed = chart.onlyIn(one, other, 2);
                assertThat(chart.rows(one) - removed.count() + chart.onlyIn(other, one, 2).count())
                        .isEqualTo(chart.rows(other));
                assertThat(removed.first()).hasSize((int) Math.min(2, removed.count()));
            }
        }
    }

    private static Set<ResultRow> rows(SomeJoin some, JoinKind kind) {
        return new HashSet<>(JoinResult.of(some.as(kind)).rows());
    }

    @Property(tries = 200)
    void theLawsHoldLineByLineAndEveryCellHasItsWhy(@ForAll SomeJoin some) {
        Optional<KindChart> chart = KindChart.of(JoinResult.of(some.joined()));
        Assume.that(chart.isPresent());
        for (KindChart.Line line : chart.get().lines().toList()) {
            for (KindChart.Law law : KindChart.LAWS)
                assertThat(law.parts().stream().filter(part -> chart.get().cell(line, part).isGiven()).count())
                        .as(law + " at " + line + " of " + some)
                        .isEqualTo(chart.get().cell(line, law.whole()).isGiven() ? 1 : 0);
            for (JoinKind kind : KindChart.kinds())
                assertThat(Said.in(new ChartWhy(chart.get(), line, kind).said())).endsWith(".");
        }
    }
}
