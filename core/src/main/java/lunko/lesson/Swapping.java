package lunko.lesson;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lunko.insight.comparison.Sameness;
import lunko.query.change.RephrasingKind;
import lunko.query.change.Rephrasings;
import lunko.table.Table;
import lunko.words.Language;

/**
 * What swapping the sides of a join has done to the rows, and, since that is never more than their order, what doing
 * the joins of a chain in another order would do to them.
 *
 * @param sides how alike the result is to the one before
 * @param orders how alike that of each other order of the joins would be
 */
public record Swapping(Sameness sides, Map<RephrasingKind, Sameness> orders) {

    /** Compares a query with what swapping has made of it; nothing, where one of them cannot run. */
    public static Optional<Swapping> of(WrittenQuery before, WrittenQuery after, List<Table> tables) {
        Map<RephrasingKind, Sameness> orders = new EnumMap<>(RephrasingKind.class);
        before.read()
                .handle(read -> Rephrasings.of(read.script(), read.query(), tables, 0, "").stream()
                        .filter(said -> said.kind().isOrder())
                        .forEach(said -> said.text()
                                .flatMap(text -> new WrittenQuery(text, before.number()).sameAs(before, tables))
                                .ifPresent(alike -> orders.put(said.kind(), alike))),
                        _ -> {});
        return after.sameAs(before, tables).map(sides -> new Swapping(sides, orders));
    }

    /** It in a sentence or two, as a person is told. */
    public String said(Language in) {
        String swapped = in.results().swapped(sides.said(in));
        List<String> others = orders.entrySet().stream().filter(order -> !order.getValue().isSame())
                .map(order -> in.results().order(in.rephrasings().title(order.getKey()), order.getValue().said(in)))
                .toList();
        return others.isEmpty() ? swapped : swapped + " " + in.results().swappedOrders(others);
    }
}
