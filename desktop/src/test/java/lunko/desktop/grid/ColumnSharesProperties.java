package lunko.desktop.grid;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import lunko.desktop.grid.ColumnShares.Need;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

/** How columns share the room that there is. */
class ColumnSharesProperties {

    @Provide
    Arbitrary<List<Need>> columns() {
        Arbitrary<Integer> more = Arbitraries.integers().between(0, 120);
        return Combinators.combine(Arbitraries.integers().between(54, 120), more, more,
                Arbitraries.of(Need.OTHER, Need.OTHER, Need.OTHER, Need.LABEL, Need.STAYS))
                .as((least, values, whole, rank) -> new Need(least + values + whole, least + values, least, rank))
                .list()
                .ofMinSize(1).ofMaxSize(14);
    }

    @Property
    void theyFitIntoTheRoomWhereWhatDecidesDoes(@ForAll("columns") List<Need> needs,
            @ForAll @IntRange(max = 2000) int room) {
        ColumnShares shares = ColumnShares.of(needs, room);
        double sum = shares.widths().stream().mapToDouble(width -> width).sum();
        double deciding = ColumnShares.of(needs, 0).widths().stream().mapToDouble(width -> width).sum();
        assertThat(sum).isLessThanOrEqualTo(Math.max(room, deciding));
        // Of plenty nothing is left over but what rounding takes.
        double whole = needs.stream().mapToDouble(Need::whole).sum();
        if (room >= whole) assertThat(sum).isGreaterThan(room - needs.size());
    }

    @Property
    void whatDecidesStaysAndNoFigureIsEverCut(@ForAll("columns") List<Need> needs,
            @ForAll @IntRange(max = 2000) int room) {
        ColumnShares shares = ColumnShares.of(needs, room);
        for (int i = 0; i < needs.size(); i++) {
            if (needs.get(i).rank() == Need.STAYS) assertThat(shares.folded()).doesNotContain(i);
            if (!shares.folded().contains(i))
                assertThat(shares.widths().get(i)).isGreaterThanOrEqualTo(Math.floor(needs.get(i).least()));
        }
        // What tells rows apart is folded only when all else is.
        IntStream.range(0, needs.size()).filter(i -> needs.get(i).rank() == Need.OTHER && !shares.folded().contains(i))
                .findAny().ifPresent(_ -> assertThat(shares.folded())
                        .allMatch(folded -> needs.get(folded).rank() == Need.OTHER));
    }

    @Property
    void withMoreRoomNoColumnIsFoldedThatWasNot(@ForAll("columns") List<Need> needs,
            @ForAll @IntRange(max = 1500) int room, @ForAll @IntRange(max = 500) int more) {
        assertThat(ColumnShares.of(needs, room).folded())
                .containsAll(ColumnShares.of(needs, room + more).folded());
    }
}
