package lunko.query.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lunko.Tables;
import lunko.TwoTables;
import lunko.engine.Stage;
import lunko.lesson.DemoLesson;
import lunko.lesson.WrittenQuery;
import lunko.problem.Checked;
import lunko.query.change.ConditionDraft.How;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression;
import lunko.query.sql.Name;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SqlWriter;
import lunko.table.Table;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;
import net.jqwik.api.domains.DomainContext;

/** What is done with a column of a query, by the text that it makes and the rows that this gives. */
@Domain(Tables.class)
@Domain(DomainContext.Global.class)
class ColumnUseProperties {
    private static final List<Table> DEMO = DemoLesson.lesson().tables();

    @Property(tries = 60)
    void everyRowHasOneOfTheValuesThatAreOffered(@ForAll TwoTables two) {
        List<Table> tables = two.tables();
        WrittenQuery query = WrittenQuery.of(two.sql());
        int rows = query.on(tables).expect().rows().size();
        for (ColumnUse use : uses(query, tables)) {
            List<Integer> each = new ArrayList<>();
            for (Expression condition : use.conditions(tables, Integer.MAX_VALUE))
                each.add(rows(query, ColumnUse.keeping(condition), tables));
            int notNull = each.removeLast();
            assertThat(each.stream().mapToInt(Integer::intValue).sum()).isEqualTo(rows);
            assertThat(notNull).isEqualTo(rows - each.getLast());
        }
    }

    @Property(tries = 30)
    void whatIsDoneWithAColumnCanBeUndone(@ForAll TwoTables two) {
        List<Table> tables = two.tables();
        WrittenQuery query = WrittenQuery.of(two.sql());
        List<String> names = names(query, tables);
        for (ColumnUse use : uses(query, tables)) {
            WrittenQuery without = query.changed(use.toggled().orElseThrow()).expect();
            ColumnUse hidden = use(without, tables, use.column());
            assertThat(hidden.isShown()).isFalse();
            assertThat(names(without, tables)).hasSize(names.size() - 1);
            assertThat(names(without.changed(hidden.toggled().orElseThrow()).expect(), tables)).isEqualTo(names);
            WrittenQuery sorted = query.changed(use.sorted(Optional.of(true))).expect();
            assertThat(sorted.sql()).endsWith(" DESC");
            assertThat(sorted.changed(use(sorted, tables, use.column()).sorted(Optional.empty())).expect())
                    .isEqualTo(query);
        }
    }

    @Example
    void aColumnIsKnownHoweverItIsNamed() {
        String sql =
                "SELECT HIVE, k.keeper AS of FROM hives H JOIN keepers k ON H.keeper_id = k.keeper_id ORDER BY hive";
        assertThat(use(sql, "h", "hive").isShown()).isTrue();
        assertThat(use(sql, "k", "keeper").isShown()).isTrue();
        assertThat(use(sql, "h", "keeper_id").isShown()).isFalse();
        assertThat(changed(sql, use(sql, "h", "hive").sorted(Optional.of(true)))).endsWith("ORDER BY hive DESC");
        assertThat(changed(sql, use(sql, "k", "keeper_id").toggled().orElseThrow()))
                .startsWith("SELECT HIVE, k.keeper_id, k.keeper AS of FROM");
        assertThat(use("SELECT hive FROM hives h", "h", "hive").toggled()).isEmpty();
        // A column that comes once is named once.
        String natural = "SELECT * FROM hives h NATURAL LEFT JOIN keepers k";
        assertThat(changed(natural, use(natural, "k", "village").toggled().orElseThrow()))
                .startsWith("SELECT keeper_id, h.hive_no, h.hive, h.mother_no, k.keeper FROM");
    }

    @Example
    void whatIsTypedIsAValueOfTheColumn() {
        assertThat(draft("k", "village", How.EQUAL, "Low Fold")).isEqualTo("k.village = 'Low Fold'");
        assertThat(draft("k", "keeper", How.IN, "Oda, 'Tam', 7")).isEqualTo("k.keeper IN ('Oda', 'Tam', '7')");
        assertThat(draft("h", "hive_no", How.BETWEEN, "2 and h.mother_no"))
                .isEqualTo("h.hive_no BETWEEN 2 AND h.mother_no");
        assertThat(draft("r", "day", How.GREATER, "2026-05-05")).isEqualTo("r.day > DATE '2026-05-05'");
        assertThat(draft("r", "kg", How.IS_NOT_NULL, "whatever")).isEqualTo("r.kg IS NOT NULL");
        assertThat(draft("h", "hive", How.LIKE, "C%")).isEqualTo("h.hive LIKE 'C%'");
        assertThat(draft("h", "hive_no", How.LESS, "")).isEmpty();
    }

    private static String draft(String alias, String column, How how, String typed) {
        QueryExpression query =
                WrittenQuery.of("SELECT * FROM hives h, keepers k, harvests r").read().expect().query().query();
        return new ConditionDraft(Outline.of(query, DEMO).orElseThrow(), ColumnName.of(Name.of(alias), column), how,
                typed).condition(DEMO).either(new SqlWriter()::expression, _ -> "");
    }

    @Example
    void aFurtherTableIsJoinedWhereItsConditionCanNameTheColumn() {
        String comma = "SELECT * FROM hives h, keepers k";
        assertThat(use(comma, "h", "keeper_id").joining("visits", "keeper_id")).isEmpty();
        assertThat(changed(comma, use(comma, "k", "keeper_id").joining("visits", "keeper_id").orElseThrow()))
                .isEqualTo(comma + " INNER JOIN visits v ON k.keeper_id = v.keeper_id");
        String semi = "SELECT * FROM hives h WHERE EXISTS (SELECT * FROM keepers k WHERE h.keeper_id = k.keeper_id)";
        assertThat(ColumnUse.of(WrittenQuery.of(semi).read().expect().query().query(), DEMO,
                ColumnName.of(Name.of("k"), "keeper"))).isEmpty();
    }

    private static List<ColumnUse> uses(WrittenQuery query, List<Table> tables) {
        return Outline.of(query.read().expect().query().query(), tables).orElseThrow().columns().stream()
                .map(column -> use(query, tables, column)).toList();
    }

    private static ColumnUse use(WrittenQuery query, List<Table> tables, ColumnName column) {
        return ColumnUse.of(query.read().expect().query().query(), tables, column).orElseThrow();
    }

    private static ColumnUse use(String sql, String alias, String column) {
        return use(WrittenQuery.of(sql), DEMO, ColumnName.of(Name.of(alias), column));
    }

    private static String changed(String sql, QueryChange change) {
        WrittenQuery changed = WrittenQuery.of(sql).changed(change).expect();
        assertThat(changed.on(DEMO)).isInstanceOf(Checked.Valid.class);
        return changed.sql();
    }

    private static int rows(WrittenQuery query, QueryChange change, List<Table> tables) {
        return query.changed(change).then(changed -> changed.on(tables)).expect().rows().size();
    }

    private static List<String> names(WrittenQuery query, List<Table> tables) {
        return query.on(tables).expect().headings().stream().map(Stage.Heading::name).toList();
    }
}
