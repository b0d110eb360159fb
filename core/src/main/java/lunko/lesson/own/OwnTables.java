package lunko.lesson.own;

import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.table.Row;
import lunko.table.Table;

/** A scene's own state of the tables, as what differs in it from the lesson's. */
public record OwnTables(List<TableChange> changes) {
    /** As the lesson's. */
    public static final OwnTables SAME = new OwnTables(List.of());

    /** Keeps its changes as they are. */
    public OwnTables {
        changes = List.copyOf(changes);
    }

    /** The tables as the scene has them. What does not fit the lesson's any more is left out. */
    public List<Table> on(List<Table> shared) {
        return changes.isEmpty() ? shared : shared.stream().map(table -> merged(table).table()).toList();
    }

    private Merged merged(Table table) {
        List<TableChange> own = of(table);
        return own.isEmpty() ? new Merged(table, List.of()) : Merged.of(table, own);
    }

    private List<TableChange> of(Table table) {
        return changes.stream().filter(change -> change.table().equals(table.name())).toList();
    }

    /** What does not fit the lesson's tables, because they have changed meanwhile. */
    public List<TableChange> unfit(List<Table> shared) {
        Set<String> there = shared.stream().map(Table::name).collect(Collectors.toSet());
        return Stream.concat(changes.stream().filter(change -> !there.contains(change.table())),
                shared.stream().flatMap(table -> merged(table).unfit().stream())).toList();
    }

    /** What fits them. */
    public List<TableChange> fitting(List<Table> shared) {
        Set<TableChange> unfit = Set.copyOf(unfit(shared));
        return changes.stream().filter(change -> !unfit.contains(change)).toList();
    }

    /** The lowest id of a row of a table that is the scene's alone; 0 where there is none. */
    public long lowestRow(String table) {
        return changes.stream().filter(change -> change.table().equals(table))
                .mapToLong(change -> change instanceof TableChange.RowAdded(_, _, Row row) ? row.id() : 0).min()
                .orElse(0);
    }

    /**
     * The scene's own state after an edit in it, after which a table is this. What does not fit is kept; rows that are
     * new get ids below the lowest that any scene has given.
     */
    public OwnTables becoming(List<Table> shared, Table now, long lowest) {
        Stream<TableChange> others = changes.stream().filter(change -> !change.table().equals(now.name()));
        Stream<TableChange> own = shared.stream().filter(table -> table.name().equals(now.name()))
                .flatMap(table -> Stream.concat(TableDifference.between(table, now, lowest).stream(),
                        merged(table).unfit().stream()));
        return new OwnTables(Stream.concat(others, own).toList());
    }

    /** The same without what does not fit. */
    public OwnTables withoutUnfit(List<Table> shared) {
        return new OwnTables(fitting(shared));
    }

    /** The same, each change changed. */
    public OwnTables changing(UnaryOperator<TableChange> change) {
        return new OwnTables(changes.stream().map(change).toList());
    }
}
