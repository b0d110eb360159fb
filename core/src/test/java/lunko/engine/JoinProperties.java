package lunko.engine;

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
import lunko.TwoTables;
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
    void innerIsWhatTheConditionLetsThroughOfTheCrossProduct(@ForAll TwoTables two) {
        TwoTables inner = two.as(INNER);
        assertThat(rows(inner)).isEqualTo(rows(two.as(CROSS)).stream()
                .filter(row -> row instanceof Met(int left, int right)
                        && inner.join().verdict(left, right) == Truth.TRUE)
                .toList());
    }

    @Property
    void crossIsEveryRowWithEveryRow(@ForAll TwoTables two) {
        List<ResultRow> expected = new ArrayList<>();
        for (int left = 0; left < two.left().rows().size(); left++) {
            for (int right = 0; right < two.right().rows().size(); right++) expected.add(new Met(left, right));
        }
        assertThat(rows(two.as(CROSS))).isEqualTo(expected);
    }

    @Property
    void leftOuterIsInnerAndThePartnerlessLeftRowsInTheOrderOfTheLeftTable(@ForAll TwoTables two) {
        List<ResultRow> inner = rows(two.as(INNER));
        List<ResultRow> expected = new ArrayList<>();
        for (int left = 0; left < two.left().rows().size(); left++) {
            int row = left;
            List<ResultRow> pairs = inner.stream().filter(r -> r instanceof Met(int l, int _) && l == row).toList();
            expected.addAll(pairs.isEmpty() ? List.of(new Kept(Side.LEFT, left)) : pairs);
        }
        assertThat(rows(two.as(LEFT_OUTER))).isEqualTo(expected);
    }

    @Property
    void everyKindIsItsMirrorWithTheSidesSwapped(@ForAll TwoTables two) {
        for (JoinKind kind : JoinKind.values()) {
            List<ResultRow> mirrored =
                    rows(two.swapped(kind.mirrored())).stream().<ResultRow>map(row -> switch (row) {
                        case Met(int left, int right) -> new Met(right, left);
                        case Kept(Side side, int n) -> new Kept(side.opposite(), n);
                        case Taken(Side side, int n) -> new Taken(side.opposite(), n);
                    }).toList();
            assertThat(rows(two.as(kind))).as(kind.title()).containsExactlyInAnyOrderElementsOf(mirrored);
        }
    }

    @Property
    void semiAndAntiDivideTheLeftRows(@ForAll TwoTables two) {
        List<ResultRow> met = rows(two.as(INNER)).stream()
                .<ResultRow>map(row -> new Taken(Side.LEFT, row.source(Side.LEFT).orElseThrow())).distinct().toList();
        assertThat(rows(two.as(LEFT_SEMI))).isEqualTo(met);
        assertThat(Stream.concat(met.stream(), rows(two.as(LEFT_ANTI)).stream())).containsExactlyInAnyOrderElementsOf(
                IntStream.range(0, two.left().rows().size()).mapToObj(row -> new Taken(Side.LEFT, row)).toList());
    }

    @Property
    void fullIsLeftAndThePartnerlessRightRows(@ForAll TwoTables two) {
        List<ResultRow> expected = new ArrayList<>(rows(two.as(LEFT_OUTER)));
        rows(two.as(RIGHT_OUTER)).stream().filter(row -> row instanceof Kept(Side side, int _) && side == Side.RIGHT)
                .forEach(expected::add);
        assertThat(rows(two.as(FULL_OUTER))).isEqualTo(expected);
    }

    @Property
    void everyKindGivesAsManyRowsAsItsArithmeticSays(@ForAll TwoTables two) {
        Tally tally = two.as(INNER).outcome().matching().orElseThrow().tally();
        for (JoinKind kind : JoinKind.values()) {
            assertThat(kind.rows(tally)).as(kind.title()).isEqualTo(rows(two.as(kind)).size());
        }
    }

    private static List<ResultRow> rows(TwoTables two) {
        return two.outcome().rows();
    }
}
