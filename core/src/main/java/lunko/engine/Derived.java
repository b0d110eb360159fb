package lunko.engine;

import java.util.List;
import java.util.Optional;
import lunko.table.RowName;
import lunko.table.RowsName;
import lunko.table.Value;

/** The result of a query under a name, as FROM takes it for a table. */
public record Derived(Stage of, String alias) implements Stage {

    @Override
    public List<Heading> headings() {
        return of.headings().stream().map(column -> new Heading(Optional.of(alias), column.name(), column.type()))
                .toList();
    }

    @Override
    public List<List<Value>> rows() {
        return of.rows();
    }

    @Override
    public List<Stage> inputs() {
        return List.of(of);
    }

    @Override
    public boolean pads(int row, int column) {
        return of.pads(row, column);
    }

    @Override
    public List<Origin> origins(int row) {
        return List.of(new Origin(0, row));
    }

    @Override
    public RowsName title() {
        return new RowsName.Of(alias);
    }

    @Override
    public RowName name(int row) {
        return of.name(row);
    }
}
