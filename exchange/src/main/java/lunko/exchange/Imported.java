package lunko.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import lunko.exchange.grid.Grid;
import lunko.lesson.TableSet;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Limits;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Table;
import lunko.words.Language;

/** What a file brings in, and what was left out of it. */
public record Imported(TableSet set, List<Note> notes) {
    private static final int MOST_NOTES = 3;

    /** Something that was left out. */
    public sealed interface Note {
        /** A table that is none, and why. */
        record LeftOut(Problem why) implements Note {}

        /** More tables that are none. */
        record MoreLeftOut(int count) implements Note {}

        /** The rows after the first so many. */
        record Cut(String file, int rows, int most) implements Note {}

        /** It in a sentence. */
        default String said(Language in) {
            return switch (this) {
                case LeftOut(Problem why) -> in.files().leftOut(in.problems().of(why).text());
                case MoreLeftOut(int count) -> in.files().moreLeftOut(count);
                case Cut(String file, int rows, int most) -> in.files().cut(file, rows, most);
            };
        }
    }

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

    /** The tables that were found in a source, as {@link #of(Origin, Stream)} takes them. */
    public static Checked<Imported> of(Origin source, Checked<List<Grid>> found) {
        return found.then(grids -> of(source, grids.stream().map(Grid::table)));
    }

    /**
     * The tables of a source that has several: one that is none is left out with a note that says why, as long as there
     * is another.
     */
    public static Checked<Imported> of(Origin source, Stream<Checked<Table>> read) {
        List<Table> tables = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        read.forEach(one -> one.handle(tables::add, problems::add));
        if (tables.isEmpty()) {
            return Checked.invalid(problems.stream().findFirst()
                    .orElseGet(() -> Problem.at(Place.in(source), new FileFault.Nothing())));
        }
        List<Note> notes = new ArrayList<>(problems.stream().limit(MOST_NOTES).map(Note.LeftOut::new).toList());
        if (problems.size() > MOST_NOTES)
            notes.add(new Note.MoreLeftOut(problems.size() - MOST_NOTES));
        return Limits.ofTables(tables.size()).<Checked<Imported>>map(
                tooMany -> Checked.invalid(Problem.at(Place.in(source), tooMany)))
                .orElseGet(() -> Checked.valid(new Imported(TableSet.of(tables), notes)));
    }

    /** The tables. */
    public List<Table> tables() {
        return set.tables();
    }
}
