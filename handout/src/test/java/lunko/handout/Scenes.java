package lunko.handout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import lunko.handout.figure.Subject;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.WrittenQuery;
import lunko.lesson.course.Course;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import lunko.words.Language;
import lunko.words.english.English;

/** Scenes to be drawn: those of the demo lesson, and others made by chance. */
final class Scenes {
    static final Language ENGLISH = English.language();
    private static final String[] TEXTS = {"Clover", "O'Hara <b>&", "日本", "\"quoted\"", "", "javascript:x", "</svg>",
            "عسل", "a  b", "a very long name that no column of any table has room for, whatever it is called"};

    private Scenes() {}

    /** The demo lesson with all its scenes. */
    static Lesson demo() {
        return Course.HIVES_AND_KEEPERS.lesson();
    }

    /** The demo lesson, showing a query. */
    static Lesson demo(String sql) {
        return new SceneEdit.Write(Optional.of(WrittenQuery.of(sql))).applyTo(demo().at(1)).expect();
    }

    static Subject subject(Lesson lesson) {
        return new Subject(Showing.of(lesson, JoinAlgorithm.NESTED_LOOP), ENGLISH);
    }

    /** A join of two tables made by chance, of a kind made by chance, after some step. */
    static Subject random(long seed) {
        Random random = new Random(seed);
        Lesson lesson = Lesson.of("a < b & \"c\"", table("left_one", random), kind(random), table("right_one", random),
                List.of(new KeyPair("k", "k")));
        Subject subject = new Subject(Showing.of(lesson,
                JoinAlgorithm.values()[random.nextInt(JoinAlgorithm.values().length)]), ENGLISH);
        return subject.at(random.nextLong(subject.showing().last() + 1));
    }

    private static JoinKind kind(Random random) {
        return JoinKind.values()[random.nextInt(JoinKind.values().length)];
    }

    private static Table table(String name, Random random) {
        List<Row> rows = new ArrayList<>();
        int count = random.nextInt(7);
        for (int row = 0; row < count; row++)
            rows.add(new Row(row, List.of(
                    random.nextInt(4) == 0 ? Value.NULL : Value.of(random.nextInt(4)),
                    random.nextInt(5) == 0 ? Value.NULL : Value.of(TEXTS[random.nextInt(TEXTS.length)]))));
        return new Table(name, List.of(new Column("k", Type.INTEGER), new Column("what it is", Type.TEXT)), rows,
                count);
    }

    /** A table with more rows than any picture has room for. */
    static Lesson longTables() {
        List<Row> rows = IntStream.range(0, 10_000)
                .mapToObj(row -> new Row(row, List.of(Value.of(row), Value.of("row " + row)))).toList();
        Table table = new Table("many", List.of(new Column("k", Type.INTEGER), new Column("name", Type.TEXT)), rows,
                10_000);
        return Lesson.of("Many", table, JoinKind.INNER, table.named("others"), List.of(new KeyPair("k", "k")));
    }
}
