package lunko.exchange;

import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import lunko.exchange.csv.CsvReader;
import lunko.exchange.csv.Dialect;
import lunko.exchange.file.SourceBytes;
import lunko.exchange.file.SourceText;
import lunko.exchange.file.Watch;
import lunko.exchange.sheet.OpenDocumentReader;
import lunko.exchange.sheet.Spreadsheet;
import lunko.exchange.sheet.WorkbookReader;
import lunko.lesson.TableSet;
import lunko.problem.Checked;
import lunko.problem.Limits;
import lunko.problem.Origin;

/**
 * A file on its way in, and how it is to be read: found by looking at it, shown, and put right before its tables are
 * taken.
 */
public sealed interface Intake {

    /** Separated values: everything about them can be put right. */
    record OfText(Path file, SourceBytes bytes, Dialect dialect) implements Intake {}

    /**
     * A spreadsheet.
     *
     * @param left the numbers of the sheets that are left out, counted from 0
     * @param range the cells that are meant, as in {@code B2:D9}; nothing means all
     * @param header whether the first line names the columns
     */
    record OfSheets(Path file, List<Spreadsheet> sheets, Set<Integer> left, String range, boolean header)
            implements Intake {

        /** Keeps its sheets as they are. */
        public OfSheets {
            sheets = List.copyOf(sheets);
            left = Set.copyOf(left);
        }

        private List<Spreadsheet> meant() {
            return IntStream.range(0, sheets.size()).filter(i -> !left.contains(i)).mapToObj(sheets::get).toList();
        }
    }

    /** A file in which nothing has to be put right: it says itself how it is to be read. */
    record Plain(Path file, Imported brought) implements Intake {}

    /** The file. */
    Path file();

    /** Looks at a file; a problem if it cannot be read, or the watch says stop. */
    static Checked<Intake> of(Path file, Watch watch) {
        return switch (TableFormat.of(file)) {
            case CSV, TSV -> SourceBytes.read(file, SourceText.MOST_BYTES, watch)
                    .map(bytes -> new OfText(file, bytes, Dialect.found(bytes.bytes())));
            case XLSX ->
                WorkbookReader.read(file, watch).map(sheets -> new OfSheets(file, sheets, Set.of(), "", true));
            case ODS ->
                OpenDocumentReader.read(file, watch).map(sheets -> new OfSheets(file, sheets, Set.of(), "", true));
            case SQL, DATA_PACKAGE, MARKDOWN, HTML ->
                TableFormat.read(file, watch).map(brought -> new Plain(file, brought));
        };
    }

    /** The tables that it gives as it is to be read now; a problem if that gives none. */
    default Checked<Imported> tables() {
        return switch (this) {
            case OfText(Path file, SourceBytes bytes, Dialect dialect) ->
                text(file, CsvReader.read(CsvReader.tableName(file), bytes, dialect));
            case OfSheets some -> sheets(some.file(), some.meant(), some.range(), some.header());
            case Plain(_, Imported brought) -> Checked.valid(brought);
        };
    }

    /** The table that was read of a text, and whether there would be more. */
    static Checked<Imported> text(Path file, Checked<CsvReader.Read> read) {
        return read.then(lines -> lines.grid().table()
                .map(table -> new Imported(TableSet.of(table), lines.isCut() ? List.of(new Imported.Note.Cut(
                        Objects.toString(file.getFileName()), table.rows().size(), Limits.ROWS)) : List.of())));
    }

    /** The tables of all sheets that have something in them. */
    static Checked<Imported> sheets(Path file, List<Spreadsheet> sheets) {
        return sheets(file, sheets, "", true);
    }

    private static Checked<Imported> sheets(Path file, List<Spreadsheet> sheets, String range, boolean header) {
        return Imported.of(Origin.file(file.toString()), sheets.stream().map(sheet -> sheet.range(range))
                .filter(part -> part.either(cells -> !cells.isEmpty(), _ -> true))
                .map(part -> part.then(cells -> cells.table(header))));
    }
}
