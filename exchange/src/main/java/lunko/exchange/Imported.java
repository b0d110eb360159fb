package lunko.exchange;

import java.util.List;
import lunko.lesson.TableSet;
import lunko.table.Table;

/** What a file brings in, and sentences about what was left out of it. */
public record Imported(TableSet set, List<String> notes) {

    /** Keeps its notes as they are. */
    public Imported {
        notes = List.copyOf(notes);
    }

    /** Tables, nothing left out. */
    public static Imported of(TableSet set) {
        return new Imported(set, List.of());
    }

    /** Tables without links, nothing left out. */
    public static Imported of(List<Table> tables) {
        return of(TableSet.of(tables));
    }

    /** The tables. */
    public List<Table> tables() {
        return set.tables();
    }
}
