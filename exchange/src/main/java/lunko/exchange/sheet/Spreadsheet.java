package lunko.exchange.sheet;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import lunko.exchange.grid.Grid;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Table;
import lunko.table.Type;

/**
 * A sheet of a spreadsheet: its cells in rows; an empty cell is nothing.
 *
 * @param isCut whether the sheet has more than these, and so more than any table
 */
public record Spreadsheet(String source, String name, List<List<Optional<Cell>>> cells, boolean isCut) {
    private static final Pattern RANGE =
            Pattern.compile("\\$?([A-Z]{1,3})\\$?([1-9][0-9]{0,6}):\\$?([A-Z]{1,3})\\$?([1-9][0-9]{0,6})");

    /** What stands in a cell, and whether the sheet says that it is a text, whatever it looks like. */
    record Cell(String text, boolean isText) {

        /** What stands in a cell and is what it looks like. */
        static Optional<Cell> of(String text) {
            return Optional.of(new Cell(text, false));
        }
    }

    /**
     * The cells in a range as spreadsheets write it, such as {@code B2:D9}; a problem if it is none. Nothing means all.
     */
    public Checked<Spreadsheet> range(String range) {
        if (range.isBlank()) return Checked.valid(this);
        Matcher ends = RANGE.matcher(range.strip().toUpperCase(Locale.ROOT));
        if (!ends.matches()) return Checked.invalid(
                new FileFault.NoRange(range.strip()));
        int firstRow = Integer.parseInt(ends.group(2)) - 1;
        int lastRow = Integer.parseInt(ends.group(4)) - 1;
        int firstColumn = column(ends.group(1));
        int lastColumn = column(ends.group(3));
        if (isCut && (lastRow >= cells.size() || lastColumn >= SheetCells.MOST_COLUMNS)) {
            return Checked.invalid(new FileFault.RangeTooFar(name, cells.size(), SheetCells.MOST_COLUMNS));
        }
        return Checked.valid(new Spreadsheet(source, name,
                IntStream.range(0, cells.size())
                        .mapToObj(row -> row < firstRow || row > lastRow ? List.<Optional<Cell>>of()
                                : IntStream.range(0, cells.get(row).size())
                                        .mapToObj(column -> column < firstColumn || column > lastColumn
                                                ? Optional.<Cell>empty() : cells.get(row).get(column))
                                        .toList())
                        .toList(),
                false));
    }

    /** The number of a column by the letters that a place begins with, as in {@code B2}, counted from 0. */
    static int column(String place) {
        int number = 0;
        for (int i = 0; i < place.length() && place.charAt(i) >= 'A' && place.charAt(i) <= 'Z'; i++)
            number = number * 26 + place.charAt(i) - 'A' + 1;
        return number - 1;
    }

    /** Whether nothing is in it. */
    public boolean isEmpty() {
        return cells.stream().allMatch(row -> row.stream().allMatch(Optional::isEmpty));
    }

    /** The part of the sheet that has anything in it as a table; a problem if it is none. */
    public Checked<Table> table(boolean header) {
        if (isCut)
            return Checked.invalid(Problem.at(Place.in(new Origin.Sheet(source, name)), new FileFault.SheetTooLarge()));
        Grid all = grid();
        Grid named = header ? all : all.unnamed();
        if (all.lines().isEmpty()) return named.table();
        Set<String> texts = texts(named.lines().getFirst(), header);
        return named.table(column -> texts.contains(column) ? Optional.of(Type.TEXT) : Optional.empty());
    }

    /** The part of the sheet that has anything in it, all lines of one length. */
    private Grid grid() {
        int first = firstColumn();
        int last = cells.stream().mapToInt(row -> last(row)).max().orElse(-1);
        Origin where = new Origin.Sheet(source, name);
        List<Grid.Line> lines = new ArrayList<>();
        for (int row = 0; row < cells.size(); row++) {
            List<Optional<Cell>> line = cells.get(row);
            if (last(line) < 0) continue;
            lines.add(new Grid.Line(Place.line(where, row + 1), IntStream.rangeClosed(first, last)
                    .mapToObj(column -> column < line.size() ? line.get(column).map(Cell::text)
                            : Optional.<String>empty())
                    .toList()));
        }
        return new Grid(name, Place.in(where), lines);
    }

    /** The names of the columns in which every cell is a text by what the sheet says. */
    private Set<String> texts(Grid.Line names, boolean header) {
        int first = firstColumn();
        List<List<Optional<Cell>>> rows =
                cells.stream().filter(row -> last(row) >= 0).skip(header ? 1 : 0).toList();
        Set<String> texts = new HashSet<>();
        for (int column = 0; column < names.fields().size(); column++) {
            int at = first + column;
            List<Cell> there = rows.stream().filter(row -> at < row.size()).flatMap(row -> row.get(at).stream())
                    .toList();
            if (!there.isEmpty() && there.stream().allMatch(Cell::isText))
                texts.add(names.fields().get(column).orElse("").strip());
        }
        return texts;
    }

    private int firstColumn() {
        return cells.stream().filter(row -> last(row) >= 0)
                .mapToInt(row -> IntStream.range(0, row.size()).filter(column -> row.get(column).isPresent())
                        .findFirst().orElseThrow())
                .min().orElse(0);
    }

    private static int last(List<Optional<Cell>> row) {
        int last = row.size() - 1;
        while (last >= 0 && row.get(last).isEmpty()) last--;
        return last;
    }
}
