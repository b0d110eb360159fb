package lunko.engine;

import static lunko.Tables.as;
import static lunko.query.JoinKind.CROSS;
import static lunko.query.JoinKind.FULL_OUTER;
import static lunko.query.JoinKind.INNER;
import static lunko.query.JoinKind.LEFT_ANTI;
import static lunko.query.JoinKind.LEFT_OUTER;
import static lunko.query.JoinKind.LEFT_SEMI;
import static lunko.query.JoinKind.RIGHT_OUTER;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.Tables;
import lunko.engine.ResultRow.Kept;
import lunko.engine.ResultRow.Met;
import lunko.engine.ResultRow.Taken;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.Tally;
import lunko.table.Truth;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;

/** The laws of the kinds, on tables with NULLs, repeated keys and partnerless rows. */
@Domain(Tables.class)
class JoinProperties {

    @Property
    void innerIsWhatTheConditionLetsThroughOfTheCrossProduct(@ForAll Plan plan) {
        Plan inner = as(INNER, plan);
        assertThat(rows(inner)).isEqualTo(rows(as(CROSS, plan)).stream()
                .filter(row -> row instanceof Met(int left, int right)
                        && inner.join().verdict(left, right) == Truth.TRUE)
                .toList());
    }

    @Property
    void crossIsEveryRowWithEveryRow(@ForAll Plan plan) {
        List<ResultRow> expected = new ArrayList<>();
        for (int left = 0; left < plan.left().rows().size(); left++) {
            for (int right = 0; right < plan.right().rows().size(); right++) expected.add(new Met(left, right));
        }
        assertThat(rows(as(CROSS, plan))).isEqualTo(expected);
    }

    @Property
    void leftOuterIsInnerAndThePartnerlessLeftRowsInTheOrderOfTheLeftTable(@ForAll Plan plan) {
        List<ResultRow> inner = rows(as(INNER, plan));
        List<ResultRow> expected = new ArrayList<>();
        for (int left = 0; left < plan.left().rows().size(); left++) {
            int row = left;
            List<ResultRow> pairs = inner.stream().filter(r -> r instanceof Met(int l, int _) && l == row).toList();
            expected.addAll(pairs.isEmpty() ? List.of(new Kept(Side.LEFT, left)) : pairs);
        }
        assertThat(rows(as(LEFT_OUTER, plan))).isEqualTo(expected);
    }

    @Property
    void everyKindIsItsMirrorWithTheSidesSwapped(@ForAll Plan plan) {
        for (JoinKind kind : JoinKind.values()) {
            List<ResultRow> mirrored =
                    rows(Tables.swapped(kind.mirrored(), plan)).stream().<ResultRow>map(row -> switch (row) {
                        case Met(int left, int right) -> new Met(right, left);
                        case Kept(Side side, int n) -> new Kept(side.opposite(), n);
                        case Taken(Side side, int n) -> new Taken(side.opposite(), n);
                    }).toList();
            assertThat(rows(as(kind, plan))).as(kind.title()).containsExactlyInAnyOrderElementsOf(mirrored);
        }
    }

    @Property
    void semiAndAntiDivideTheLeftRows(@ForAll Plan plan) {
        List<ResultRow> met = rows(as(INNER, plan)).stream()
                .<ResultRow>map(row -> new Taken(Side.LEFT, row.source(Side.LEFT).orElseThrow())).distinct().toList();
        assertThat(rows(as(LEFT_SEMI, plan))).isEqualTo(met);
        assertThat(Stream.concat(met.stream(), rows(as(LEFT_ANTI, plan)).stream())).containsExactlyInAnyOrderElementsOf(
                IntStream.range(0, plan.left().rows().size()).mapToObj(row -> new Taken(Side.LEFT, row)).toList());
    }

    @Property
    void fullIsLeftAndThePartnerlessRightRows(@ForAll Plan plan) {
        List<ResultRow> expected = new ArrayList<>(rows(as(LEFT_OUTER, plan)));
        rows(as(RIGHT_OUTER, plan)).stream().filter(row -> row instanceof Kept(Side side, int _) && side == Side.RIGHT)
                .forEach(expected::add);
        assertThat(rows(as(FULL_OUTER, plan))).isEqualTo(expected);
    }

    @Property
    void everyKindGivesAsManyRowsAsItsArithmeticSays(@ForAll Plan plan) {
        Tally tally = Outcome.of(as(INNER, plan)).matching().orElseThrow().tally();
        for (JoinKind kind : JoinKind.values()) {
            assertThat(kind.rows(tally)).as(kind.title()).isEqualTo(rows(as(kind, plan)).size());
        }
    }

    private static List<ResultRow> rows(Plan plan) {
        return Outcome.of(plan).rows();
    }
}
