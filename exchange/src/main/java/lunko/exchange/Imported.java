package lunko.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import lunko.exchange.grid.Grid;
import lunko.lesson.TableSet;
import lunko.phrase.Words;
import lunko.problem.Checked;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Limits;
import lunko.table.Table;

/** What a file brings in, and sentences about what was left out of it. */
public record Imported(TableSet set, List<String> notes) {
    private static final int MOST_NOTES = 3;

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

    /** The tables that were found in a source, as {@link #of(String, Stream)} takes them. */
    public static Checked<Imported> of(String source, Checked<List<Grid>> found) {
        return found.then(grids -> of(source, grids.stream().map(Grid::table)));
    }

    /**
     * The tables of a source that has several: one that is none is left out with a note that says why, as long as there
     * is another.
     */
    public static Checked<Imported> of(String source, Stream<Checked<Table>> read) {
        List<Table> tables = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        read.forEach(one -> one.handle(tables::add, problems::add));
        if (tables.isEmpty()) {
            return Checked.invalid(problems.stream().findFirst().orElseGet(() -> Problem.at(Place.in(source),
                    "There is nothing in it: it needs a row with the column names, and one for each row.")));
        }
        List<String> notes = new ArrayList<>(problems.stream().limit(MOST_NOTES)
                .map(problem -> "Left out: " + problem.inWords()).toList());
        if (problems.size() > MOST_NOTES)
            notes.add(Words.number(problems.size() - MOST_NOTES) + " more are left out that are no tables.");
        return Limits.ofTables(tables.size()).<Checked<Imported>>map(
                tooMany -> Checked.invalid(Problem.at(Place.in(source), tooMany)))
                .orElseGet(() -> Checked.valid(new Imported(TableSet.of(tables), notes)));
    }

    /** The tables. */
    public List<Table> tables() {
        return set.tables();
    }
}
