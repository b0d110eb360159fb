package lunko.bench;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import lunko.engine.JoinResult;
import lunko.engine.Joined;
import lunko.lesson.Lesson;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/** Two tables with keys drawn evenly from as many values as there are rows, one in a hundred of them NULL. */
record Data(Table left, Table right) {

    static Data of(int rows) {
        return new Data(table("hives", rows, new Random(1)), table("keepers", rows, new Random(2)));
    }

    private static Table table(String name, int rows, Random random) {
        List<Row> all = IntStream.range(0, rows).mapToObj(i -> new Row(i, List.of(
                random.nextInt(100) == 0 ? Value.NULL : Value.of(random.nextInt(rows)), Value.of(name + i)))).toList();
        return new Table(name, List.of(new Column("id", Type.INTEGER), new Column("label", Type.TEXT)), all, rows);
    }

    /** The lesson that joins them. */
    Lesson lesson(JoinKind kind) {
        return Lesson.of("", left, kind, right, List.of(new KeyPair("id", "id")));
    }

    /** What the join of them gives. */
    JoinResult outcome(JoinKind kind) {
        return JoinResult.of((Joined) lesson(kind).staged().result().expect());
    }
}
