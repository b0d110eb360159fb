package lunko.engine.sql;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import lunko.engine.Recursion;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.engine.ValueOrder;
import lunko.problem.QueryFault;
import lunko.problem.RunFault;
import lunko.query.sql.QueryBody.Compound;
import lunko.query.sql.QueryExpression.Common;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/** Binds a query of WITH RECURSIVE that reads itself: a first query, UNION, and one that is asked round after round. */
final class RecursionBinder {
    /** So many rounds can be followed; one that goes round in a circle has no end. */
    static final int MOST_ROUNDS = 100;

    private final QueryBinder queries;
    private final Diagnostics diagnostics;
    private final Common common;
    private final Compound union;
    /** The rows that the round before has brought. */
    private Optional<Table> working = Optional.empty();

    RecursionBinder(QueryBinder queries, Common common, Compound union) {
        this.queries = queries;
        this.diagnostics = queries.diagnostics();
        this.common = common;
        this.union = union;
    }

    /** The query; nothing, if it does not read itself. */
    Optional<BoundQuery> bind() {
        String name = common.name().text();
        BoundQuery first = queries.called(name, common.columns(), queries.alone(common.name(), union.left()));
        BoundQuery itself = new BoundQuery(first.columns(), false,
                _ -> Source.of(working.orElseThrow(), name, Set.of()));
        BoundQuery next = queries.reading(common.name(), itself, union.right());
        if (next.alwaysTheSame()) return Optional.empty();
        if (!fits(first, next)) return Optional.of(first);
        List<Stage.Heading> headings = first.columns().stream().map(BoundQuery.Column::heading).toList();
        return Optional.of(new BoundQuery(first.columns(), true,
                _ -> new Recursion(name, union.all(), rounds(first, next), headings)));
    }

    private boolean fits(BoundQuery first, BoundQuery next) {
        if (first.columns().size() != next.columns().size()) {
            diagnostics.refuse(union, new QueryFault.DifferentWidths(union.operator().name(), first.columns().size(),
                    next.columns().size()));
            return false;
        }
        for (int i = 0; i < first.columns().size(); i++) {
            Optional<Type> begun = first.columns().get(i).type();
            Optional<Type> goesOn = next.columns().get(i).type();
            if (begun.isEmpty() || goesOn.isEmpty() || begun.equals(goesOn)) continue;
            diagnostics.refuse(union.right(), new QueryFault.RecursionOfOtherType(first.columns().get(i).name(),
                    begun.get(), goesOn.get()));
            return false;
        }
        return true;
    }

    private List<Stage> rounds(BoundQuery first, BoundQuery next) {
        List<Stage> rounds = new ArrayList<>();
        Set<List<Object>> seen = new HashSet<>();
        Stage at = first.stage(Env.nothing());
        List<List<Value>> brought = brought(at, seen);
        rounds.add(at);
        while (!brought.isEmpty()) {
            if (rounds.size() > MOST_ROUNDS)
                throw diagnostics.raised(common.name(), new RunFault.TooManyRounds(common.name().text(), MOST_ROUNDS));
            diagnostics.effort().take(brought.size(), common.name());
            working = Optional.of(Table.of(common.name().text(), columns(first), brought));
            // A row around it that no round before had: what is made for one round is not that of the next.
            at = next.stage(Env.nothing().within(List.of()));
            brought = brought(at, seen);
            rounds.add(at);
        }
        return rounds;
    }

    private List<List<Value>> brought(Stage round, Set<List<Object>> seen) {
        return round.rows().stream().filter(row -> union.all() || seen.add(ValueOrder.identity(row))).toList();
    }

    private static List<Column> columns(BoundQuery first) {
        return IntStream.range(0, first.columns().size()).mapToObj(i -> new Column(first.columns().get(i).name(),
                first.columns().get(i).type().orElse(Type.TEXT))).toList();
    }
}
