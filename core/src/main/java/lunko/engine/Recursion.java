package lunko.engine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import lunko.table.RowName;
import lunko.table.RowsName;
import lunko.table.Value;

/**
 * A query that reads itself (ISO/IEC 9075-2, recursive query): the rows of a first query, and then, round after round,
 * those that a second one makes of the rows which the round before has brought, until a round brings none.
 */
public final class Recursion implements Stage {
    private final String name;
    private final boolean all;
    private final List<Stage> rounds;
    private final List<Heading> headings;
    private final List<Origin> origins = new ArrayList<>();
    private final List<Integer> taken = new ArrayList<>();
    private final boolean[] repeated;
    private final List<List<Value>> rows;

    /**
     * Puts rounds together.
     *
     * @param name what the query calls itself
     * @param all whether each row counts as often as it comes
     * @param rounds what the first query gave, then what each round gave; the last gave nothing new
     */
    public Recursion(String name, boolean all, List<Stage> rounds, List<Heading> headings) {
        this.name = name;
        this.all = all;
        this.rounds = List.copyOf(rounds);
        this.headings = List.copyOf(headings);
        Set<List<Object>> seen = new HashSet<>();
        for (int round = 0; round < rounds.size(); round++) {
            for (int row = 0; row < rounds.get(round).rows().size(); row++) {
                if (isNew(rounds.get(round).rows().get(row), seen)) taken.add(origins.size());
                origins.add(new Origin(round, row));
            }
        }
        this.repeated = new boolean[origins.size()];
        Arrays.fill(repeated, true);
        taken.forEach(row -> repeated[row] = false);
        this.rows = taken.stream().map(origins::get)
                .map(origin -> this.rounds.get(origin.input()).rows().get(origin.row())).toList();
    }

    private boolean isNew(List<Value> row, Set<List<Object>> seen) {
        return all || seen.add(ValueOrder.identity(row));
    }

    /** What the query calls itself. */
    public String called() {
        return name;
    }

    /** The operation that puts the rounds together, as SQL. */
    public String sql() {
        return all ? "UNION ALL" : "UNION";
    }

    /** The round and the row of it that the n-th of all rows is; the first query is round 0. */
    public Origin origin(int n) {
        return origins.get(n);
    }

    /** For each row of all rounds, whether it was there already. */
    public boolean isRepeated(int n) {
        return repeated[n];
    }

    /** How many rows all rounds gave. */
    public int size() {
        return origins.size();
    }

    @Override
    public List<Heading> headings() {
        return headings;
    }

    @Override
    public List<List<Value>> rows() {
        return rows;
    }

    @Override
    public List<Stage> inputs() {
        return rounds;
    }

    @Override
    public List<Origin> origins(int row) {
        return List.of(origin(taken.get(row)));
    }

    @Override
    public boolean pads(int row, int column) {
        Origin origin = origin(taken.get(row));
        return rounds.get(origin.input()).pads(origin.row(), column);
    }

    @Override
    public RowsName title() {
        return new RowsName.Of(name);
    }

    @Override
    public RowName name(int row) {
        Origin origin = origin(taken.get(row));
        return rounds.get(origin.input()).name(origin.row());
    }
}
