package lunko.lesson;

import java.util.List;
import lunko.table.Table;

/** Tables and what links them: what a file brings in or a lesson gives out. */
public record TableSet(List<Table> tables, List<Link> links) {

    /** Keeps its parts as they are. */
    public TableSet {
        tables = List.copyOf(tables);
        links = List.copyOf(links);
    }

    /** Tables without links. */
    public static TableSet of(List<Table> tables) {
        return new TableSet(tables, List.of());
    }

    /** One table. */
    public static TableSet of(Table table) {
        return of(List.of(table));
    }
}
