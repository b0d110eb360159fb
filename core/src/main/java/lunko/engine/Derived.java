package lunko.engine;

import java.util.List;
import lunko.table.RowName;
import lunko.table.RowsName;
import lunko.table.Value;

/**
 * The result of a query under a name, as FROM takes it for a table.
 *
 * @param headings what its columns are called there
 */
public record Derived(Stage of, String alias, List<Heading> headings) implements Stage {

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
