package lunko.insight.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import lunko.Said;
import lunko.SomeJoins.SomeJoin;
import lunko.SomeJoins;
import lunko.engine.Join;
import lunko.engine.JoinResult;
import lunko.engine.Joined;
import lunko.engine.Matching;
import lunko.engine.ResultRow;
import lunko.insight.explanation.RowExplanation;
import lunko.insight.explanation.SourceRowWhy;
import lunko.insight.picture.Lineage.Pointed;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;

/** What is said of a join beforehand is what running each kind gives, whatever its condition is. */
@Domain(SomeJoins.class)
class CountsProperties {

    @Property(tries = 600)
    void theCountOfEveryKindIsWhatRunningItGives(@ForAll SomeJoin some) {
        List<KindCount> counts = KindCount.all(JoinResult.of(some.joined()));
        assertThat(counts).extracting(KindCount::kind).contains(some.joined().join().kind());
        for (KindCount count : counts) {
            assertThat(count.rows()).as(count.kind() + " for " + some).isEqualTo(some.as(count.kind()).rows().size());
        }
    }

    @Property(tries = 600)
    void theRegionsAreWhatTheKindsForThemGive(@ForAll SomeJoin some) {
        Join join = some.joined().join();
        VennRegions regions = VennRegions.of(JoinResult.of(some.joined())).orElseThrow();
        if (!join.kind().compares()) return;
        Join plain = join.of(JoinKind.INNER);
        assertThat(regions.pairs()).hasSize((int) SomeJoins.pairs(plain));
        assertThat(regions.pairs()).allMatch(pair -> plain.verdict(pair.left(), pair.right()) == Truth.TRUE);
        for (Side side : Side.values()) {
            VennRegions.Members members = regions.of(side);
            assertThat(IntStream.concat(members.alone().stream().mapToInt(row -> row),
                    IntStream.concat(members.matched().stream().mapToInt(row -> row),
                            members.unknown().stream().mapToInt(row -> row)))
                    .sorted()).containsExactlyElementsOf(
                            IntStream.range(0, join.on(side).rows().size()).boxed().toList());
            JoinKind semi = side.of(JoinKind.LEFT_SEMI, JoinKind.RIGHT_SEMI);
            assertThat(members.matched()).isEqualTo(taken(some.as(semi), side));
            JoinKind anti = side.of(JoinKind.LEFT_ANTI, JoinKind.RIGHT_ANTI);
            assertThat(members.alone()).as(side + " of " + some).isEqualTo(taken(some.as(anti), side));
        }
    }

    @Property(tries = 600)
    void theMarginsOfThePairGridAddUp(@ForAll SomeJoin some) {
        JoinResult outcome = JoinResult.of(some.joined());
        PairGrid grid = PairGrid.of(outcome);
        long pairs = LongStream.range(0, grid.lefts()).map(row -> grid.pairs(Side.LEFT, (int) row)).sum();
        assertThat(LongStream.range(0, grid.rights()).map(row -> grid.pairs(Side.RIGHT, (int) row)).sum())
                .isEqualTo(pairs);
        assertThat(pairs).isEqualTo(Matching.of(outcome.join()).pairs().size());
        for (Side side : Side.values()) {
            Set<Integer> kept = new TreeSet<>();
            outcome.rows().stream().filter(row -> row.source(side.opposite()).isEmpty())
                    .forEach(row -> row.source(side).ifPresent(kept::add));
            boolean takesMatched = outcome.kind().only().isPresent() && outcome.kind().takesMatched();
            for (int row = 0; row < outcome.join().on(side).rows().size() && !takesMatched; row++) {
                assertThat(grid.keeps(side, row)).as(side + " row " + row + " of " + some)
                        .isEqualTo(kept.contains(row));
            }
        }
    }

    @Property(tries = 600)
    void theArithmeticAddsUpAndSoDoTheFigures(@ForAll SomeJoin some) {
        JoinResult outcome = JoinResult.of(some.joined());
        if (outcome.kind().compares())
            assertThat(sum(Said.ENGLISH.counts().sum(outcome.sum()))).isEqualTo(outcome.size());
        for (KindCount count : KindCount.all(outcome)) {
            String what = count.kind() + " for " + some;
            Optional<Side> only = count.kind().only();
            if (!count.kind().compares()) continue;
            assertThat(sum(Said.ENGLISH.counts().sum(count.sum()))).as(what).isEqualTo(count.rows());
            if (only.isPresent()) {
                assertThat(count.figures(Said.ENGLISH)).isEqualTo("of " + outcome.join().on(only.get()).rows().size());
            } else if (!count.figures(Said.ENGLISH).isEmpty()) {
                assertThat(sum(count.figures(Said.ENGLISH))).as(what).isEqualTo(count.rows());
            }
        }
    }

    private static long sum(String arithmetic) {
        return Pattern.compile("\\d+").matcher(arithmetic).results().mapToLong(found -> Long.parseLong(found.group()))
                .sum();
    }

    @Property(tries = 600)
    void whatBelongsToARowIsWhatMatchesItAndWhatItComesInto(@ForAll SomeJoin some) {
        JoinResult outcome = JoinResult.of(some.joined());
        Join join = outcome.join();
        boolean compares = join.kind().compares();
        for (int left = 0; left < join.left().rows().size(); left++) {
            for (int right = 0; right < join.right().rows().size(); right++) {
                boolean match = !compares || join.verdict(left, right) == Truth.TRUE;
                assertThat(new Lineage(outcome, new Pointed.Source(Side.LEFT, left)).lights(Side.RIGHT, right))
                        .isEqualTo(match);
                assertThat(new Lineage(outcome, new Pointed.Source(Side.RIGHT, right)).lights(Side.LEFT, left))
                        .isEqualTo(match);
            }
        }
        for (Side side : Side.values())
            assertThat(Lineage.of(outcome, new Pointed.Source(side, join.on(side).rows().size()))).isEmpty();
        for (ResultRow row : outcome.rows()) {
            for (Side side : Side.values()) {
                for (int source = 0; source < join.on(side).rows().size(); source++) {
                    boolean from = row.source(side).equals(OptionalInt.of(source));
                    assertThat(new Lineage(outcome, new Pointed.Result(row)).lights(side, source)).isEqualTo(from);
                    assertThat(new Lineage(outcome, new Pointed.Source(side, source)).lights(row)).isEqualTo(from);
                }
            }
        }
    }

    @Property(tries = 600)
    void aLeftRowThatIsNotInTheResultIsExplainedAndNoOther(@ForAll SomeJoin some) {
        JoinResult outcome = JoinResult.of(some.joined());
        if (outcome.kind().outer() == Side.RIGHT) return;
        RowExplanation explained = RowExplanation.of(some.joined());
        for (int left = 0; left < outcome.join().left().rows().size(); left++) {
            OptionalInt row = OptionalInt.of(left);
            boolean there = outcome.rows().stream().anyMatch(each -> each.source(Side.LEFT).equals(row));
            assertThat(explained.whyNot(left).isEmpty()).as("row " + left + " of " + some).isEqualTo(there);
        }
        for (int row = 0; row < outcome.size(); row++) {
            String why = Said.in(explained.why(row).orElseThrow());
            if (outcome.row(row) instanceof ResultRow.Kept) assertThat(why).contains(" keeps it");
        }
    }

    @Property(tries = 600)
    void everyRowSaysHowOftenItIsInTheResult(@ForAll SomeJoin some) {
        JoinResult outcome = JoinResult.of(some.joined());
        for (Side side : Side.values()) {
            if (outcome.kind().only().filter(only -> only != side).isPresent()) continue;
            for (int row = 0; row < outcome.join().on(side).rows().size(); row++) {
                OptionalInt at = OptionalInt.of(row);
                long times = outcome.rows().stream().filter(each -> each.source(side).equals(at)).count();
                String said = Said.in(new SourceRowWhy(outcome, side, row).said().orElseThrow());
                String wanted = times == 0 ? " is not in the result"
                        : times == 1 ? " is in the result" : times == 2 ? " is in the result twice" : times + " times";
                assertThat(said).as("row " + row + " of " + some).contains(wanted);
                if (times == 1) assertThat(said).doesNotContain("twice").doesNotContain(" times");
            }
        }
    }

    private static List<Integer> taken(Joined joined, Side side) {
        return LongStream.range(0, joined.lineage().size())
                .mapToObj(row -> joined.lineage().row(row).source(side).getAsInt()).toList();
    }
}
