package lunko.insight.listing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.SomeJoins.SomeJoin;
import lunko.SomeJoins;
import lunko.engine.JoinResult;
import lunko.engine.Ordering;
import lunko.engine.ResultColumn;
import lunko.engine.sql.ResultTable;
import lunko.query.Side;
import lunko.table.Value;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;

/** A result that is only looked at in another way. */
@Domain(SomeJoins.class)
@Domain(DomainContext.Global.class)
class ArrangementProperties {

    @Property(tries = 200, edgeCases = EdgeCasesMode.NONE)
    void sortedByAColumnItStandsAsOrderByWouldHaveIt(@ForAll SomeJoin some, @ForAll int number,
            @ForAll boolean descending) {
        ResultListing listing = listing(some);
        ResultColumn by = columns(listing).get(Math.floorMod(number, columns(listing).size()));
        Arrangement sorted = Arrangement.PLAIN.sortingBy(by);
        if (descending) sorted = sorted.sortingBy(by);
        List<List<Value>> keys =
                IntStream.range(0, listing.size()).mapToObj(row -> List.of(listing.value(row, by))).toList();
        // Looked at, NULL comes last either way.
        List<Ordering.Order> orders = List.of(new Ordering.Order(descending, false));
        assertThat(sorted.order(listing))
                .containsExactly(Ordering.of(some.joined(), new Ordering.By("", Set.of()), orders, keys).from().stream()
                        .mapToInt(i -> i).toArray());
        assertThat(sorted.sortingBy(by).sorting().isPresent()).isEqualTo(!descending);
    }

    @Property(tries = 200, edgeCases = EdgeCasesMode.NONE)
    void theRowsOfOneLeftRowStandTogetherAndNoneIsLost(@ForAll SomeJoin some) {
        ResultListing listing = listing(some);
        int[] order = Arrangement.PLAIN.grouping(true).order(listing);
        assertThat(order).containsExactlyInAnyOrder(IntStream.range(0, listing.size()).toArray());
        List<Integer> lefts = IntStream.of(order).mapToObj(row -> listing.left(row).orElse(Integer.MAX_VALUE)).toList();
        assertThat(lefts).isSortedAccordingTo(Comparator.naturalOrder());
    }

    @Property(tries = 200, edgeCases = EdgeCasesMode.NONE)
    void columnsAreHiddenAndMovedAndTheirValuesGoWithThem(@ForAll SomeJoin some, @ForAll int hidden,
            @ForAll int moved, @ForAll boolean back) {
        ResultListing listing = listing(some);
        List<ResultColumn> all = columns(listing);
        ResultColumn gone = all.get(Math.floorMod(hidden, all.size()));
        ResultColumn other = all.get(Math.floorMod(moved, all.size()));
        Arrangement arranged = Arrangement.PLAIN.hiding(gone).moving(listing, other, back);
        List<ResultColumn> shown = Stream.of(Side.values()).flatMap(side -> arranged.columns(listing, side).stream())
                .toList();
        assertThat(shown).doesNotContain(gone).containsExactlyInAnyOrderElementsOf(
                all.stream().filter(column -> !column.equals(gone)).toList());
        assertThat(shown.stream().map(ResultColumn::side)).isSorted();
        // Moved one way and back again it stands where it stood, unless it was at the edge.
        Arrangement again = arranged.moving(listing, other, !back);
        if (!arranged.equals(Arrangement.PLAIN.hiding(gone)))
            for (Side side : Side.values())
                assertThat(again.columns(listing, side))
                        .isEqualTo(Arrangement.PLAIN.hiding(gone).columns(listing, side));
        ResultTable listed = arranged.listed(listing);
        assertThat(listed.columns()).extracting(ResultTable.Column::name)
                .isEqualTo(shown.stream().map(listing::name).toList());
        for (int row = 0; row < listing.size(); row++) {
            int at = row;
            assertThat(listed.rows().get(row)).isEqualTo(shown.stream().map(c -> listing.value(at, c)).toList());
        }
    }

    private static ResultListing listing(SomeJoin some) {
        return ResultListing.OfJoin.all(JoinResult.of(some.joined()));
    }

    private static List<ResultColumn> columns(ResultListing listing) {
        return Stream.of(Side.values()).flatMap(side -> listing.columns(side).stream()).toList();
    }
}
