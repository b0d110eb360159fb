package lunko.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.Said;
import lunko.engine.JoinResult;
import lunko.engine.Joined;
import lunko.engine.Stage;
import lunko.insight.explanation.StageSummary;
import lunko.insight.keys.NaturalPreview;
import lunko.insight.keys.SelfPreview;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.picture.TableHues;
import lunko.insight.picture.ThreeCircles.Kinds;
import lunko.insight.picture.ThreeCircles.Region;
import lunko.insight.picture.ThreeCircles;
import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.LessonFault;
import lunko.problem.Problem;
import lunko.problem.QueryFault;
import lunko.problem.SyntaxFault;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.query.change.PlainJoin;
import lunko.steps.JoinAlgorithm;
import lunko.steps.MatchTimeline;
import lunko.steps.StageKind;
import lunko.steps.Timeline;
import lunko.table.Column;
import lunko.table.RowName;
import lunko.table.Table;
import lunko.table.Value;
import lunko.words.Sentence;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Scenes that show a query somebody has written, and natural and self joins. */
class WrittenQueryTest {
    private static final Lesson DEMO = DemoLesson.lesson();
    private static final String CHAIN = """
            SELECT h.hive, r.kg -- what each gave
            FROM hives h
              LEFT JOIN keepers k ON h.keeper_id = k.keeper_id
              INNER JOIN harvests r ON r.hive_no = h.hive_no
            WHERE r.kg > 4""";

    /** Of the two tables at hand, hives stand on the left: a query that begins with keepers takes rows of the right. */
    @ParameterizedTest
    @ValueSource(strings = {"SELECT *", "SELECT k.*", "SELECT k.keeper", "SELECT DISTINCT village", "SELECT COUNT(*)"})
    void aSemiJoinHasOneNameWhateverIsSelected(String select) {
        Lesson written = apply(DEMO, SceneEdit.Write.of(select
                + " FROM keepers k WHERE EXISTS (SELECT * FROM hives h WHERE h.keeper_id = k.keeper_id)"));
        List<JoinKind> kinds = written.staged().result().expect().all().stream()
                .filter(Joined.class::isInstance).map(stage -> ((Joined) stage).join().kind()).toList();
        assertThat(kinds).containsExactly(JoinKind.RIGHT_SEMI);
    }

    @Test
    void oneJoinIsMadeAnotherKindAndAllOtherWordsStay() {
        Lesson chain = apply(DEMO, SceneEdit.Write.of(CHAIN));
        assertThat(chain.staged().joining(0, 2, JoinKind.FULL_OUTER).map(WrittenQuery::sql))
                .contains(CHAIN.replace("LEFT JOIN", "FULL JOIN"));
        WrittenQuery crossed = chain.staged().joining(1, 2, JoinKind.CROSS).orElseThrow();
        assertThat(crossed.sql())
                .isEqualTo(CHAIN.replace("INNER JOIN harvests r ON r.hive_no = h.hive_no", "CROSS JOIN harvests r"));
        // The condition is gone: that of the link takes its place.
        assertThat(apply(DEMO, SceneEdit.Write.of(crossed.sql())).staged().joining(1, 2, JoinKind.LEFT_OUTER)
                .map(WrittenQuery::sql))
                .contains(CHAIN.replace("INNER JOIN harvests r ON r.hive_no = h.hive_no",
                        "LEFT JOIN harvests r ON h.hive_no = r.hive_no"));
        assertThat(chain.staged().joining(1, 2, JoinKind.LEFT_SEMI)).isEmpty();
        assertThat(chain.staged().joining(0, 3, JoinKind.INNER)).isEmpty();
        assertThat(apply(DEMO, SceneEdit.Write.of("SELECT * FROM harvests NATURAL JOIN hives NATURAL JOIN keepers"))
                .staged().joining(1, 2, JoinKind.RIGHT_OUTER).map(WrittenQuery::sql))
                .contains("SELECT * FROM harvests NATURAL JOIN hives NATURAL RIGHT JOIN keepers");
    }

    /** Text, kind, links and picture are one thing: whichever is changed, the others say the same. */
    @Test
    void aPlainJoinInAnyWordsIsThePlainJoinOfTheTwoTables() {
        String own = """
                -- who keeps what
                SELECT *
                FROM hives hv
                  JOIN keepers AS kp ON kp.keeper_id = hv.keeper_id""";
        Lesson written = apply(DEMO, SceneEdit.Write.of(own));
        assertThat(written.staged().plainJoin()).isPresent();
        assertThat(written.staged().kind()).isEqualTo(JoinKind.INNER);
        assertThat(apply(written, new SceneEdit.ChooseKind(JoinKind.LEFT_OUTER)).staged().sql())
                .isEqualTo(own.replace("JOIN", "LEFT JOIN"));
        Lesson more = apply(written, new LinkEdit.Match("hives", "keepers", new KeyPair("hive", "village")));
        assertThat(more.staged().sql()).isEqualTo(own + " AND hv.hive = kp.village");
        assertThat(apply(more, new LinkEdit.Unmatch("hives", "keepers", new KeyPair("keeper_id", "keeper_id"))).staged()
                .sql())
                .isEqualTo(own.replace("kp.keeper_id = hv.keeper_id", "hv.hive = kp.village"));
        assertThat(apply(DEMO, SceneEdit.Write.of(more.staged().sql())).link("hives", "keepers").orElseThrow().pairs())
                .containsExactly(new KeyPair("keeper_id", "keeper_id"), new KeyPair("hive", "village"));
        assertThat(apply(DEMO, SceneEdit.Write.of(own + " WHERE kp.village = 'Ashholt'")).staged().plainJoin())
                .isEmpty();
        for (JoinKind kind : JoinKind.values()) {
            Lesson chosen = apply(written, new SceneEdit.ChooseKind(kind));
            assertThat(chosen.staged().plainJoin()).as(chosen.staged().sql()).isPresent();
            assertThat(chosen.staged().kind()).isEqualTo(kind);
            assertThat(chosen.staged().join().left().alias()).isEqualTo("hv");
            assertThat(timeline(chosen).parts()).hasSize(1);
            Lesson typed = apply(DEMO, SceneEdit.Write.of(chosen.staged().sql()));
            assertThat(typed.staged().join()).as(chosen.staged().sql()).isEqualTo(chosen.staged().join());
        }
    }

    @Test
    void whatCannotBeShownIsExplained() {
        assertThat(fault("SELECT * FROM hive")).isInstanceOf(QueryFault.NotThere.class);
        assertThat(fault(" -- nothing yet")).isEqualTo(new SyntaxFault.NothingWritten());
        assertThat(fault("DROP TABLE hives")).isEqualTo(new SyntaxFault.NoSteps());
    }

    @Test
    void renamedTablesAndColumnsGoOnInTheTextUnderTheirNewNames() {
        Lesson written = apply(DEMO, SceneEdit.Write.of(CHAIN));
        Lesson renamed =
                apply(written, new TableEdit.Rename("harvests", "honey"), new TableEdit.Rename("hives", "my hives"));
        Column kg = renamed.table("honey").columns().get(2);
        renamed = apply(renamed, new ColumnEdit.Change("honey", 2, new Column("weight", kg.type())),
                new ColumnEdit.Change("my hives", 0, new Column("no", kg.type())));
        assertThat(renamed.scene().written().map(WrittenQuery::sql)).contains(CHAIN.replace("harvests", "honey")
                .replace("hives h", "\"my hives\" h").replace("r.kg", "r.weight").replace("= h.hive_no", "= h.no"));
        assertThat(apply(written, new SceneEdit.LookAt("visits", "hives")).scene().written()).isEmpty();
        Lesson two = apply(DEMO, SceneEdit.Write.of("SELECT kg AS kg, v.* FROM hives, harvests v WHERE v.kg > 2; "
                + "SELECT q.kg FROM (SELECT kg FROM harvests GROUP BY kg) AS q ORDER BY kg"));
        two = apply(two, new TableEdit.Rename("harvests", "h2"),
                new ColumnEdit.Change("h2", 2, new Column("w", kg.type())));
        assertThat(two.scene().written().map(WrittenQuery::sql)).contains("SELECT w AS kg, v.* FROM hives, h2 v WHERE "
                + "v.w > 2; SELECT q.w FROM (SELECT w FROM h2 GROUP BY w) AS q ORDER BY w");
    }

    @Test
    void theStagesOfAQueryAtAGlance() {
        Timeline timeline =
                timeline(apply(DEMO, SceneEdit.Write.of(CHAIN + " ORDER BY r.kg FETCH FIRST 2 ROWS ONLY")));
        List<StageSummary> glances = StageSummary.all(timeline, TableHues.NONE);
        assertThat(glances).extracting(StageSummary::kind).containsExactly(StageKind.MATCH, StageKind.KEEP,
                StageKind.MATCH,
                StageKind.FILTER, StageKind.PROJECT, StageKind.SORT, StageKind.LIMIT, StageKind.RESULT);
        assertThat(glances).extracting(StageSummary::rows).containsExactly(3L, 5L, 8L, 4L, 4L, 4L, 2L, 2L);
        assertThat(glances).extracting(glance -> Said.ENGLISH.counts().sum(glance.sum())).containsExactly("of 5 × 4",
                "3 pairs + 2 kept", "8 pairs",
                "of 8",
                "", "", "of 4", "");
        assertThat(glances.get(1).lines().get(2).marks()).contains(StageSummary.Mark.PADDED, StageSummary.Mark.NULL,
                StageSummary.Mark.VALUE);
        assertThat(glances.get(3).lines()).extracting(StageSummary.Line::struckOut).containsExactly(false, false, true,
                true,
                false, false);
        assertThat(timeline.nextEnd(0)).isEqualTo(timeline.end(0));
        assertThat(timeline.nextEnd(timeline.end(0))).isEqualTo(timeline.end(1));
        long filter = timeline.start(2);
        // The third and fourth row are struck out, and bring nothing.
        assertThat(Stream.iterate(filter, timeline::nextLanding).limit(5).toList()).containsExactly(filter, filter + 1,
                filter + 2, filter + 5, filter + 6);
        assertThat(timeline.nextLanding(timeline.last())).isEqualTo(timeline.last());
    }

    @Test
    void threeTablesAreThreeCircles() {
        Stage chain = WrittenQuery.of(
                "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id LEFT JOIN harvests r ON "
                        + "r.hive_no = h.hive_no")
                .on(DEMO.tables()).expect();
        MatchTimeline second = (MatchTimeline) Timeline.of(chain, JoinAlgorithm.NESTED_LOOP).parts().get(1);
        ThreeCircles circles = ThreeCircles.of(second.join()).orElseThrow();
        assertThat(circles.names()).extracting(Said.ENGLISH.names()::rows).containsExactly("hives", "keepers",
                "harvests");
        assertThat(circles.regions().get(Region.ABC).rows()).hasSize(6).first().extracting(ThreeCircles.Member::name)
                .extracting(Said.ENGLISH.names()::shortRow).asString().startsWith("Clover · Oda");
        assertThat(circles.regions().get(Region.A).rows())
                .containsExactly(new ThreeCircles.Member(new RowName.Joined(List.of(new RowName.Called("Linden"))),
                        Optional.of(new Pointed.Source(Side.LEFT, 2))));
        assertThat(circles.regions().get(Region.B).rows())
                .extracting(member -> Said.ENGLISH.names().shortRow(member.name())).containsExactly("Bert",
                        "Yara");
        assertThat(circles.regions().get(Region.AC).rows()).hasSize(2);
        assertThat(Stream.of(Region.values()).filter(region -> circles.regions().get(region).kept()))
                .containsExactly(Region.A, Region.AC, Region.ABC);
        assertThat(circles.toggling(second.join(), Region.A)).contains(new Kinds(JoinKind.LEFT_OUTER, JoinKind.INNER));
        assertThat(circles.toggling(second.join(), Region.B))
                .contains(new Kinds(JoinKind.FULL_OUTER, JoinKind.LEFT_OUTER));
        assertThat(circles.toggling(second.join(), Region.C))
                .contains(new Kinds(JoinKind.LEFT_OUTER, JoinKind.FULL_OUTER));
        assertThat(circles.toggling(second.join(), Region.ABC)).isEmpty();
    }

    @Test
    void aNaturalJoinIsWhatTheLanguageMakesOfIt() {
        Table apiaries = Table.of("apiaries", DEMO.table("keepers").columns(),
                DEMO.table("keepers").rows().stream().map(row -> row.values()).toList());
        for (String right : List.of("keepers", "harvests", "visits", "meadows")) {
            for (JoinKind kind : Stream.of(JoinKind.values()).filter(JoinKind::canBeNatural).toList()) {
                Lesson natural = apply(DEMO, new SceneEdit.LookAt("hives", right),
                        new SceneEdit.JoinNaturally(Optional.of(kind)));
                JoinResult outcome = ((MatchTimeline) timeline(natural).parts().getFirst()).outcome();
                Stage stage = WrittenQuery.of(natural.staged().sql()).on(natural.tables()).expect();
                assertThat(rows(outcome)).as(natural.staged().sql()).containsExactlyInAnyOrderElementsOf(stage.rows());
            }
        }
        assertThat(apply(DEMO, new SceneEdit.JoinNaturally(Optional.of(JoinKind.INNER)),
                new SceneEdit.ChooseKind(JoinKind.CROSS)).scene().pairing().natural()).isFalse();
        assertThat(new SceneEdit.JoinNaturally(Optional.of(JoinKind.CROSS)).applyTo(DEMO))
                .isEqualTo(Checked.invalid(new LessonFault.CannotBeNatural(JoinKind.CROSS)));
        assertThat(PlainJoin.common(apiaries, DEMO.table("keepers"))).hasSize(3);
    }

    @Test
    void naturalAndSelfJoinsAreExplainedBeforeTheyAct() {
        NaturalPreview right = NaturalPreview.of(DEMO.staged().left(), DEMO.staged().right(), DEMO.staged().on());
        assertThat(right.isRight()).isTrue();
        assertThat(right.rows(JoinKind.FULL_OUTER)).contains(7L);
        NaturalPreview chance = NaturalPreview.of(DEMO.table("harvests"), DEMO.table("visits"),
                List.of(new KeyPair("hive_no", "hive_no")));
        assertThat(chance.isRight()).isFalse();
        assertThat(texts(chance.said())).contains(
                "day is in both tables, but they are not linked by it: a natural join matches it anyway.");
        NaturalPreview none = NaturalPreview.of(DEMO.table("hives"), DEMO.table("meadows"), List.of());
        assertThat(none.rows(JoinKind.INNER)).contains(15L);
        assertThat(texts(none.said()).getFirst()).endsWith("every row is paired with every row.");
        SelfPreview self = new SelfPreview(DEMO.table("hives"), List.of(new KeyPair("mother_no", "hive_no")));
        assertThat(texts(self.said())).containsExactly(
                "hives is used twice: as l on the left and as r on the right. It is one table of 5 rows under two "
                        + "names; nothing is copied, and a change on one side is a change on the other.",
                "A row finds its matches by l.mother_no = r.hive_no. A row may even match itself.");
    }

    private static Timeline timeline(Lesson lesson) {
        return Timeline.of(lesson.staged().result().expect(), JoinAlgorithm.NESTED_LOOP);
    }

    private static List<List<Value>> rows(JoinResult outcome) {
        return outcome.rows().stream()
                .map(row -> outcome.columns().stream().map(column -> outcome.cell(row, column).value()).toList())
                .toList();
    }

    private static List<String> texts(List<Sentence> said) {
        return said.stream().map(Said::in).toList();
    }

    private static Fault fault(String sql) {
        return WrittenQuery.of(sql).on(DEMO.tables()).either(stage -> fail("runs: " + stage), Problem::fault);
    }

    private static Lesson apply(Lesson lesson, Edit... edits) {
        Lesson after = lesson;
        for (Edit edit : edits) after = edit.applyTo(after).expect();
        return after;
    }

    @Test
    void aResultIsKeptAsATableWithAKeyAndNamesOfItsOwn() {
        Lesson lesson = SceneEdit.Write.of("SELECT * FROM hives h CROSS JOIN keepers k").applyTo(DemoLesson.lesson())
                .expect();
        Table copy = ResultCopy.of(lesson.staged().result().expect(), "places");
        assertThat(copy.columns()).extracting(Column::name).containsExactly("hive_no", "hive", "keeper_id", "mother_no",
                "k_keeper_id", "keeper", "village");
        assertThat(copy.key()).containsExactly(0, 4);
        Lesson kept = new TableEdit.KeepResult(copy).applyTo(lesson).expect();
        assertThat(SceneEdit.Write.of("SELECT COUNT(*) FROM places").applyTo(kept).expect().staged().result().expect()
                .rows()).containsExactly(List.of(Value.of(20)));
    }
}
