package lunko.exchange.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.exchange.grid.Grid;
import lunko.problem.Place;

/** A sheet of a spreadsheet: its cells as texts, in rows; an empty cell is nothing. */
public record Sheet(String source, String name, List<List<Optional<String>>> cells) {

    /** The part of the sheet that has anything in it, all lines of one length. */
    public Grid grid() {
        List<Integer> rows = IntStream.range(0, cells.size()).filter(row -> cells.get(row).stream().anyMatch(Optional::isPresent)).boxed().toList();
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
