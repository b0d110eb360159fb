package lunko.query.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lunko.problem.Stretch;
import lunko.query.sql.Completion.Kind;
import lunko.query.sql.Completion.Proposal;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import org.junit.jupiter.api.Test;

/** What can be written at a place; the bar is the caret. */
class CompletionTest {
    private static final List<Table> TABLES = List.of(
            Table.of("hives",
                    List.of(new Column("hive_no", Type.INTEGER), new Column("hive", Type.TEXT),
                            new Column("keeper_id", Type.INTEGER)),
                    List.of()),
            Table.of("keepers", List.of(new Column("keeper_id", Type.INTEGER), new Column("home village", Type.TEXT)),
                    List.of()));

    @Test
    void tablesStandBehindFromAndJoin() {
        assertThat(texts("SELECT * FROM |", Kind.TABLE)).containsExactly("hives", "keepers");
        assertThat(texts("SELECT * FROM hives h LEFT JOIN k|", Kind.TABLE)).containsExactly("keepers");
        assertThat(texts("SELECT * FROM hives, |", Kind.TABLE)).containsExactly("hives", "keepers");
    }

    @Test
    void columnsAreThoseOfTheRightTable() {
        assertThat(texts("SELECT h.| FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id", Kind.COLUMN))
                .containsExactly("hive_no", "hive", "keeper_id");
        assertThat(texts("SELECT * FROM hives h JOIN keepers k ON h.keeper_id = k.h|", Kind.COLUMN))
                .containsExactly("\"home village\"");
        assertThat(texts("SELECT * FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id WHERE kee|", Kind.COLUMN))
                .containsExactly("h.keeper_id", "k.keeper_id");
        assertThat(texts("SELECT hive| FROM hives", Kind.COLUMN)).containsExactly("hive_no");
        assertThat(texts("SELECT k|", Kind.COLUMN)).containsExactly("hives.keeper_id", "keepers.keeper_id");
        assertThat(texts("SELECT hi|", Kind.COLUMN)).containsExactly("hive_no", "hive", "hives.keeper_id");
        assertThat(texts("SELECT * FROM keepers k WHERE k|", Kind.ALIAS)).containsExactly("k.");
        assertThat(texts("SELECT * FROM hives h; SELECT * FROM keepers WHERE h.|", Kind.COLUMN)).isEmpty();
        assertThat(texts("SELECT * FROM hives h; SELECT * FROM keepers WHERE |", Kind.COLUMN))
                .containsExactly("keeper_id", "\"home village\"");
    }

    @Test
    void whatWithNamesIsATable() {
        String heavy = "WITH heavy AS (SELECT k.keeper_id, COUNT(*) AS total FROM keepers k GROUP BY k.keeper_id), "
                + "old (x, y) AS (SELECT 1, 2) SELECT ";
        assertThat(texts(heavy + "* FROM |", Kind.TABLE)).containsExactly("heavy", "old", "hives", "keepers");
        assertThat(texts(heavy + "h.| FROM heavy h", Kind.COLUMN)).containsExactly("keeper_id", "total");
        assertThat(texts(heavy + "| FROM old", Kind.COLUMN)).contains("x", "y");
        assertThat(texts("WITH heavy AS (SELECT | FROM keepers)", Kind.COLUMN)).contains("keeper_id");
        assertThat(texts("WITH heavy AS (SELECT 1 AS n FROM |", Kind.TABLE)).contains("hives");
    }

    @Test
    void wordsAreThoseThatCanStandThereInTheWritersCase() {
        assertThat(texts("SELECT * FROM hives L|", Kind.WORD)).containsExactly("LEFT", "LIMIT");
        assertThat(texts("select * from hives h left join keepers k o|", Kind.WORD)).containsExactly("on", "order",
                "offset");
        assertThat(texts("|", Kind.WORD)).contains("SELECT").doesNotContain("FROM", "JOIN");
        assertThat(texts("SELECT * FROM hives |", Kind.COLUMN)).isEmpty();
        assertThat(Completion.at("SELECT * FROM hives WHERE hive = 'Cl|'".replace("|", ""), 35, TABLES).proposals())
                .isEmpty();
        assertThat(Completion.at("SELECT 1 -- fr", 14, TABLES).proposals()).isEmpty();
        assertThat(Completion.at("SELECT * FROM hives L", 21, TABLES).from()).isEqualTo(20);
    }

    @Test
    void wordsOfATextAreToldApartEvenWhereItIsNoSqlYet() {
        String text = "SELECT 'a' -- so\nFROM hives, (1.5 \"";
        assertThat(Lexeme.of(text)).extracting(lexeme -> lexeme.kind() + " " + lexeme.at().of(text)).containsExactly(
                "WORD SELECT", "TEXT 'a'", "COMMENT -- so", "WORD FROM", "NAME hives", "SIGN ,", "SIGN (", "NUMBER 1.5",
                "STRANGE \"");
        assertThat(parentheses("f(a, (b))", 2)).extracting(Stretch::start).containsExactly(1, 8);
        assertThat(parentheses("f(a, (b))", 8)).extracting(Stretch::start).containsExactly(5, 7);
        assertThat(parentheses("f(a", 1)).hasSize(1);
        assertThat(parentheses("f(a)", 0)).isEmpty();
    }

    private static List<Stretch> parentheses(String text, int caret) {
        return Lexeme.parentheses(text, Lexeme.of(text), caret);
    }

    private static List<String> texts(String text, Kind kind) {
        int caret = text.indexOf('|');
        return Completion.at(text.replace("|", ""), caret, TABLES).proposals().stream()
                .filter(proposal -> proposal.kind() == kind).map(Proposal::text).toList();
    }
}
