package lunko.exchange.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import lunko.exchange.grid.Grid;
import lunko.problem.Checked;
import lunko.problem.Place;

/** A sheet of a spreadsheet: its cells as texts, in rows; an empty cell is nothing. */
public record Spreadsheet(String source, String name, List<List<Optional<String>>> cells) {
    private static final Pattern RANGE =
            Pattern.compile("\\$?([A-Z]{1,3})\\$?([1-9][0-9]{0,6}):\\$?([A-Z]{1,3})\\$?([1-9][0-9]{0,6})");

    /**
     * The cells in a range as spreadsheets write it, such as {@code B2:D9}; a problem if it is none. Nothing means all.
     */
    public Checked<Spreadsheet> range(String range) {
        if (range.isBlank()) return Checked.valid(this);
        Matcher ends = RANGE.matcher(range.strip().toUpperCase(Locale.ROOT));
        if (!ends.matches()) return Checked.invalid(
                "“" + range.strip() + "” is no range of cells: write the first and the last cell, as in B2:D9.");
        int firstRow = Integer.parseInt(ends.group(2)) - 1;
        int lastRow = Integer.parseInt(ends.group(4)) - 1;
        int firstColumn = column(ends.group(1));
        int lastColumn = column(ends.group(3));
        return Checked.valid(new Spreadsheet(source, name,
                IntStream.range(0, cells.size())
                        .mapToObj(row -> row < firstRow || row > lastRow ? List.<Optional<String>>of()
                                : IntStream.range(0, cells.get(row).size())
                                        .mapToObj(column -> column < firstColumn || column > lastColumn
                                                ? Optional.<String>empty() : cells.get(row).get(column))
                                        .toList())
                        .toList()));
    }

    private static int column(String letters) {
        return letters.chars().reduce(0, (sum, letter) -> sum * 26 + letter - 'A' + 1) - 1;
    }

    /** The part of the sheet that has anything in it, all lines of one length. */
    public Grid grid() {
        List<Integer> rows = IntStream.range(0, cells.size())
                .filter(row -> cells.get(row).stream().anyMatch(Optional::isPresent)).boxed().toList();
        int first = rows.stream().flatMap(row -> columns(row).boxed()).min(Integer::compare).orElse(0);
        int last = rows.stream().flatMap(row -> columns(row).boxed()).max(Integer::compare).orElse(-1);
        String where = source + ", sheet " + name;
        List<Grid.Line> lines = new ArrayList<>();
        for (int row : rows) {
            List<Optional<String>> line = cells.get(row);
            lines.add(new Grid.Line(Place.line(where, row + 1), IntStream.rangeClosed(first, last)
                    .mapToObj(column -> column < line.size() ? line.get(column) : Optional.<String>empty()).toList()));
        }
        return new Grid(name, Place.in(where), lines);
    }

    private IntStream columns(int row) {
        return IntStream.range(0, cells.get(row).size()).filter(column -> cells.get(row).get(column).isPresent());
    }
}
