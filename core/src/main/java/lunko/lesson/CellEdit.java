package lunko.lesson;

import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Stream;
import lunko.problem.Checked;
import lunko.table.Block;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.words.EditSentences;

/** A change to what stands in the cells of a table. What is typed is kept, whether it fits its column or not. */
public sealed interface CellEdit extends Edit {

    /** The table, by name. */
    String table();

    /** Something typed into a cell. */
    record Type(String table, long rowId, int column, String typed) implements CellEdit {}

    /** The same typed into each cell of a block: nothing clears it, {@code NULL} makes it NULL. */
    record Put(String table, Block block, String typed) implements CellEdit {}

    /**
     * A block of texts, as if each were typed, with its upper left corner at a cell; rows and columns are added as they
     * are needed.
     */
    record Paste(String table, int row, int column, List<List<String>> typed) implements CellEdit {}

    /** What stands in the first row of a block, in each row of it; of a block of one row, the row above it. */
    record FillDown(String table, Block block) implements CellEdit {}

    @Override
    default Checked<Lesson> applyTo(Lesson lesson) {
        return Checked.valid(lesson.change(table(), before -> switch (this) {
            case Type(_, long rowId, int column, String typed) -> type(before, rowId, column, typed);
            case Put(_, Block block, String typed) ->
                before.changing(block, (_, column, _) -> before.columns().get(column).entry(typed));
            case Paste(_, int row, int column, List<List<String>> typed) -> paste(before, row, column, typed);
            case FillDown(_, Block block) -> fillDown(before, block);
        }));
    }

    @Override
    default String name(Lesson before, EditSentences in) {
        Table table = before.table(table());
        return switch (this) {
            case Type(_, long rowId, int column, _) -> in.changeCell(table.columns().get(column).name(),
                    table.position(rowId).orElse(-1) + 1, table.name());
            case Put(_, Block block, String typed) when typed.isEmpty() -> in.clear(cells(block));
            case Put(_, Block block, String typed) -> in.put(typed, cells(block));
            case Paste(_, _, _, List<List<String>> typed) -> in.paste(typed.size(), table());
            case FillDown(_, Block block) -> in.fillDown(cells(block));
        };
    }

    private EditSentences.Cells cells(Block block) {
        return new EditSentences.Cells(table(), block.size());
    }

    private static Table type(Table before, long rowId, int column, String typed) {
        OptionalInt row = before.position(rowId);
        if (row.isEmpty()) return before;
        Table opened = settled(before, column, List.of(typed));
        return opened.with(rowId, column, opened.columns().get(column).entry(typed));
    }

    /** A column that is open gets the narrowest type that the first texts typed into it fit. */
    static Table settled(Table table, int at, List<String> typed) {
        Column column = table.columns().get(at);
        if (!column.open()) return table;
        List<String> values = typed.stream().filter(text -> !column.entry(text).value().isNull() && !text.isBlank())
                .map(String::strip).toList();
        return values.isEmpty() ? table : table.withColumn(at, column.of(lunko.table.Type.narrowest(values)));
    }

    private static Table paste(Table before, int row, int column, List<List<String>> typed) {
        int width = typed.stream().mapToInt(List::size).max().orElse(0);
        Table grown = before;
        while (grown.columns().size() < column + width) {
            grown = grown.insertingColumn(grown.columns().size(), ColumnEdit.unnamed(grown));
        }
        for (int i = 0; i < width; i++) {
            int from = i;
            grown = settled(grown, column + i, typed.stream()
                    .flatMap(line -> from < line.size() ? Stream.of(line.get(from)) : Stream.empty()).toList());
        }
        int missing = Math.max(0, row + typed.size() - grown.rows().size());
        Table wide = grown.inserting(grown.rows().size(), Collections.nCopies(missing, grown.blank()));
        return wide.changing(new Block(row, row + typed.size() - 1, column, column + width - 1), (r, c, now) -> {
            List<String> line = typed.get(r - row);
            return c - column < line.size() ? wide.columns().get(c).entry(line.get(c - column)) : now;
        });
    }

    private static Table fillDown(Table before, Block block) {
        int from = block.height() == 1 ? block.firstRow() - 1 : block.firstRow();
        if (from < 0 || from >= before.rows().size()) return before;
        Row source = before.rows().get(from);
        return before.changing(block, (_, column, _) -> source.entry(column));
    }
}
