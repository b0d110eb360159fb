package lunko.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;

/** What a lesson shows while nobody has chosen anything. */
class OpeningTest {
    private static final Table VALLEYS = keys("valleys", "valley_id", 1, 2, 7);
    private static final Table MILLS = keys("mills", "valley_id", 1, 1, 2);
    private static final Table WEIRS = keys("weirs", "weir_no", 40, 41);
    private static final KeyPair VALLEY = new KeyPair("valley_id", "valley_id");

    private static Table keys(String name, String column, int... keys) {
        return Table.of(name, List.of(new Column(column, Type.INTEGER)),
                Arrays.stream(keys).mapToObj(key -> List.<Value>of(Value.of(key))).toList());
    }

    private static Lesson bring(Lesson lesson, Table... tables) {
        return new TableEdit.BringIn(TableSet.of(List.of(tables))).applyTo(lesson).expect();
    }

    private static List<String> shown(Lesson lesson) {
        return List.of(lesson.scene().left(), lesson.scene().right());
    }

    @Test
    void tablesAreLinkedWhileOneIsShownWithItself() {
        Lesson self = new SceneEdit.LookAt("hives", "hives").applyTo(DemoLesson.lesson()).expect();
        KeyPair pair = new KeyPair("village", "meadow");
        Lesson linked = new LinkEdit.Match("keepers", "meadows", pair).applyTo(self).expect();
        assertThat(linked.link("keepers", "meadows").map(Link::pairs)).contains(List.of(pair));
        assertThat(shown(linked)).containsExactly("hives", "hives");
    }

    @Test
    void twoPastedTablesTakeThePlaceOfTheBlankOnesAndAreShown() {
        assertThat(Lesson.begun().staged().withoutRows()).map(Table::name).contains("table_1");
        Lesson one = bring(Lesson.begun(), VALLEYS);
        assertThat(one.tables()).extracting(Table::name).containsExactlyInAnyOrder("table_2", "valleys");
        Lesson both = bring(one, MILLS);
        assertThat(both.tables()).extracting(Table::name).containsExactly("valleys", "mills");
        assertThat(shown(both)).containsExactlyInAnyOrder("valleys", "mills");
        assertThat(both.staged().on()).containsExactly(VALLEY);
        assertThat(both.staged().withoutRows()).isEmpty();
        assertThat(both.title()).isEqualTo(both.scene().left() + ", " + both.scene().right());
    }

    @Test
    void twoTablesOfOneNameTakeThePlaceOfBlankOnesUnderTheNextNames() {
        Lesson both = bring(bring(Lesson.begun(), keys("table", "valley_id", 1)), keys("table", "valley_id", 1, 2));
        assertThat(both.tables()).extracting(Table::name).containsExactly("table", "table_2");
        assertThat(both.links()).containsExactly(new Link("table", "table_2", List.of(VALLEY)));
    }

    @Test
    void ofManyTablesThePairThatIsLinkedBestIsShown() {
        assertThat(shown(bring(Lesson.begun(), WEIRS, VALLEYS, MILLS))).containsExactly("valleys", "mills");
        assertThat(shown(Lesson.of(TableSet.of(List.of(WEIRS, MILLS, VALLEYS))))).containsExactly("mills", "valleys");
        // Of equal ones the first.
        assertThat(shown(Lesson.of(TableSet.of(List.of(MILLS, MILLS.named("gates"), MILLS.named("ponds"))))))
                .containsExactly("mills", "gates");
        // What is said to be a link comes before what looks like one, and of links the one by which most rows match.
        Table gates = Table.of("gates", List.of(new Column("valley_id", Type.INTEGER),
                new Column("weir", Type.INTEGER)), List.of(List.of(Value.of(9), Value.of(40))));
        TableSet linked = new TableSet(List.of(VALLEYS, MILLS, WEIRS, gates),
                List.of(new Link("gates", "valleys", List.of(VALLEY)),
                        new Link("gates", "weirs", List.of(new KeyPair("weir", "weir_no")))));
        assertThat(shown(Lesson.of(linked))).containsExactly("gates", "weirs");
    }

    @Test
    void whatIsShownAlreadyStaysWhateverIsBroughtIn() {
        Lesson demo = DemoLesson.lesson();
        assertThat(bring(demo, VALLEYS, MILLS).scene()).isEqualTo(demo.scene());
        // A table in which there is a row is nobody's to take away.
        Lesson typed = new RowEdit.Append("table_1", 0, "x").applyTo(Lesson.begun()).expect();
        assertThat(bring(typed, VALLEYS, MILLS).tables()).extracting(Table::name)
                .containsExactly("table_1", "valleys", "mills");
    }

    @Test
    void aLinkThatIsDrawnWhileNothingIsShownIsWhatIsShown() {
        Lesson apart = new Lesson("", Stream.of(WEIRS, keys("gates", "gate", 1), VALLEYS, MILLS).toList(), List.of(),
                Layout.PLAIN, Scenes.of(Scene.of("weirs", JoinKind.INNER, "gates")));
        Lesson linked = new LinkEdit.Match("valleys", "mills", VALLEY).applyTo(apart).expect();
        assertThat(shown(linked)).containsExactly("valleys", "mills");
    }
}
