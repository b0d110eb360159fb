package lunko.exchange;

import java.util.List;
import lunko.lesson.TableSet;
import lunko.table.Table;

/** What a file brings in, and sentences about what was left out of it. */
public record Brought(TableSet set, List<String> notes) {

    /** Keeps its notes as they are. */
    public Brought {
        notes = List.copyOf(notes);
    }

    /** Tables, nothing left out. */
    public static Brought of(TableSet set) {
        return new Brought(set, List.of());
    }

    /** Tables without links, nothing left out. */
    public static Brought of(List<Table> tables) {
        return of(TableSet.of(tables));
    }

    /** The tables. */
    public List<Table> tables() {
        return set.tables();
    }
}
