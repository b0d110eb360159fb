package lunko.insight.comparison;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.Tables;
import lunko.TwoTables;
import lunko.engine.JoinResult;
import lunko.engine.ResultCell;
import lunko.engine.ResultColumn;
import lunko.engine.ResultRow;
import lunko.engine.Stage;
import lunko.engine.ValueOrder;
import lunko.insight.comparison.Changes.Status;
import lunko.insight.listing.Arrangement;
import lunko.insight.listing.ResultListing;
import lunko.lesson.WrittenQuery;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.SqlName;
import lunko.table.Block;
import lunko.table.Entry;
import lunko.table.Table;
import lunko.table.Value;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;

/** What a change has done to a result, and how a result is looked at. */
@Domain(Tables.class)
@Domain(DomainContext.Global.class)
class ChangesProperties {

    @Property
    void whatCameAndWentAndStayedIsTheResultNow(@ForAll TwoTables two, @ForAll JoinKind other,
            @ForAll @IntRange(max = 6) int row, @ForAll @IntRange(min = 1, max = 4) int key) {
        JoinResult before = two.outcome();
        boolean edits = row < two.left().rows().size();
        Table left =
                edits ? two.left().changing(Block.cell(row, 0), (_, _, _) -> Entry.of(Value.of(key))) : two.left();
        TwoTables changed = new TwoTables(left, edits ? two.kind() : other, two.right(), two.on());
        JoinResult now = changed.outcome();
        Optional<Changes<JoinResult, ResultRow>> compared = Changes.between(before, now);
        // Rows of other columns are other rows: of a semi join there is nothing to compare with an outer one.
        assertThat(compared.isPresent()).isEqualTo(before.columns().equals(now.columns()));
        if (compared.isEmpty()) return;
        Changes<JoinResult, ResultRow> changes = compared.get();
        assertThat(before.size() - changes.removed().size() + changes.count(Status.ADDED)).isEqualTo(now.size());
        List<List<Value>> stayed = new ArrayList<>();
        before.rows().stream().filter(old -> !changes.removed().contains(old))
                .forEach(old -> stayed.add(values(before, old)));
        List<ResultRow> same = now.rows().stream().filter(one -> changes.of(one) == Status.SAME).toList();
        same.forEach(one -> assertThat(stayed.remove(values(now, one))).isTrue());
        assertThat(stayed).hasSize((int) changes.count(Status.CHANGED));
        assertThat(Changes.between(now, now).orElseThrow().isEmpty()).isTrue();
    }

    @Property
    void lookingOtherwiseLosesNoRowAndNoColumn(@ForAll TwoTables two, @ForAll @IntRange(max = 5) int by,
            @ForAll boolean descending, @ForAll boolean grouped) {
        JoinResult outcome = two.outcome();
        ResultColumn column = outcome.columns().get(by % outcome.columns().size());
        Arrangement once = Arrangement.PLAIN.sortingBy(column).grouping(grouped);
        Arrangement arrangement = descending ? once.sortingBy(column) : once;
        int[] order = arrangement.order(ResultListing.OfJoin.all(outcome));
        assertThat(IntStream.of(order).sorted().toArray()).isEqualTo(IntStream.range(0, order.length).toArray());
        for (int i = 1; i < order.length; i++) {
            ResultRow one = outcome.row(order[i - 1]);
            ResultRow next = outcome.row(order[i]);
            int lefts = Integer.compare(one.source(Side.LEFT).orElse(Integer.MAX_VALUE),
                    next.source(Side.LEFT).orElse(Integer.MAX_VALUE));
            if (grouped) assertThat(lefts).isNotPositive();
            if (grouped && lefts != 0) continue;
            Value upper = outcome.cell(one, column).value();
            Value lower = outcome.cell(next, column).value();
            if (upper.isNull()) assertThat(lower.isNull()).isTrue();
            else if (!lower.isNull())
                assertThat(ValueOrder.VALUES.compare(upper, lower) * (descending ? -1 : 1)).isNotPositive();
        }
        Arrangement moved = arrangement.moving(ResultListing.OfJoin.all(outcome), column, false)
                .moving(ResultListing.OfJoin.all(outcome), column, true).hiding(column);
        assertThat(moved.listed(ResultListing.OfJoin.all(outcome)).columns()).hasSize(outcome.columns().size() - 1);
        assertThat(moved.listed(ResultListing.OfJoin.all(outcome)).rows()).hasSize(order.length);
        assertThat(arrangement.sortingBy(column).sortingBy(column).sortingBy(column)).isEqualTo(arrangement);
    }

    private static List<Value> values(JoinResult outcome, ResultRow row) {
        return outcome.columns().stream().map(column -> outcome.cell(row, column)).map(ResultCell::value).toList();
    }

    @Property
    void aQueryOfTheSameRowsSaysWhatAnEditHasChanged(@ForAll TwoTables two, @ForAll @IntRange(max = 6) int row,
            @ForAll @IntRange(min = 1, max = 4) int key) {
        String left = new SqlName(two.left().columns().getFirst().name()).text();
        String sql = "SELECT " + left + ", COUNT(*) AS n FROM " + two.left().name() + " GROUP BY " + left;
        Stage before = WrittenQuery.of(sql).on(List.of(two.left())).expect();
        Table edited = row < two.left().rows().size()
                ? two.left().changing(Block.cell(row, 0), (_, _, _) -> Entry.of(Value.of(key))) : two.left();
        Stage now = WrittenQuery.of(sql).on(List.of(edited)).expect();
        Changes<Stage, Integer> changes = Changes.between(before, now).orElseThrow();
        // Of a query grouped by its first column, what came and went are groups, and what changed are their counts.
        Set<Value> were = before.rows().stream().map(List::getFirst).collect(Collectors.toSet());
        for (int i = 0; i < now.rows().size(); i++) {
            List<Value> is = now.rows().get(i);
            assertThat(changes.of(i)).isEqualTo(!were.contains(is.getFirst()) ? Status.ADDED
                    : before.rows().contains(is) ? Status.SAME : Status.CHANGED);
        }
        assertThat(before.rows().size() - changes.removed().size() + changes.count(Status.ADDED))
                .isEqualTo(now.rows().size());
    }
}
