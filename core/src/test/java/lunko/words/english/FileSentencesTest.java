package lunko.words.english;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lunko.Said;
import lunko.problem.Fault;
import lunko.problem.FileFault;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.TableFault;
import lunko.table.Type;
import org.junit.jupiter.api.Test;

/** What is said of a file: what is wrong with it, where, and what to do. */
class FileSentencesTest {
    private static final Map<Fault, String> SENTENCES = Map.ofEntries(
            Map.entry(new FileFault.IsFolder(), "This is a folder: name a file in it."),
            Map.entry(new FileFault.NoFile(), "There is no such file: check its name and folder."),
            Map.entry(new FileFault.NoOrdinaryFile(), "This is not an ordinary file: name another one."),
            Map.entry(new FileFault.FieldDoesNotFit("two", "a", Type.INTEGER),
                    "“two” does not fit a, which is integer: write a whole number such as 12."),
            Map.entry(new FileFault.NoRange("here"),
                    "“here” is not a range of cells: write the first and the last cell, as in B2:D9."),
            Map.entry(new FileFault.NoTable(), "There is no table in it: copy one that has rows and columns."),
            Map.entry(new FileFault.ColumnsTwice(1, 2, "a"),
                    "Columns 1 and 2 are both called a: rename one of them in this line."),
            Map.entry(new FileFault.CellWithoutNumber(1, "abc"),
                    "The cell in column 1 should hold a number, and “abc” is not one: "
                            + "open the file in a spreadsheet program and save it again."),
            Map.entry(new FileFault.NoSheet("mills"),
                    "Its sheet mills is missing, so the file is damaged: take another copy of it."));

    @Test
    void whatIsWrongIsSaidWithWhatToDo() {
        SENTENCES.forEach((fault, sentence) -> assertThat(said(fault)).isEqualTo(sentence));
        assertThat(said(new FileFault.FieldCount(1, 2)))
                .startsWith("This line has 1 field, but the first line names 2 columns: write nothing");
        assertThat(said(new FileFault.FieldCount(3, 2)))
                .startsWith("This line has 3 fields, but the first line names 2 columns: put a field");
        assertThat(said(new TableFault.TooManyTables(20_000, 200)))
                .startsWith("There are 20,000 tables, and a lesson can have 200");
        assertThat(said(new FileFault.NewerLesson(6, 5)))
                .contains("saved by a newer Lunko (version 6 of the file, and this Lunko reads 5)");
    }

    @Test
    void itsPlaceStandsBeforeIt() {
        Origin file = Origin.file("bees/hives.csv");
        Fault quote = new FileFault.OpenQuote();
        for (Place place : List.of(Place.in(file), Place.line(file, 4), Place.character(file, 4, 2))) {
            Problem problem = Problem.at(place, quote);
            assertThat(Said.inWords(problem)).isEqualTo("bees/hives.csv"
                    + (place.line().isPresent() ? ", line 4" : "") + (place.column().isPresent() ? ", column 2" : "")
                    + ": " + said(quote));
            assertThat(Said.inColons(problem)).isEqualTo("bees/hives.csv"
                    + (place.line().isPresent() ? ":4" : "") + (place.column().isPresent() ? ":2" : "")
                    + ": " + said(quote));
        }
    }

    private static String said(Fault fault) {
        return Said.fault(Problem.of(fault));
    }
}
