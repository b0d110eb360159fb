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
import lunko.SomeJoins.SomeJoin;
import lunko.SomeJoins;
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

/** The laws of the kinds, on tables with NULLs, repeated keys and unmatched rows. */
@Domain(SomeJoins.class)
class JoinProperties {

    @Property
    void innerIsWhatTheConditionLetsThroughOfTheCrossProduct(@ForAll SomeJoin some) {
        Join inner = some.joined().join();
        assertThat(some.certainly(INNER)).isEqualTo(some.certainly(CROSS).stream()
                .filter(row -> row instanceof Met(int left, int right)
                        && inner.on().certain().verdict(inner.row(Side.LEFT, left), inner.row(Side.RIGHT, right))
                                == Truth.TRUE)
                .toList());
    }

    @Property
    void crossIsEveryRowWithEveryRow(@ForAll SomeJoin some) {
        List<ResultRow> expected = new ArrayList<>();
        for (int left = 0; left < some.joined().join().left().rows().size(); left++) {
            for (int right = 0; right < some.joined().join().right().rows().size(); right++)
                expected.add(new Met(left, right));
        }
        assertThat(some.certainly(CROSS)).isEqualTo(expected);
    }

    @Property
    void leftOuterIsInnerAndTheUnmatchedLeftRowsInTheOrderOfTheLeftTable(@ForAll SomeJoin some) {
        List<ResultRow> inner = some.certainly(INNER);
        List<ResultRow> expected = new ArrayList<>();
        for (int left = 0; left < some.joined().join().left().rows().size(); left++) {
            int row = left;
            List<ResultRow> pairs = inner.stream().filter(r -> r instanceof Met(int l, int _) && l == row).toList();
            expected.addAll(pairs.isEmpty() ? List.of(new Kept(Side.LEFT, left)) : pairs);
        }
        assertThat(some.certainly(LEFT_OUTER)).isEqualTo(expected);
    }

    @Property
    void everyKindIsItsMirrorWithTheSidesSwapped(@ForAll SomeJoin some) {
        for (JoinKind kind : JoinKind.values()) {
            List<ResultRow> mirrored =
                    SomeJoin.rows(some.as(kind).join().mirrored()).stream().<ResultRow>map(row -> switch (row) {
                        case Met(int left, int right) -> new Met(right, left);
                        case Kept(Side side, int n) -> new Kept(side.opposite(), n);
                        case Taken(Side side, int n) -> new Taken(side.opposite(), n);
                    }).toList();
            assertThat(SomeJoin.rows(some.as(kind).join())).as(kind.id())
                    .containsExactlyInAnyOrderElementsOf(mirrored);
        }
    }

    @Property
    void semiAndAntiDivideTheLeftRows(@ForAll SomeJoin some) {
        List<ResultRow> met = some.certainly(INNER).stream()
                .<ResultRow>map(row -> new Taken(Side.LEFT, row.source(Side.LEFT).orElseThrow())).distinct().toList();
        assertThat(some.certainly(LEFT_SEMI)).isEqualTo(met);
        assertThat(Stream.concat(met.stream(), some.certainly(LEFT_ANTI).stream())).containsExactlyInAnyOrderElementsOf(
                IntStream.range(0, some.joined().join().left().rows().size()).mapToObj(row -> new Taken(Side.LEFT, row))
                        .toList());
    }

    @Property
    void fullIsLeftAndTheUnmatchedRightRows(@ForAll SomeJoin some) {
        List<ResultRow> expected = new ArrayList<>(some.certainly(LEFT_OUTER));
        some.certainly(RIGHT_OUTER).stream().filter(row -> row instanceof Kept(Side side, int _) && side == Side.RIGHT)
                .forEach(expected::add);
        assertThat(some.certainly(FULL_OUTER)).isEqualTo(expected);
    }

    @Property
    void everyKindGivesAsManyRowsAsItsArithmeticSays(@ForAll SomeJoin some) {
        Tally tally = JoinResult.of(some.as(INNER)).matching().orElseThrow().tally();
        for (JoinKind kind : JoinKind.values()) {
            assertThat(kind.rows(tally)).as(kind.id()).isEqualTo(some.certainly(kind).size());
        }
    }
}
