package lunko.lesson;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/** The lesson that Lunko opens with: beehives and who keeps them, with every case a first join should show. */
public final class DemoLesson {
    private DemoLesson() {}

    /** The lesson, fresh. */
    public static Lesson lesson() {
        return new Lesson("Hives and keepers", hives(), keepers(), JoinKind.LEFT_OUTER,
                List.of(new KeyPair("keeper_id", "keeper_id")), List.of(harvests(), grades(), meadows(), visits()));
    }

    /** Five hives: two of one keeper, one of nobody, and one whose keeper is not in the other table. */
    private static Table hives() {
        return Table.empty("hives", new Column("hive_no", Type.INTEGER), new Column("hive", Type.TEXT),
                        new Column("keeper_id", Type.INTEGER))
                .plus(Value.of(1), Value.of("Clover"), Value.of(11))
                .plus(Value.of(2), Value.of("Heather"), Value.of(12))
                .plus(Value.of(3), Value.of("Linden"), Value.NULL)
                .plus(Value.of(4), Value.of("Bramble"), Value.of(11))
                .plus(Value.of(5), Value.of("Sainfoin"), Value.of(15));
    }

    /** Four keepers, of whom two keep nothing. */
    private static Table keepers() {
        return Table.empty("keepers", new Column("keeper_id", Type.INTEGER), new Column("keeper", Type.TEXT),
                        new Column("village", Type.TEXT))
                .plus(Value.of(11), Value.of("Oda"), Value.of("Ashholt"))
                .plus(Value.of(12), Value.of("Tam"), Value.of("Reedmere"))
                .plus(Value.of(13), Value.of("Bert"), Value.of("Ashholt"))
                .plus(Value.of(14), Value.of("Yara"), Value.of("Low Fold"));
    }

    /** One hive has many harvests, one has none, and one harvest is of a hive that is gone. */
    private static Table harvests() {
        return table("harvests", List.of(new Column("hive_no", Type.INTEGER), new Column("day", Type.DATE), new Column("kg", Type.DECIMAL)),
                "1 2026-06-02 4.5", "1 2026-07-11 6.0", "1 2026-08-20 2.5", "2 2026-06-03 3.5", "2 2026-07-12 7.5", "4 2026-06-02 5.0",
                "5 2026-07-15 1.5", "5 2026-08-21 4.0", "9 2026-06-05 3.0");
    }

    /** What a harvest is worth by its weight: a join by range. */
    private static Table grades() {
        return table("grades", List.of(new Column("grade", Type.TEXT), new Column("from_kg", Type.DECIMAL), new Column("to_kg", Type.DECIMAL)),
                "light 0.0 2.99", "good 3.0 5.99", "heavy 6.0 9.99");
    }

    /** Where hives could stand. */
    private static Table meadows() {
        return table("meadows", List.of(new Column("meadow", Type.TEXT), new Column("flower", Type.TEXT)), "Longacre clover", "Millbank heather", "Overway NULL");
    }

    /** Who has looked after which hive, and when: many to many. */
    private static Table visits() {
        return table("visits", List.of(new Column("keeper_id", Type.INTEGER), new Column("hive_no", Type.INTEGER), new Column("day", Type.DATE)),
                "11 1 2026-05-01", "11 4 2026-05-01", "12 2 2026-05-02", "13 1 2026-05-08", "11 1 2026-05-15", "12 9 2026-05-16");
    }

    private static Table table(String name, List<Column> columns, String... rows) {
        return Table.of(name, columns, Stream.of(rows).map(row -> {
            String[] fields = row.split(" ");
            return IntStream.range(0, fields.length).mapToObj(i -> columns.get(i).valueOf(fields[i]).expect()).toList();
        }).toList());
    }
}
