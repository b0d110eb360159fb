package lunko.engine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Query;
import lunko.query.QueryText;
import lunko.query.Side;
import lunko.table.Column;
import lunko.table.Table;

/** A query bound to its tables: names have become places, and the types have been found to agree. */
public record Plan(Query query, Table left, Table right, List<Equality> on) {

    /** Keeps its equalities as they are. */
    public Plan {
        on = List.copyOf(on);
    }

    /**
     * Binds a query to the tables it names. A problem if a table or a column is not there, if key columns cannot
     * be compared, or if there is no condition where the kind needs one.
     */
    public static Checked<Plan> bind(Query query, List<Table> tables) {
        return table(query, Side.LEFT, tables).then(left -> table(query, Side.RIGHT, tables).then(right -> {
            if (!query.kind().compares()) return Checked.valid(new Plan(query, left, right, List.of()));
            if (query.on().isEmpty() && !query.natural()) {
                return Checked.invalid("No columns are matched yet: drag a column name of " + left.name()
                        + " onto one of " + right.name() + ", or choose a cross join, which needs none.");
            }
            List<Equality> on = new ArrayList<>();
            for (KeyPair pair : query.on()) {
                switch (equality(pair, left, right)) {
                    case Checked.Valid<Equality>(Equality equality) -> on.add(equality);
                    case Checked.Invalid<Equality>(var problem) -> {
                        return Checked.invalid(problem);
                    }
                }
            }
            return Checked.valid(new Plan(query, left, right, on));
        }));
    }

    /** The two columns of a key pair; a problem if one is not there or if their types cannot be compared. */
    public static Checked<Equality> equality(KeyPair pair, Table left, Table right) {
        return column(left, pair.left()).then(l -> column(right, pair.right()).then(r -> {
            Column leftColumn = left.columns().get(l);
            Column rightColumn = right.columns().get(r);
            if (leftColumn.type().comparesWith(rightColumn.type())) return Checked.valid(new Equality(l, r));
            return Checked.invalid(left.name() + "." + leftColumn.name() + " is " + leftColumn.type().title() + " and "
                    + right.name() + "." + rightColumn.name() + " is " + rightColumn.type().title()
                    + ", and SQL does not compare the two: match columns of one type.");
        }));
    }

    private static Checked<Integer> column(Table table, String name) {
        OptionalInt column = table.column(name);
        if (column.isPresent()) return Checked.valid(column.getAsInt());
        return Checked.invalid("There is no column " + name + " in " + table.name() + ", which has "
                + table.columns().stream().map(Column::name).collect(Collectors.joining(", ")) + ".");
    }

    private static Checked<Table> table(Query query, Side side, List<Table> tables) {
        String name = query.on(side).table();
        Optional<Table> table = tables.stream().filter(t -> t.name().equalsIgnoreCase(name)).findFirst();
        return table.<Checked<Table>>map(Checked::valid).orElseGet(() -> Checked.invalid(
                "There is no table " + name + ": the lesson has "
                        + tables.stream().map(Table::name).collect(Collectors.joining(", ")) + "."));
    }

    /** The kind of join. */
    public JoinKind kind() {
        return query.kind();
    }

    /** The table on a side. */
    public Table on(Side side) {
        return side.of(left, right);
    }

    /** The key columns on a side, counted from 0. */
    public Set<Integer> keys(Side side) {
        return on.stream().map(equality -> equality.on(side))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** The columns that the join makes one of two. */
    public List<Equality> once() {
        return query.natural() ? on : List.of();
    }

    /** The join that the plan comes to. */
    public Join join() {
        return new Join(query.kind(), source(Side.LEFT), source(Side.RIGHT), Partnership.ofEqual(on));
    }

    private Source source(Side side) {
        return Source.of(on(side), query.on(side).alias(), keys(side));
    }

    /** The query as SQL text. */
    public String sql() {
        return new QueryText(query).whole().text();
    }
}
