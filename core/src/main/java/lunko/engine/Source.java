package lunko.engine;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import lunko.table.Row;
import lunko.table.RowName;
import lunko.table.RowNames;
import lunko.table.RowsName;
import lunko.table.Table;
import lunko.table.Value;

/** A table as a query finds it, under the name that the query gives it. */
public record Source(Table table, String alias, RowsName title, RowNames names, List<List<Value>> rows)
        implements Stage {

    /** A table under the name that the query gives it. */
    public static Source of(Table table, String alias, Set<Integer> keys) {
        return new Source(table, alias, new RowsName.Of(table.name()), RowNames.of(table, keys),
                table.rows().stream().map(Row::values).toList());
    }

    /** The same, its rows called by other columns than these if they can be. */
    public Source namedBeside(Set<Integer> keys) {
        return new Source(table, alias, title, RowNames.of(table, keys), rows);
    }

    /** The same, its alias spoken too: for a table that a query takes more than once. */
    public Source withAlias() {
        return new Source(table, alias, new RowsName.Aliased(table.name(), alias), names, rows);
    }

    @Override
    public List<Heading> headings() {
        return table.columns().stream()
                .map(column -> new Heading(Optional.of(alias), column.name(), Optional.of(column.type()))).toList();
    }

    @Override
    public List<Stage> inputs() {
        return List.of();
    }

    @Override
    public boolean pads(int row, int column) {
        return false;
    }

    @Override
    public List<Origin> origins(int row) {
        return List.of();
    }

    @Override
    public RowName name(int row) {
        return names.of(row);
    }
}
