package lunko.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lunko.Said;
import lunko.Tables;
import lunko.TwoTables;
import lunko.insight.comparison.Alignment;
import lunko.insight.explanation.GapWhy;
import lunko.query.JoinKind;
import lunko.query.change.ConditionSite;
import lunko.query.change.Conditions.SitedCondition;
import lunko.query.change.Conditions;
import lunko.query.change.QueryChange;
import lunko.query.sql.QueryExpression;
import lunko.table.Table;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;

/** Conditions sent from ON to WHERE and back. */
@Domain(Tables.class)
@Domain(DomainContext.Global.class)
class SendingProperties {

    @Property(tries = 80)
    void everyConditionCanBeSentAndComesBack(@ForAll TwoTables two) {
        List<Table> tables = two.tables();
        String plain = two.sql();
        if (two.kind().words().isEmpty()) return;
        String alias = two.plain().right().alias();
        for (WrittenQuery query : List.of(WrittenQuery.of(plain),
                WrittenQuery.of(plain + " WHERE " + alias + ".a > 1"))) {
            QueryExpression read = query.read().expect().query().query();
            for (SitedCondition condition : Conditions.of(read)) {
                for (ConditionSite to : Conditions.others(read, condition)) {
                    Sending sending = Sending.of(query, tables, condition, to).expect();
                    if (two.kind() == JoinKind.INNER || two.kind() == JoinKind.CROSS)
                        assertThat(sending.isSame()).as(sending.sent().sql()).isTrue();
                    QueryExpression sent = sending.sent().read().expect().query().query();
                    SitedCondition there = Conditions.of(sent).stream().filter(each -> each.seat().equals(to))
                            .reduce((_, last) -> last).orElseThrow();
                    WrittenQuery back = sending.sent()
                            .changed(new QueryChange.SendCondition(to, there.number(), condition.seat())).expect();
                    assertThat(back.on(tables).expect().rows()).as(back.sql())
                            .containsExactlyInAnyOrderElementsOf(query.on(tables).expect().rows());
                }
            }
        }
    }

    @Example
    void aConditionGoesToTheJoinsThatSeeIt() {
        QueryExpression chain = WrittenQuery.of(
                "SELECT * FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id LEFT JOIN visits v ON v.hive_no "
                        + "= h.hive_no WHERE k.village = 'Ashholt' AND v.day > h.hive_no")
                .read().expect().query().query();
        List<SitedCondition> where =
                Conditions.of(chain).stream().filter(condition -> condition.seat() instanceof ConditionSite.Where)
                        .toList();
        assertThat(Conditions.others(chain, where.getFirst())).containsExactly(new ConditionSite.On(0),
                new ConditionSite.On(1));
        assertThat(Conditions.others(chain, where.getLast())).containsExactly(new ConditionSite.On(1));
    }

    @Example
    void theReasonOfARowIsThatOfTheJoinThatKeptItWhateverIsDoneAfterIt() {
        WrittenQuery query = WrittenQuery.of(
                "SELECT h.hive, k.village FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id WHERE "
                        + "k.village = 'Ashholt' ORDER BY h.hive");
        SitedCondition village = Conditions.of(query.read().expect().query().query()).getLast();
        Sending sending = Sending.of(query, DemoLesson.lesson().tables(), village, new ConditionSite.On(0)).expect();
        List<Alignment.Line> differing =
                sending.both().lines().stream().filter(line -> !line.isEverywhere()).toList();
        assertThat(differing).hasSize(3).allMatch(line -> line.first() == 1);
        assertThat(Said.in(new GapWhy(sending.both(), differing.getFirst(), 1).said().orElseThrow())).startsWith(
                "Heather has no match among the 4 rows of keepers. A left outer join keeps it anyway");
        assertThat(Said.in(new GapWhy(sending.both(), differing.getFirst(), 0).said().orElseThrow()))
                .contains("'Reedmere' = 'Ashholt' is false");
    }

    @Example
    void theOnlyConditionOfAJoinLeavesEveryPair() {
        WrittenQuery left = WrittenQuery.of("SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id");
        WrittenQuery sent = left
                .changed(new QueryChange.SendCondition(new ConditionSite.On(0), 0, new ConditionSite.Where())).expect();
        assertThat(sent.sql())
                .isEqualTo("SELECT * FROM hives h LEFT JOIN keepers k ON TRUE WHERE h.keeper_id = k.keeper_id");
        assertThat(sent.changed(new QueryChange.SendCondition(new ConditionSite.Where(), 0, new ConditionSite.On(0)))
                .expect())
                .isEqualTo(left);
        WrittenQuery inner = WrittenQuery.of("SELECT * FROM hives h INNER JOIN keepers k ON h.keeper_id = k.keeper_id");
        WrittenQuery crossed =
                inner.changed(new QueryChange.SendCondition(new ConditionSite.On(0), 0, new ConditionSite.Where()))
                        .expect();
        assertThat(crossed.sql())
                .isEqualTo("SELECT * FROM hives h CROSS JOIN keepers k WHERE h.keeper_id = k.keeper_id");
        assertThat(crossed.changed(new QueryChange.SendCondition(new ConditionSite.Where(), 0, new ConditionSite.On(0)))
                .expect())
                .isEqualTo(inner);
    }
}
