package lunko.lesson.mistake;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.lesson.AliasedTable;
import lunko.lesson.Lesson;
import lunko.lesson.own.OwnTables;
import lunko.query.KeyPair;
import lunko.table.Block;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.FreeName;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/** Mistakes with the condition of a join: another one, or none. */
final class Conditions {
    private static final String LINE = "line";

    private Conditions() {}

    /** Rows side by side, as when the columns of one table are pasted beside those of another. */
    static Stream<Shown> byPosition(Ground ground) {
        return ground.ties().stream().filter(tie -> !tie.left().rows().isEmpty() && !tie.right().rows().isEmpty()
                && isStored(ground.lesson(), tie.left()) && isStored(ground.lesson(), tie.right())).map(tie -> {
                    List<AliasedTable> tables = AliasedTable.of(tie.left(), tie.right());
                    String line = FreeName.of(LINE, "_", name -> tie.left().column(name).isPresent()
                            || tie.right().column(name).isPresent());
                    Shown shown = Shown.of(joined(tables, List.of(new KeyPair(line, line))),
                            joined(tables, tie.on()));
                    return new Shown(shown.wrong(), shown.mended(), Optional.of(numbered(ground.lesson(), tie, line)));
                });
    }

    private static boolean isStored(Lesson lesson, Table table) {
        return !lesson.views().has(table.name());
    }

    /** The tables with the numbers of their lines in a column. */
    private static OwnTables numbered(Lesson lesson, Tie tie, String line) {
        OwnTables own = lesson.scene().own().orElse(OwnTables.SAME);
        for (Table table : List.of(tie.left(), tie.right())) {
            Table wide = table.insertingColumn(0, new Column(line, Type.INTEGER));
            Table counted = wide.changing(Block.column(wide, 0), (row, _, _) -> Entry.of(Value.of(row + 1)));
            own = own.becoming(lesson.shared(), counted, 0);
        }
        return own;
    }

    private static String joined(List<AliasedTable> tables, List<KeyPair> on) {
        return "SELECT * FROM " + tables.getFirst().item() + " JOIN " + tables.getLast().item() + " ON "
                + tables.getFirst().equal(tables.getLast(), on);
    }

    /** Another pair of columns of which some values are the same. */
    static Stream<Shown> wrongColumn(Ground ground) {
        return ground.ties().stream().flatMap(tie -> agreeing(tie).stream().map(other -> {
            List<AliasedTable> tables = AliasedTable.of(tie.left(), tie.right());
            return Shown.of(joined(tables, List.of(other)), joined(tables, tie.on()));
        }));
    }

    /** The columns, other than those that belong together, whose values agree most often, where some do. */
    private static Optional<KeyPair> agreeing(Tie tie) {
        List<KeyPair> pairs = new ArrayList<>();
        for (Column left : tie.left().columns()) {
            for (Column right : tie.right().columns()) {
                KeyPair pair = new KeyPair(left.name(), right.name());
                boolean half = tie.on().stream()
                        .anyMatch(on -> on.left().equals(left.name()) || on.right().equals(right.name()));
                if (half && !tie.on().contains(pair) && left.type().comparesWith(right.type())) pairs.add(pair);
            }
        }
        List<Long> matches = pairs.stream()
                .map(pair -> new Tie(tie.left(), tie.right(), List.of(pair)).check().tally().pairs()).toList();
        return IntStream.range(0, pairs.size()).filter(i -> matches.get(i) > 0).boxed()
                .max((one, other) -> Long.compare(matches.get(one), matches.get(other))).map(pairs::get);
    }

    /** A comma, and nothing that says which rows belong together. */
    static Stream<Shown> none(Ground ground) {
        return ground.ties().stream().filter(tie -> !tie.left().rows().isEmpty() && !tie.right().rows().isEmpty())
                .map(tie -> {
                    List<AliasedTable> tables = AliasedTable.of(tie.left(), tie.right());
                    return Shown.of("SELECT * FROM " + tables.getFirst().item() + ", " + tables.getLast().item(),
                            joined(tables, tie.on()));
                });
    }
}
