package lunko.lesson;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/** The lesson that Lunko opens with: beehives and who keeps them, with every case a first join should show. */
public final class DemoLesson {
    private DemoLesson() {}

    /** The lesson, fresh. */
    public static Lesson lesson() {
        List<Link> links = List.of(
                link("hives", "keepers", "keeper_id"), link("harvests", "hives", "hive_no"),
                link("visits", "keepers", "keeper_id"), link("visits", "hives", "hive_no"),
                new Link("hives", "hives", List.of(new KeyPair("mother_no", "hive_no"))));
        return new Lesson("Hives and keepers", List.of(hives(), keepers(), harvests(), grades(), meadows(), visits()),
                links,
                new Layout(Map.of(), Set.of("harvests", "grades", "meadows", "visits")),
                Scenes.of(Scene.of("hives", JoinKind.LEFT_OUTER, "keepers").telling(Telling.SILENT.noting(
                        "Ask before you press play: how many rows will there be, and whose name is in them twice?"))));
    }

    private static Link link(String left, String right, String column) {
        return new Link(left, right, List.of(new KeyPair(column, column)));
    }

    /**
     * Five hives: two of one keeper, one of nobody, and one whose keeper is not in the other table; some were split
     * from another.
     */
    private static Table hives() {
        return table("hives",
                List.of(new Column("hive_no", Type.INTEGER).asKey(), new Column("hive", Type.TEXT),
                        new Column("keeper_id", Type.INTEGER),
                        new Column("mother_no", Type.INTEGER)),
                "1 Clover 11 NULL", "2 Heather 12 1", "3 Linden NULL 1", "4 Bramble 11 2", "5 Sainfoin 15 NULL");
    }

    /** Four keepers, of whom two keep nothing. */
    private static Table keepers() {
        return table("keepers",
                List.of(new Column("keeper_id", Type.INTEGER).asKey(), new Column("keeper", Type.TEXT),
                        new Column("village", Type.TEXT)),
                "11 Oda Ashholt", "12 Tam Reedmere", "13 Bert Ashholt", "14 Yara Low_Fold");
    }

    /** One hive has many harvests, one has none, and one harvest is of a hive that is gone. */
    private static Table harvests() {
        return table("harvests",
                List.of(new Column("hive_no", Type.INTEGER), new Column("day", Type.DATE),
                        new Column("kg", Type.DECIMAL)),
                "1 2026-06-02 4.5", "1 2026-07-11 6.0", "1 2026-08-20 2.5", "2 2026-06-03 3.5", "2 2026-07-12 7.5",
                "4 2026-06-02 5.0",
                "5 2026-07-15 1.5", "5 2026-08-21 4.0", "9 2026-06-05 3.0");
    }

    /** What a harvest is worth by its weight: a join by range. */
    private static Table grades() {
        return table("grades",
                List.of(new Column("grade", Type.TEXT).asKey(), new Column("from_kg", Type.DECIMAL),
                        new Column("to_kg", Type.DECIMAL)),
                "light 0.0 2.99", "good 3.0 5.99", "heavy 6.0 9.99");
    }

    /** Where hives could stand. */
    private static Table meadows() {
        return table("meadows", List.of(new Column("meadow", Type.TEXT).asKey(), new Column("flower", Type.TEXT)),
                "Longacre clover", "Millbank heather", "Overway NULL");
    }

    /** Who has looked after which hive, and when: many to many. */
    private static Table visits() {
        return table("visits",
                List.of(new Column("keeper_id", Type.INTEGER), new Column("hive_no", Type.INTEGER),
                        new Column("day", Type.DATE)),
                "11 1 2026-05-01", "11 4 2026-05-01", "12 2 2026-05-02", "13 1 2026-05-08", "11 1 2026-05-15",
                "12 9 2026-05-16");
    }

    /** Fields stand between blanks; a blank inside one is written as a line. */
    private static Table table(String name, List<Column> columns, String... rows) {
        List<List<Value>> values = Stream.of(rows).map(row -> {
            String[] fields = row.split(" ");
            return IntStream.range(0, fields.length).mapToObj(i -> columns.get(i).entry(fields[i].replace('_', ' ')))
                    .map(Entry::value).toList();
        }).toList();
        return Table.of(name, columns, values);
    }
}
