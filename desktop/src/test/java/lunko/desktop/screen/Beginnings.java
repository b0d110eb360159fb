package lunko.desktop.screen;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.query.JoinKind;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** What a person may begin with: the demo lesson, other scenes of it, a new lesson, two tables of their own. */
final class Beginnings {
    private static final List<String> SCENES = List.of(
            "SELECT h.hive, k.keeper, r.kg FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id JOIN harvests "
                    + "r ON r.hive_no = h.hive_no WHERE r.kg > 4 ORDER BY r.kg",
            "SELECT * FROM hives CROSS JOIN meadows", "SELECT * FROM hives d JOIN hives m ON d.mother_no = m.hive_no",
            "SELECT keeper FROM keepers WHERE keeper_id NOT IN (SELECT keeper_id FROM hives)",
            "SELECT * FROM harvests r JOIN grades g ON r.kg BETWEEN g.from_kg AND g.to_kg");
    private static final List<String> TEXTS =
            List.of("", "Clover", "a long text about a meadow by the river", "12", "ö'\"|", "Oda");
    private static final int MOST_COLUMNS = 10;
    private static final int MOST_ROWS = 40;

    private Beginnings() {}

    /** All of them. */
    static Arbitrary<Lesson> all() {
        Arbitrary<Lesson> scenes = Arbitraries.of(SCENES)
                .map(sql -> SceneEdit.Write.of(sql).applyTo(DemoLesson.lesson()).expect());
        Arbitrary<Lesson> own = Combinators.combine(Arbitraries.randoms(), Arbitraries.of(JoinKind.class))
                .as((random, kind) -> Lesson.on(table("hives", random), kind, table("plots", random)));
        return Arbitraries.oneOf(Arbitraries.create(DemoLesson::lesson), scenes,
                Arbitraries.create(Lesson::begun), own);
    }

    private static Table table(String name, Random random) {
        int columns = 1 + random.nextInt(MOST_COLUMNS);
        List<Type> types = IntStream.range(0, columns).mapToObj(_ -> Type.values()[random.nextInt(3)]).toList();
        return Table.of(name,
                IntStream.range(0, columns)
                        .mapToObj(i -> new Column(i == 0 ? "plot_no" : name + "_column_" + i, types.get(i))).toList(),
                IntStream.range(0, random.nextInt(MOST_ROWS))
                        .mapToObj(_ -> types.stream().map(type -> value(type, random)).toList()).toList());
    }

    private static Value value(Type type, Random random) {
        if (random.nextInt(4) == 0) return Value.NULL;
        String text = switch (type) {
            case INTEGER -> String.valueOf(random.nextInt(9));
            case DECIMAL -> random.nextInt(9) + ".5";
            case BOOLEAN -> String.valueOf(random.nextBoolean());
            case DATE -> "2026-05-0" + (1 + random.nextInt(9));
            case TEXT -> TEXTS.get(random.nextInt(TEXTS.size()));
        };
        return type.read(text).orElseThrow();
    }
}
