package lunko.lesson;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lunko.insight.comparison.Sameness;
import lunko.query.change.RephrasingKind;
import lunko.query.change.Rephrasings;
import lunko.table.Table;

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
    public String said() {
        String other = orders.entrySet().stream().filter(order -> !order.getValue().isSame())
                .map(order -> order.getKey().title() + ": " + order.getValue().said())
                .collect(Collectors.joining("; "));
        return "Swapped: " + sides.said() + "."
                + (other.isEmpty() ? "" : " But joins cannot change places so freely: " + other + ".");
    }
}
