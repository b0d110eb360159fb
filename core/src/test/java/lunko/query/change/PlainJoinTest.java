package lunko.query.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.sql.SqlWriter;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import org.junit.jupiter.api.Test;

/** LaneShape joins as SQL text. */
class PlainJoinTest {
    private final Table hives = Table.empty("hives", new Column("no", Type.INTEGER), new Column("order", Type.TEXT));
    private final Table huts =
            Table.empty("hut list", new Column("no", Type.INTEGER), new Column("say \"x\"", Type.TEXT));

    @Test
    void namesThatSqlWouldMisreadAreQuotedAndAliasesDiffer() {
        PlainJoin join = PlainJoin.of(hives, JoinKind.FULL_OUTER, huts,
                List.of(new KeyPair("no", "no"), new KeyPair("order", "say \"x\"")));
        assertThat(new SqlWriter().query(join.query())).isEqualTo(
                "SELECT * FROM hives l FULL JOIN \"hut list\" r ON l.no = r.no AND l.\"order\" = r.\"say \"\"x\"\"\"");
        assertThat(new SqlWriter().query(join.of(JoinKind.CROSS).query()))
                .isEqualTo("SELECT * FROM hives l CROSS JOIN \"hut list\" r");
    }
}
