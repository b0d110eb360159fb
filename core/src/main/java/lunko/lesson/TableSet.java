package lunko.lesson;

import java.util.List;
import lunko.table.Table;

/** Tables, what links them, and views that read them: what a file brings in or a lesson gives out. */
public record TableSet(List<Table> tables, List<Link> links, List<View> views) {

    /** Keeps its parts as they are. */
    public TableSet {
        tables = List.copyOf(tables);
        links = List.copyOf(links);
        views = List.copyOf(views);
    }

    /** Tables and what links them. */
    public TableSet(List<Table> tables, List<Link> links) {
        this(tables, links, List.of());
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
