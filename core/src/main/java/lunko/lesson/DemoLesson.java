package lunko.lesson;

import java.util.List;
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
                List.of(new KeyPair("keeper_id", "keeper_id")));
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
}
