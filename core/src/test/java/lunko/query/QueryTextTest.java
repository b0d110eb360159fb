package lunko.query;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import org.junit.jupiter.api.Test;

/** Queries as SQL text. */
class QueryTextTest {
    private final Table hives = Table.empty("hives", new Column("no", Type.INTEGER), new Column("order", Type.TEXT));
    private final Table huts =
            Table.empty("hut list", new Column("no", Type.INTEGER), new Column("say \"x\"", Type.TEXT));

    @Test
    void namesThatSqlWouldMisreadAreQuotedAndAliasesDiffer() {
        Query query = Query.of(hives, JoinKind.FULL_OUTER, huts,
                List.of(new KeyPair("no", "no"), new KeyPair("order", "say \"x\"")));
        assertThat(new QueryText(query).whole().text()).isEqualTo("SELECT * FROM hives l FULL JOIN \"hut list\" r "
                + "ON l.no = r.no AND l.\"order\" = r.\"say \"\"x\"\"\"");
        assertThat(new QueryText(query.of(JoinKind.CROSS)).whole().text())
                .isEqualTo("SELECT * FROM hives l CROSS JOIN \"hut list\" r");
    }
}
