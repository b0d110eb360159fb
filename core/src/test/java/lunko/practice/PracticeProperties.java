package lunko.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import lunko.Said;
import lunko.insight.question.Answer;
import lunko.insight.question.Asked;
import lunko.insight.question.Demand;
import lunko.insight.question.Gap;
import lunko.insight.question.Goal;
import lunko.insight.question.Guess;
import lunko.insight.question.Judgement.Verdict;
import lunko.insight.question.Question;
import lunko.lesson.CellEdit;
import lunko.lesson.ColumnEdit;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.RowEdit;
import lunko.lesson.Scene;
import lunko.lesson.SceneEdit;
import lunko.lesson.ScenesEdit;
import lunko.lesson.TableEdit;
import lunko.lesson.WrittenQuery;
import lunko.lesson.course.Course;
import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.Problem;
import lunko.problem.QueryFault;
import lunko.problem.WorkFault;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.change.PlainJoin;
import lunko.show.Asking;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.table.Table;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** What answers come to, and what helps with those that are not right. */
class PracticeProperties {
    private static final List<JoinKind> KINDS =
            List.of(JoinKind.INNER, JoinKind.LEFT_OUTER, JoinKind.RIGHT_OUTER, JoinKind.FULL_OUTER);

    private static Lesson showing(Lesson lesson, String sql, Question question) {
        Lesson written = SceneEdit.Write.of(sql).applyTo(lesson).expect();
        return new SceneEdit.Ask(Optional.of(Asked.plainly(question))).applyTo(written).expect();
    }

    private static Asking asking(Lesson lesson) {
        return Asking.of(lesson).orElseThrow();
    }

    private static Showing shown(Lesson lesson) {
        return Showing.of(lesson, JoinAlgorithm.NESTED_LOOP);
    }

    private static Assessment assess(Lesson lesson, String answer) {
        Asking asking = asking(lesson);
        return Assessment.of(asking.guessing(asking.written(answer, lesson)), shown(lesson)).orElseThrow();
    }

    private static List<String> hints(Lesson lesson, String answer) {
        Asking asking = asking(lesson);
        return Hints.of(asking.guessing(asking.written(answer, lesson)), shown(lesson)).stream()
                .map(hint -> hint.in(Said.ENGLISH).text()).toList();
    }

    private static String sql(JoinKind kind, String where) {
        return "SELECT h.hive, k.keeper FROM hives h " + kind.words().orElseThrow()
                + " keepers k ON h.keeper_id = k.keeper_id" + where;
    }

    /** Whatever keys stand there: the query itself is right, and others are not, or give the same on any tables. */
    @Property(tries = 60, edgeCases = EdgeCasesMode.NONE)
    void aQueryIsRightAndItsMutantsAreToldApart(@ForAll @IntRange(min = 0, max = 3) int kind,
            @ForAll boolean filtered, @ForAll List<@IntRange(min = 10, max = 16) Integer> keys) {
        String where = filtered ? " WHERE k.village = 'Ashholt'" : "";
        Lesson lesson = showing(keyed(keys), sql(KINDS.get(kind), where), new Question.WriteQuery(Demand.ROWS));
        assertThat(assess(lesson, sql(KINDS.get(kind), where)).isRight()).isTrue();
        for (JoinKind other : KINDS) {
            if (other == KINDS.get(kind)) continue;
            Assessment found = assess(lesson, sql(other, where));
            // Behind a filter on keepers, a kept hive is gone: those kinds are one.
            boolean same = filtered && isOne(other) == isOne(KINDS.get(kind));
            assertThat(found.isRight()).as(other + " for " + KINDS.get(kind) + where).isEqualTo(same);
            if (!same) assertThat(hints(lesson, sql(other, where)))
                    .anyMatch(hint -> hint.contains(Said.ENGLISH.names().join(other)))
                    .last().asString().startsWith("The answer: SELECT h.hive");
        }
        if (filtered) assertThat(hints(lesson, sql(KINDS.get(kind), ""))).contains("It needs a WHERE.");
        if (filtered) assertThat(assess(lesson, sql(KINDS.get(kind), "")).isRight()).isFalse();
        String swapped = "SELECT h.hive, k.keeper FROM keepers k " + KINDS.get(kind).mirrored().words().orElseThrow()
                + " hives h ON k.keeper_id = h.keeper_id" + where;
        assertThat(assess(lesson, swapped).isRight()).isTrue();
    }

    private static boolean isOne(JoinKind kind) {
        return kind == JoinKind.INNER || kind == JoinKind.LEFT_OUTER;
    }

    /** The demo lesson with other keys in its hives. */
    private static Lesson keyed(List<Integer> keys) {
        Lesson lesson = DemoLesson.lesson();
        Table hives = lesson.table("hives");
        for (int row = 0; row < Math.min(keys.size(), hives.rows().size()); row++)
            lesson = new CellEdit.Type("hives", hives.rows().get(row).id(), 2, String.valueOf(keys.get(row)))
                    .applyTo(lesson).expect();
        return lesson;
    }

    @Property(tries = 100, edgeCases = EdgeCasesMode.NONE)
    void kindsAreAlikeWhereTheirQueriesGiveAsManyRows(
            @ForAll List<@IntRange(min = 11, max = 12) Integer> keys, @ForAll boolean one) {
        Lesson lesson = keyed(keys);
        if (one) for (String table : List.of("hives", "keepers"))
            lesson = new RowEdit.Delete(table, 1, lesson.table(table).rows().size() - 1).applyTo(lesson)
                    .expect();
        Lesson asked = showing(lesson, sql(JoinKind.INNER, ""), new Question.ChangeData(new Goal.KindsAlike()));
        Lesson on = asked;
        List<Integer> rows = new ArrayList<>(KINDS.stream().map(kind -> rows(sql(kind, ""), on)).toList());
        rows.add(rows("SELECT * FROM hives CROSS JOIN keepers", on));
        boolean alike = rows.stream().distinct().count() == 1 && rows.getFirst() > 0;
        Asking asking = asking(asked).guessing(new Guess.Changed());
        assertThat(asking.judgement(shown(asked)).orElseThrow().verdict() == Verdict.RIGHT).as(rows.toString())
                .isEqualTo(alike);
        if (!alike) assertThat(Hints.of(asking, shown(asked)).getFirst().in(Said.ENGLISH).text())
                .contains("inner " + rows.getFirst());
    }

    private static int rows(String sql, Lesson lesson) {
        return WrittenQuery.of(sql).on(lesson.tables()).expect().rows().size();
    }

    @Test
    void aQueryThatIsRightOnTheseRowsAloneIsRightByLuck() {
        Lesson lesson = showing(DemoLesson.lesson(), sql(JoinKind.INNER, ""), new Question.WriteQuery(Demand.ROWS));
        String lucky = sql(JoinKind.INNER, " WHERE h.hive_no <> 3");
        Assessment found = assess(lesson, lucky);
        assertThat(found.isRight()).isFalse();
        assertThat(found.luck().orElseThrow().one().rows()).isNotEqualTo(found.luck().get().other().rows());
        assertThat(hints(lesson, lucky)).first().asString().contains("by luck");
        assertThat(hints(lesson, lucky)).contains("It needs no WHERE.");
    }

    /** What counts beside the rows is said by the question: the order and the names of columns do not by themselves. */
    @Property(tries = 40, edgeCases = EdgeCasesMode.NONE)
    void orderAndNamesCountWhereTheTaskSaysSo(@ForAll boolean order, @ForAll boolean headings) {
        String sorted = "SELECT k.keeper, h.hive FROM hives h JOIN keepers k ON h.keeper_id = k.keeper_id "
                + "ORDER BY k.keeper";
        Lesson lesson = showing(DemoLesson.lesson(), sorted,
                new Question.WriteQuery(new Demand(order, headings, false)));
        assertThat(assess(lesson, sorted).isRight()).isTrue();
        assertThat(assess(lesson, sorted.replace("SELECT k.keeper, h.hive", "SELECT h.hive, k.keeper")).isRight())
                .isTrue();
        assertThat(assess(lesson, sorted.replace("h.hive FROM", "h.hive AS place FROM")).isRight())
                .isEqualTo(!headings);
        // Equal in what they are sorted by, rows may change places.
        assertThat(assess(lesson, sorted + ", h.hive DESC").isRight()).isTrue();
        assertThat(assess(lesson, sorted + " DESC").isRight()).isEqualTo(!order);
        if (order) assertThat(hints(lesson, sorted + " DESC")).first().asString().contains("another order");
    }

    /** Nobody is told of rows that the tables declare never to have. */
    @Test
    void whatIsDeclaredOfATableHoldsWhereQueriesAreToldApart() {
        String met = "SELECT h.hive FROM hives h WHERE EXISTS (SELECT * FROM keepers k "
                + "WHERE k.keeper_id = h.keeper_id)";
        Lesson lesson = showing(DemoLesson.lesson(), met, new Question.WriteQuery(Demand.ROWS));
        String joined = "SELECT h.hive FROM hives h JOIN keepers k ON k.keeper_id = h.keeper_id";
        assertThat(assess(lesson, joined).isRight()).isTrue();
        Table keepers = lesson.table("keepers");
        Lesson undeclared =
                new ColumnEdit.Change("keepers", 0, keepers.columns().getFirst().key(false)).applyTo(lesson).expect();
        assertThat(keepers.columns().getFirst().key()).isTrue();
        assertThat(assess(undeclared, joined).luck()).isPresent();
    }

    @Property(tries = 60, edgeCases = EdgeCasesMode.NONE)
    void resultsAreMatchedWithTheQueriesThatGiveThem(@ForAll List<@IntRange(min = 10, max = 16) Integer> keys,
            @ForAll @IntRange(min = 0, max = 3) int kind) {
        Lesson keyed = SceneEdit.Write.of(sql(KINDS.get(kind), "")).applyTo(keyed(keys)).expect();
        Question.MatchResults question = Distractors.of(shown(keyed));
        Lesson lesson = new SceneEdit.Ask(Optional.of(Asked.plainly(question))).applyTo(keyed).expect();
        Asking asking = asking(lesson);
        if (question.others().isEmpty()) {
            assertThat(asking.answer(shown(lesson))).isEmpty();
            return;
        }
        Answer.Matched answer = (Answer.Matched) asking.answer(shown(lesson)).orElseThrow();
        assertThat(answer.hasTwins()).isFalse();
        List<Integer> own = answer.queries().stream().map(sql -> IntStream.range(0, answer.results().size())
                .filter(at -> answer.results().get(at).rows().size() == rows(sql, lesson)
                        && Demand.ROWS.isMet(answer.results().get(at), WrittenQuery.of(sql).on(lesson.tables())
                                .expect()))
                .findFirst().orElseThrow()).toList();
        Asking right = asking.guessing(new Guess.Matched(own));
        assertThat(right.judgement(shown(lesson)).orElseThrow().verdict()).isEqualTo(Verdict.RIGHT);
        List<Integer> turned = new ArrayList<>(own);
        Collections.rotate(turned, 1);
        Asking wrong = asking.guessing(new Guess.Matched(turned));
        assertThat(wrong.judgement(shown(lesson)).orElseThrow().verdict()).isEqualTo(Verdict.WRONG);
        assertThat(Hints.of(wrong, shown(lesson)).getFirst().in(Said.ENGLISH).text()).contains("uery 1");
        // A guess at results that there are not is none.
        Asking odd = asking.guessing(new Guess.Matched(own.stream().map(result -> result + 9).toList()));
        assertThat(odd.judgement(shown(lesson)).orElseThrow().verdict()).isEqualTo(Verdict.WRONG);
        assertThat(Hints.of(odd, shown(lesson))).isNotEmpty();
        assertThat(asking.matched().choosing(0, 1).choosing(1, 1).results()).startsWith(Guess.Matched.NONE, 1);
    }

    /** What was answered goes with its scene, stays with a question that is asked of other rows, and ends with it. */
    @Test
    void resultsStayWithTheirQuestions() {
        Lesson lesson = Course.HIVES_AND_KEEPERS.lesson();
        Attempt right = new Attempt(Optional.of(new Guess.Number(3)), Optional.empty(), true, 0, true, false);
        Results results = new Results(lesson, Map.of()).with(1, right);
        assertThat(results.right()).isEqualTo(1);
        Lesson repeated = new ScenesEdit.Repeat(Set.of(1)).applyTo(lesson).expect();
        Results twice = new Results(repeated, Map.of()).with(2, right);
        assertThat(twice.in(repeated.at(4)).attempts()).containsOnlyKeys(2);
        assertThat(results.in(new ScenesEdit.Drop(Set.of(0)).applyTo(lesson).expect()).attempts()).containsOnlyKeys(0);
        Lesson edited = SceneEdit.Write.of("SELECT * FROM hives").applyTo(lesson.at(1)).expect();
        assertThat(results.in(edited).attempts()).containsOnlyKeys(1);
        Lesson other = new SceneEdit.Ask(Optional.of(Asked.plainly(new Question.WhichKind()))).applyTo(lesson.at(1))
                .expect();
        assertThat(results.in(other).attempts()).isEmpty();
    }

    @Test
    void whatAQuestionMayMeanBesideIsTold() {
        String left = sql(JoinKind.LEFT_OUTER, "");
        Lesson told = showing(DemoLesson.lesson(), left, new Question.WriteQuery(Demand.ROWS));
        assertThat(OtherMeaning.of(asking(told), shown(told))).isEmpty();
        // Where every hive has its keeper, an inner join gives the same.
        Lesson alike = showing(keyed(List.of(11, 11, 12, 12, 14, 14, 14)), left, new Question.WriteQuery(Demand.ROWS));
        OtherMeaning other = OtherMeaning.of(asking(alike), shown(alike)).orElseThrow();
        assertThat(other.sql()).contains("INNER JOIN");
        assertThat(other.differs().one().rows()).isNotEqualTo(other.differs().other().rows());
        Lesson gap =
                new SceneEdit.Ask(Optional.of(Asked.plainly(new Question.FillGap(Gap.ON)))).applyTo(alike).expect();
        assertThat(OtherMeaning.of(asking(gap), shown(gap))).isEmpty();
    }

    @Test
    void theQuestionsOfTheLessonsThatComeAlongMeanOneThing() {
        for (Course shipped : Course.values()) {
            Lesson lesson = shipped.lesson();
            for (int scene = 0; scene < lesson.scenes().size(); scene++) {
                Lesson at = lesson.at(scene);
                assertThat(Asking.of(at).flatMap(asking -> OtherMeaning.of(asking, shown(at))))
                        .as(shipped + " " + scene)
                        .isEmpty();
            }
        }
    }

    @Test
    void theQueriesOfAQuestionFollowANewName() {
        Lesson lesson = showing(DemoLesson.lesson(), sql(JoinKind.INNER, ""),
                new Question.MatchResults(List.of(sql(JoinKind.LEFT_OUTER, ""))));
        Lesson renamed = new TableEdit.Rename("keepers", "people").applyTo(lesson).expect();
        assertThat(asking(renamed).answer(shown(renamed))).isPresent();
    }

    @Test
    void aGapIsFilledByWhatMeansTheSame() {
        Lesson lesson = showing(DemoLesson.lesson(), sql(JoinKind.LEFT_OUTER, ""), new Question.FillGap(Gap.ON));
        assertThat(asking(lesson).said(shown(lesson), Said.ENGLISH)).contains("LEFT JOIN keepers k ON ____");
        assertThat(asking(lesson).answered(shown(lesson), Said.ENGLISH)).contains("h.keeper_id = k.keeper_id");
        assertThat(assess(lesson, "k.keeper_id = h.keeper_id").isRight()).isTrue();
        assertThat(assess(lesson, "k.keeper_id = h.hive_no").isRight()).isFalse();
        assertThat(hints(lesson, "k.keeper_id = h.hive_no")).contains("Look at your ON.");
        assertThat(hints(lesson, "k.keeper = ")).first().asString().startsWith("Your query cannot run yet.");
    }

    @Test
    void withoutJoinMeansWithoutIt() {
        Lesson lesson = showing(DemoLesson.lesson(), sql(JoinKind.INNER, ""), new Question.SayWithoutJoin());
        assertThat(assess(lesson, sql(JoinKind.INNER, "")).isRight()).isFalse();
        assertThat(hints(lesson, sql(JoinKind.INNER, ""))).first().asString().contains("still a JOIN");
        assertThat(
                assess(lesson, "SELECT hive, keeper FROM hives h, keepers k WHERE h.keeper_id = k.keeper_id").isRight())
                .isTrue();
        String answer = asking(lesson).answered(shown(lesson), Said.ENGLISH).orElseThrow();
        assertThat(answer).doesNotContain("JOIN");
        assertThat(assess(lesson, answer).isRight()).isTrue();
    }

    @Test
    void aMistakeThatHasANameIsNamed() {
        Lesson lesson = showing(DemoLesson.lesson(),
                "SELECT h.hive FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id AND k.village = 'Ashholt'",
                new Question.WriteQuery(Demand.ROWS));
        assertThat(hints(lesson, "SELECT h.hive FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id "
                + "WHERE k.village = 'Ashholt'")).first().asString().contains("WHERE");
    }

    @Property(tries = 6, edgeCases = EdgeCasesMode.NONE)
    void tasksThatAreMadeAreNotAlikeAndEachHasItsAnswer(@ForAll @IntRange(min = 0, max = 99) int seed,
            @ForAll Difficulty difficulty) {
        Set<Question.Sort> sorts = EnumSet.complementOf(EnumSet.of(Question.Sort.IN_WORDS));
        TaskMaker maker = new TaskMaker(sorts, difficulty, 18, seed);
        Lesson lesson = DemoLesson.lesson();
        List<Scene> tasks = maker.of(lesson, Said.ENGLISH, _ -> true).expect();
        assertThat(tasks).isEqualTo(maker.of(lesson, Said.ENGLISH, _ -> true).expect()).hasSize(18);
        assertThat(tasks.stream().map(task -> task.telling().title()).distinct()).hasSize(18);
        assertThat(tasks.stream().map(task -> List.of(task.written(), task.asked())).distinct()).hasSize(18);
        assertThat(tasks.stream().map(task -> task.asked().orElseThrow().question().sort()).distinct().count())
                .isGreaterThan(6);
        for (Scene task : tasks) {
            Lesson with = new ScenesEdit.Show("", List.of(task)).applyTo(lesson).expect();
            Asking asking = asking(with);
            assertThat(asking.said(shown(with), Said.ENGLISH)).isNotBlank();
            switch (asking.question()) {
                case Question.WriteQuery _,Question.FillGap _,Question.SayWithoutJoin() ->
                    assertThat(assess(with, asking.solution(shown(with))).isRight()).as(task.toString()).isTrue();
                case Question.WhichKind() -> {
                    JoinKind right = shown(with).kind().orElseThrow();
                    for (JoinKind kind : KINDS)
                        assertThat(asking.guessing(new Guess.Kind(kind))
                                .judgement(shown(with)).orElseThrow().verdict() == Verdict.RIGHT)
                                .isEqualTo(kind == right);
                }
                case Question.MatchResults(var others) -> assertThat(others).isNotEmpty();
                default -> assertThat(asking.answered(shown(with), Said.ENGLISH)).isPresent();
            }
        }
    }

    /** The fewest rows come first; where nothing can be found, nothing is. */
    @Test
    void smallTablesAreFoundOnWhichSomethingIsToBeSeen() {
        Lesson lesson = DemoLesson.lesson();
        PlainJoin join = PlainJoin.of(lesson.table("hives"), JoinKind.INNER, lesson.table("keepers"),
                List.of(new KeyPair("keeper_id", "keeper_id")));
        for (JoinKind other : List.of(JoinKind.LEFT_OUTER, JoinKind.RIGHT_OUTER, JoinKind.FULL_OUTER)) {
            List<Table> found = found(lesson, new Point.KindsDiffer(join, JoinKind.INNER, other, 1));
            assertThat(found.stream().filter(table -> List.of("hives", "keepers").contains(table.name()))
                    .mapToInt(table -> table.rows().size()).sum()).isEqualTo(1);
        }
        List<Table> alike = found(lesson, new Point.KindsAlike(join));
        assertThat(alike.get(0).rows()).hasSize(1);
        assertThat(alike.get(1).rows()).hasSize(1);
        String notIn = "SELECT keeper FROM keepers WHERE keeper_id NOT IN (SELECT keeper_id FROM hives)";
        String notExists = "SELECT keeper FROM keepers k WHERE NOT EXISTS (SELECT * FROM hives h "
                + "WHERE h.keeper_id = k.keeper_id)";
        List<Table> differing = found(lesson, new Point.QueriesDiffer(notIn, notExists));
        assertThat(differing.get(0).rows()).extracting(row -> row.value(2).isNull()).contains(true);
        assertThat(new PointSearch(lesson, new Point.QueriesDiffer(notIn, notIn)).find(_ -> true))
                .isEqualTo(Checked.invalid(Problem.of(new WorkFault.SameOnAnyTables())));
        assertThat(hopeless(lesson, new Point.QueriesDiffer(notExists, "SELECT keeper FROM nowhere")))
                .isInstanceOf(QueryFault.NotThere.class);
        assertThat(hopeless(lesson, new Point.QueriesDiffer("SELECT 1", "SELECT 2")))
                .isEqualTo(new WorkFault.NamesNoTable());
        assertThat(hopeless(lesson, new Point.QueriesDiffer("SELECT * FROM hives h JOIN keepers k ON h.keeper_id = "
                + "k.keeper_id", "SELECT * FROM hives h, keepers k WHERE h.keeper_id = k.keeper_id")))
                .isEqualTo(new WorkFault.SameOnAnyTables());
        assertThat(hopeless(lesson, new Point.KindsDiffer(join, JoinKind.INNER, JoinKind.INNER, 1)))
                .isEqualTo(new WorkFault.SameKind(JoinKind.INNER));
        Scene scene = PointSearch.shown(lesson.scene(), lesson, differing);
        Lesson with = new ScenesEdit.Show("", List.of(scene)).applyTo(lesson).expect();
        assertThat(rows(notIn, with)).isNotEqualTo(rows(notExists, with));
    }

    private static Fault hopeless(Lesson lesson, Point point) {
        return new PointSearch(lesson, point).find(_ -> true).either(_ -> null, Problem::fault);
    }

    private static List<Table> found(Lesson lesson, Point point) {
        List<Table> found = new PointSearch(lesson, point).find(_ -> true).expect();
        assertThat(point.sight()).accepts(found);
        return found;
    }
}
