package lunko.insight.keys;

import java.util.List;
import lunko.table.Column;
import lunko.table.Once;
import lunko.table.Table;

/**
 * What would become of a column of another type or size: the texts in it that would not fit, each once, in the order of
 * their rows.
 */
public record Retyping(List<String> misfits) {

    /** Looks at a column, counted from 0. */
    public static Retyping of(Table table, int at, Column after) {
        Column before = table.columns().get(at);
        return new Retyping(Once.each(table.rows().stream()
                .flatMap(row -> after.entry(before.typed(row.entry(at))).misfit().stream())));
    }
}
