package lunko.insight.comparison;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lunko.Tables;
import lunko.TwoTables;
import lunko.engine.Stage;
import lunko.lesson.DemoLesson;
import lunko.lesson.WrittenQuery;
import lunko.query.JoinKind;
import lunko.query.change.Rephrasing.Caveat;
import lunko.query.change.RephrasingKind;
import lunko.table.Table;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;

/** The other ways to say a query, and on which tables they are none. */
@Domain(lunko.Tables.class)
@Domain(DomainContext.Global.class)
class RephrasingsTest {
    private static final List<Table> DEMO = DemoLesson.lesson().tables();
    private static final String ON = " ON h.keeper_id = k.keeper_id";

    @Property(tries = 60)
    void waysThatAreAlwaysEqualGiveTheSameRowsOnAnyTables(@ForAll TwoTables two) {
        WrittenQuery query = WrittenQuery.of(two.sql());
        List<Table> tables = two.tables();
        for (TriedRephrasing form : query.otherWays(tables, 0, "keepers").expect()) {
            if (form.said().kind().alwaysEqual())
                assertThat(form.said().text().isEmpty() || form.here().orElseThrow().isSame()).as(form.toString())
                        .isTrue();
            // A way back: what is chosen can be said in the first words again.
            if (form.here().isPresent())
                assertThat(form.said().text().map(text -> WrittenQuery.of(text).on(tables).expect().rows().size()))
                        .contains(form.here().get().others());
        }
    }

    @Example
    void eachKindHasItsWays() {
        assertWays("SELECT * FROM hives h JOIN keepers k" + ON, RephrasingKind.LONG_WORDS, RephrasingKind.SWAPPED,
                RephrasingKind.USING,
                RephrasingKind.NATURAL, RephrasingKind.COMMA, RephrasingKind.CROSS_WHERE, RephrasingKind.LATERAL);
        assertWays("SELECT * FROM hives h FULL OUTER JOIN keepers k" + ON, RephrasingKind.SHORT_WORDS,
                RephrasingKind.SWAPPED,
                RephrasingKind.USING, RephrasingKind.NATURAL, RephrasingKind.COMMA, RephrasingKind.UNION,
                RephrasingKind.UNION_ALL);
        assertWays("SELECT * FROM hives h WHERE EXISTS (SELECT * FROM keepers k WHERE h.keeper_id = k.keeper_id)",
                RephrasingKind.IN, RephrasingKind.DISTINCT, RephrasingKind.HAVING);
        assertWays("SELECT * FROM hives h WHERE NOT EXISTS (SELECT * FROM keepers k WHERE h.keeper_id = k.keeper_id)",
                RephrasingKind.NOT_IN, RephrasingKind.OUTER_IS_NULL, RephrasingKind.HAVING);
        assertWays("SELECT h.* FROM hives h LEFT JOIN keepers k" + ON + " WHERE k.keeper_id IS NULL",
                RephrasingKind.LONG_WORDS,
                RephrasingKind.SWAPPED, RephrasingKind.USING, RephrasingKind.NATURAL, RephrasingKind.COMMA,
                RephrasingKind.EXISTS, RephrasingKind.NOT_IN, RephrasingKind.HAVING, RephrasingKind.LATERAL);
        TriedRephrasing comma = form("SELECT * FROM hives h LEFT JOIN keepers k" + ON, RephrasingKind.COMMA);
        assertThat(comma.said().text()).isEmpty();
        assertThat(comma.said().caveat()).contains(new Caveat.CommaCannotKeep(JoinKind.LEFT_OUTER));
        assertThat(form("SELECT * FROM hives h LEFT JOIN keepers k" + ON, RephrasingKind.SWAPPED).said().text())
                .contains("SELECT * FROM keepers k RIGHT JOIN hives h" + ON);
        assertThat(
                form("SELECT * FROM hives h JOIN keepers k" + ON, RephrasingKind.USING).here().orElseThrow().degree())
                .isEqualTo(Sameness.Degree.OTHER_COLUMNS);
        assertThat(
                form("SELECT * FROM harvests r JOIN visits v ON r.hive_no = v.hive_no", RephrasingKind.NATURAL).said()
                        .caveat())
                .contains(new Caveat.MatchesMore(List.of("day")));
    }

    @Example
    void waysThatAreNotAlwaysEqualHaveACounterexample() {
        Counterexample trap = counterexample(
                "SELECT * FROM keepers k WHERE NOT EXISTS (SELECT * FROM hives h WHERE h.keeper_id = k.keeper_id)",
                RephrasingKind.NOT_IN);
        assertThat(trap.tables()).extracting(table -> table.rows().size()).containsExactlyInAnyOrder(1, 1);
        assertThat(trap.tables().stream().filter(table -> table.name().equals("hives")).findFirst().orElseThrow().rows()
                .getFirst().value(2).isNull()).isTrue();
        assertThat(trap.one().rows()).hasSize(1);
        assertThat(trap.other().rows()).isEmpty();
        Counterexample twice = counterexample("SELECT * FROM hives h FULL JOIN keepers k" + ON, RephrasingKind.UNION);
        assertThat(twice.one().rows()).hasSize(2);
        assertThat(twice.other().rows()).hasSize(1);
        assertThat(counterexample(
                "SELECT * FROM hives h WHERE EXISTS (SELECT * FROM keepers k WHERE h.keeper_id = k.keeper_id)",
                RephrasingKind.DISTINCT).one().rows()).hasSize(2);
        assertThat(counterexample("SELECT * FROM harvests r JOIN visits v ON r.hive_no = v.hive_no",
                RephrasingKind.NATURAL)
                .other().rows()).isEmpty();
    }

    @Example
    void inAChainItMattersWhatIsJoinedFirst() {
        String chain = "SELECT * FROM hives h LEFT JOIN keepers k" + ON + " JOIN visits v ON v.keeper_id = k.keeper_id";
        TriedRephrasing nested = form(chain, RephrasingKind.NESTED);
        assertThat(nested.said().text()).contains(
                "SELECT * FROM hives h LEFT JOIN (keepers k INNER JOIN visits v ON v.keeper_id = k.keeper_id)" + ON);
        assertThat(nested.here().orElseThrow().isSame()).isFalse();
        assertThat(nested.counterexample()).isPresent();
        assertThat(ways(chain)).extracting(way -> way.said().kind()).doesNotContain(RephrasingKind.REORDERED);
        assertThat(form(
                "SELECT * FROM hives h LEFT JOIN keepers k" + ON + " LEFT JOIN harvests r ON r.hive_no = h.hive_no",
                RephrasingKind.REORDERED).here().orElseThrow().isSame()).isTrue();
    }

    @Example
    void aQueryOfFromGetsItsNameFirstAndARightTableIsAskedAnew() {
        TriedRephrasing named = form("SELECT q.hive FROM (SELECT * FROM hives) q JOIN keepers k ON q.keeper_id = "
                + "k.keeper_id", RephrasingKind.WITH);
        assertThat(named.said().text()).contains(
                "WITH q AS (SELECT * FROM hives) SELECT q.hive FROM q INNER JOIN keepers k ON q.keeper_id = "
                        + "k.keeper_id");
        assertThat(named.here().orElseThrow().isSame()).isTrue();
        TriedRephrasing asked = form("SELECT h.hive, k.keeper FROM hives h LEFT JOIN keepers k" + ON,
                RephrasingKind.LATERAL);
        assertThat(asked.said().text()).contains("SELECT h.hive, k.keeper FROM hives h LEFT JOIN LATERAL (SELECT "
                + "* FROM keepers k WHERE h.keeper_id = k.keeper_id) k ON TRUE");
        assertThat(asked.here().orElseThrow().isSame()).isTrue();
        assertThat(form("SELECT * FROM hives h WHERE EXISTS (SELECT * FROM keepers k WHERE h.keeper_id = k.keeper_id)",
                RephrasingKind.HAVING).here().orElseThrow().isSame()).isTrue();
    }

    private static void assertWays(String sql, RephrasingKind... wanted) {
        Set<RephrasingKind> found = EnumSet.noneOf(RephrasingKind.class);
        ways(sql).forEach(form -> found.add(form.said().kind()));
        assertThat(found).as(sql).containsExactlyInAnyOrder(wanted);
    }

    private static List<TriedRephrasing> ways(String sql) {
        return WrittenQuery.of(sql).otherWays(DEMO, 0, "keepers").expect();
    }

    private static TriedRephrasing form(String sql, RephrasingKind kind) {
        return ways(sql).stream().filter(form -> form.said().kind() == kind).findFirst().orElseThrow();
    }

    private static Counterexample counterexample(String sql, RephrasingKind kind) {
        TriedRephrasing form = form(sql, kind);
        Optional<Stage> here =
                WrittenQuery.of(form.said().text().orElseThrow()).on(DEMO).either(Optional::of, _ -> Optional.empty());
        assertThat(here).isPresent();
        return form.counterexample().orElseThrow();
    }
}
