package lunko.insight.keys;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import lunko.Said;
import lunko.Tables;
import lunko.TwoTables;
import lunko.engine.Matching;
import lunko.insight.picture.KindCount;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.Situation;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;

/** What a key check says before a join is what the join then does. */
@Domain(Tables.class)
class KeyCheckProperties {

    @Property(tries = 300)
    void whatIsFoundBeforeIsWhatTheJoinDoes(@ForAll TwoTables some) {
        TwoTables two = some.as(JoinKind.INNER);
        KeyCheck check = KeyCheck.of(two.left(), two.right(), two.on());
        Matching matching = Matching.of(two.join());
        assertThat(check.tally()).isEqualTo(matching.tally());
        for (KindCount count : check.counts())
            assertThat(count.rows()).isEqualTo(two.as(count.kind()).outcome().size());
        for (Side side : Side.values()) {
            KeyCheck.Keys keys = check.keys(side);
            assertThat(Stream.of(keys.matchedRows(), keys.aloneRows(), keys.withoutKey()).mapToInt(List::size).sum())
                    .isEqualTo(two.on(side).rows().size());
        }
        assertThat(check.left().matchedRows()).allMatch(row -> matching.pairs().count(row) > 0);
        assertThat(KeyFinding.of(check, two.on())).isNotEmpty();
    }

    @Property(tries = 300)
    void aSituationSetsUpItsPoint(@ForAll TwoTables two) {
        Lesson before =
                Lesson.of("", two.left(), two.kind(), two.right(), two.on());
        for (Situation situation : Situation.values()) {
            switch (situation.in(before)) {
                case Checked.Invalid<Situation.SetUp>(Problem problem) -> assertThat(Said.fault(problem)).endsWith(".");
                case Checked.Valid<Situation.SetUp>(Situation.SetUp(Lesson after, var said)) -> {
                    assertThat(said.apply(Said.ENGLISH.edits())).endsWith(".");
                    assertThat(new SceneEdit.Arrange(situation).applyTo(before)).isEqualTo(Checked.valid(after));
                    shows(situation, check(before), check(after));
                }
            }
        }
    }

    private static void shows(Situation situation, KeyCheck before, KeyCheck after) {
        switch (situation) {
            case UNMATCHED_LEFT ->
                assertThat(after.left().aloneRows()).hasSize(before.left().aloneRows().size() + 1);
            case UNMATCHED_RIGHT ->
                assertThat(after.right().aloneRows()).hasSize(before.right().aloneRows().size() + 1);
            case REPEATED_KEY -> {
                assertThat(after.left().shared()).isNotEmpty();
                assertThat(after.tally().pairs()).isGreaterThan(before.tally().pairs());
            }
            case NULL_KEY ->
                assertThat(after.left().withoutKey()).hasSize(before.left().withoutKey().size() + 1);
            case KEY_SPELLED_DIFFERENTLY -> assertThat(after.nearMisses()).isNotEmpty();
            case EVERY_KEY_THE_SAME ->
                assertThat(after.tally().pairs()).isEqualTo(after.tally().leftRows() * after.tally().rightRows());
            case PARENT_DELETED ->
                assertThat(after.left().aloneRows()).hasSizeGreaterThan(before.left().aloneRows().size());
        }
    }

    private static KeyCheck check(Lesson lesson) {
        return KeyCheck.of(lesson.staged().left(), lesson.staged().right(), lesson.staged().on());
    }

    @Example
    void theDemoIsDescribedInWords() {
        Lesson demo = DemoLesson.lesson();
        assertThat(KeyFinding.of(check(demo), demo.staged().on()))
                .extracting(finding -> finding.headline().in(Said.ENGLISH.keys()) + " | "
                        + finding.detail().in(Said.ENGLISH.keys()))
                .containsExactly(
                        "3 rows of hives have a match | rows 1, 2, 4",
                        "2 rows of hives have the key 11 | a row that matches it appears twice in a join",
                        "2 rows of keepers have a match | rows 1, 2", "1 row of hives has no match | 15 – row 5",
                        "1 row of hives has a NULL key | row 3 – NULL never matches",
                        "2 rows of keepers have no match | 13, 14 – rows 3, 4",
                        "Types agree | integer = integer",
                        "No near-duplicates | no two keys differ only in case, blanks or one letter");
        assertThat(check(demo).cardinality()).isEqualTo(new Cardinality(true, false));
    }

    @Example
    void keysThatAlmostMatchAreFoundAndFixed() {
        assertThat(missed("Oda", "oda")).isEqualTo(NearMiss.Difference.CASE);
        assertThat(missed("Low Fold", "Low  Fold ")).isEqualTo(NearMiss.Difference.BLANKS);
        assertThat(missed("Ode", "Оde")).isEqualTo(NearMiss.Difference.LOOK_ALIKES);
        assertThat(missed("Réed", "Reed")).isEqualTo(NearMiss.Difference.LOOK_ALIKES);
        assertThat(missed("K10", "K1O")).isEqualTo(NearMiss.Difference.LOOK_ALIKES);
        assertThat(missed("Ashholt", "Ashohlt")).isEqualTo(NearMiss.Difference.SPELLING);
        assertThat(missed("Ashholt", "Ashhol")).isEqualTo(NearMiss.Difference.SPELLING);
        Table numbers = Table.of("numbers", List.of(new Column("k", Type.INTEGER)), List.of(List.of(Value.of(1))));
        KeyCheck typed = KeyCheck.of(numbers, one("words", "1"), List.of(new KeyPair("k", "k")));
        assertThat(typed.nearMisses()).extracting(NearMiss::difference).containsExactly(NearMiss.Difference.TYPE);
        assertThat(typed.typesDiffer()).containsExactly(new KeyPair("k", "k"));
        Lesson differ = Lesson.of("", numbers, JoinKind.INNER, one("words", "1"), List.of(new KeyPair("k", "k")));
        Repair repair = KeyFinding.of(typed, differ.staged().on()).getFirst().repair().orElseThrow();
        assertThat(check(new SceneEdit.Mend(repair).applyTo(differ).expect()).tally().pairs()).isOne();
        assertThat(KeyCheck.of(one("a", "Oda"), one("b", "Tam"), List.of(new KeyPair("k", "k"))).nearMisses())
                .isEmpty();
    }

    /** In what two keys differ; mending the one makes matches of them. */
    private static NearMiss.Difference missed(String left, String right) {
        Lesson lesson = Lesson.of("", one("a", left), JoinKind.INNER, one("b", right), List.of(new KeyPair("k", "k")));
        NearMiss miss = check(lesson).nearMisses().getFirst();
        assertThat(check(new SceneEdit.Mend(new Repair.Respell(miss)).applyTo(lesson).expect()).tally().pairs())
                .isOne();
        return miss.difference();
    }

    private static Table one(String name, String key) {
        return Table.of(name, List.of(new Column("k", Type.TEXT)), List.of(List.of(Value.of(key))));
    }
}
