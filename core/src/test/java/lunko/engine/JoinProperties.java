package lunko.engine;

import static lunko.Tables.as;
import static lunko.query.JoinKind.CROSS;
import static lunko.query.JoinKind.FULL_OUTER;
import static lunko.query.JoinKind.INNER;
import static lunko.query.JoinKind.LEFT_OUTER;
import static lunko.query.JoinKind.RIGHT_OUTER;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import lunko.Tables;
import lunko.engine.ResultRow.LeftKept;
import lunko.engine.ResultRow.Met;
import lunko.engine.ResultRow.RightKept;
import lunko.query.JoinKind;
import lunko.query.Tally;
import lunko.table.Truth;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;

/** The laws of the five kinds, on tables with NULLs, repeated keys and partnerless rows. */
@Domain(Tables.class)
class JoinProperties {

    @Property
    void innerIsWhatTheConditionLetsThroughOfTheCrossProduct(@ForAll Plan plan) {
        Plan inner = as(INNER, plan);
        assertThat(rows(inner)).isEqualTo(rows(as(CROSS, plan)).stream()
                .filter(row -> row instanceof Met(int left, int right) && inner.verdict(left, right) == Truth.TRUE)
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
            expected.addAll(pairs.isEmpty() ? List.of(new LeftKept(left)) : pairs);
        }
        assertThat(rows(as(LEFT_OUTER, plan))).isEqualTo(expected);
    }

    @Property
    void rightIsTheMirrorOfLeft(@ForAll Plan plan) {
        List<ResultRow> mirrored = rows(Tables.swapped(LEFT_OUTER, plan)).stream().<ResultRow>map(row -> switch (row) {
            case Met(int left, int right) -> new Met(right, left);
            case LeftKept(int left) -> new RightKept(left);
            case RightKept(int right) -> new LeftKept(right);
        }).toList();
        assertThat(rows(as(RIGHT_OUTER, plan))).containsExactlyInAnyOrderElementsOf(mirrored);
    }

    @Property
    void fullIsLeftAndThePartnerlessRightRows(@ForAll Plan plan) {
        List<ResultRow> expected = new ArrayList<>(rows(as(LEFT_OUTER, plan)));
        rows(as(RIGHT_OUTER, plan)).stream().filter(RightKept.class::isInstance).forEach(expected::add);
        assertThat(rows(as(FULL_OUTER, plan))).isEqualTo(expected);
    }

    @Property
    void everyKindGivesAsManyRowsAsItsArithmeticSays(@ForAll Plan plan) {
        Tally tally = Outcome.of(as(INNER, plan)).matching().tally();
        for (JoinKind kind : JoinKind.values()) {
            assertThat(kind.rows(tally)).as(kind.title()).isEqualTo(rows(as(kind, plan)).size());
        }
    }

    private static List<ResultRow> rows(Plan plan) {
        return Outcome.of(plan).rows();
    }
}
