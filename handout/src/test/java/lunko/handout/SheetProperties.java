package lunko.handout;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.Stage;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Letters;
import lunko.handout.drawing.Mark;
import lunko.handout.figure.Subject;
import lunko.handout.paint.Palette;
import lunko.handout.sheet.AnswerSheet;
import lunko.handout.sheet.Paper;
import lunko.handout.sheet.SummarySheet;
import lunko.handout.sheet.Variant;
import lunko.handout.sheet.Worksheet;
import lunko.insight.question.Asked;
import lunko.insight.question.Gap;
import lunko.insight.question.Question;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.practice.Distractors;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.table.Value;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** Worksheets, and whether their answers are right. */
class SheetProperties {
    private static final Variant A = new Variant(0);

    private static String text(List<Drawing> pages) {
        return pages.stream().map(Drawing::text).collect(Collectors.joining("\n"));
    }

    @Property(tries = 60, edgeCases = EdgeCasesMode.NONE)
    void answersAreThoseOfTheEngine(@ForAll @IntRange(max = 19) int scene, @ForAll @IntRange(max = 25) int variant) {
        Lesson lesson = new Variant(variant).of(Scenes.demo().at(scene));
        Subject subject = Scenes.subject(lesson);
        String sheet = text(new AnswerSheet(Paper.A4, new Variant(variant)).of(List.of(subject)));
        // Found anew, without what the sheet was made of.
        Stage result = lesson.staged().query().on(lesson.tables()).expect();
        List<String> lines = List.of(sheet.split("\n"));
        List<String> cells = new ArrayList<>();
        result.rows().forEach(row -> row.forEach(value -> cells.add(value.shown())));
        assertThat(lines).containsAll(cells);
        assertThat(sheet).contains(Scenes.ENGLISH.counts().rows(result.rows().size()));
        assertThat(lines).contains("Worksheet " + new Variant(variant).letter());
    }

    @Property(tries = 80, edgeCases = EdgeCasesMode.NONE)
    void aVariantIsAsDifficultAsTheTablesThemselves(@ForAll @IntRange(max = 19) int scene,
            @ForAll @IntRange(min = 1, max = 25) int variant) {
        Lesson before = Scenes.demo().at(scene);
        Lesson after = new Variant(variant).of(before);
        assertThat(after.tables()).hasSameSizeAs(before.tables());
        for (int i = 0; i < before.tables().size(); i++) {
            for (int column = 0; column < before.tables().get(i).columns().size(); column++)
                assertThat(values(after, i, column)).containsExactlyInAnyOrderElementsOf(values(before, i, column));
        }
        before.links().stream().filter(link -> link.pairs().size() == 1).forEach(link -> {
            for (JoinKind kind : JoinKind.values())
                assertThat(rows(after, link.left(), kind, link.right(), link.pairs()))
                        .isEqualTo(rows(before, link.left(), kind, link.right(), link.pairs()));
        });
    }

    private static List<Value> values(Lesson lesson, int table, int column) {
        return lesson.tables().get(table).rows().stream().map(row -> row.value(column)).toList();
    }

    private static long rows(Lesson lesson, String left, JoinKind kind, String right,
            List<KeyPair> pairs) {
        if (left.equals(right)) return 0;
        Lesson joined = Lesson.of("", lesson.table(left), kind, lesson.table(right), pairs);
        return Showing.of(joined, JoinAlgorithm.NESTED_LOOP).rows().orElseThrow();
    }

    @Example
    void variantsDifferFromEachOtherAndAreTheSameEachTime() {
        Lesson lesson = Scenes.demo().at(1);
        assertThat(new Variant(1).of(lesson).tables()).isNotEqualTo(lesson.tables())
                .isNotEqualTo(new Variant(2).of(lesson).tables()).isEqualTo(new Variant(1).of(lesson).tables());
        assertThat(new Variant(0).of(lesson)).isSameAs(lesson);
        // All but the keys of hives are dealt.
        assertThat(values(new Variant(1).of(lesson), 0, 0)).isEqualTo(values(lesson, 0, 0));
        for (int column = 1; column < 4; column++) {
            int at = column;
            assertThat(IntStream.rangeClosed(1, 5).mapToObj(one -> values(new Variant(one).of(lesson), 0, at)).toList())
                    .anyMatch(dealt -> !dealt.equals(values(lesson, 0, at)));
        }
    }

    @Example
    void aWorksheetGivesNothingAway() {
        Subject subject = Scenes.subject(Scenes.demo("SELECT h.hive, k.keeper FROM hives h LEFT JOIN keepers k"
                + " ON h.keeper_id = k.keeper_id WHERE h.hive <> 'Zest'"));
        String plain = text(new Worksheet(Paper.A4, A, Set.of()).of(List.of(subject)));
        String gaps = text(new Worksheet(Paper.A4, A, Set.of(Gap.values())).of(List.of(subject)));
        assertThat(plain).contains("LEFT\nJOIN", "'Zest'").doesNotContain("kept", "pairs");
        assertThat(gaps).contains("SELECT", "FROM", "WHERE", "Write what is missing")
                .doesNotContain("LEFT", "'Zest'", "kept", "=");
        // What matches is for the learner to draw.
        assertThat(new Worksheet(Paper.A4, A, Set.of()).of(List.of(subject)).getFirst().marks())
                .noneMatch(mark -> mark instanceof Mark.Outline outline
                        && outline.shape() instanceof Path2D path && path.getBounds2D().getWidth() > 60
                        && outline.fill().isEmpty() && path.getBounds2D().getHeight() > 3
                        && outline.pen().filter(pen -> pen.width() > 1.2).isPresent());
    }

    @Example
    void aWorksheetThatAsksForTheKindDoesNotShowIt() {
        for (String sql : List.of("SELECT * FROM keepers k WHERE EXISTS (SELECT * FROM hives h WHERE h.keeper_id = "
                + "k.keeper_id)", "SELECT * FROM hives h FULL JOIN keepers k ON h.keeper_id = k.keeper_id")) {
            Lesson asking = new SceneEdit.Ask(Optional.of(new Asked(new Question.WhichKind(), "Which one, then?")))
                    .applyTo(Scenes.demo(sql)).expect();
            assertThat(text(new Worksheet(Paper.A4, A, Set.of()).of(List.of(Scenes.subject(asking)))))
                    .contains("Which one, then?", "Oda").doesNotContain("EXISTS", "FULL");
        }
    }

    /** Whatever is asked stands there, with room for it; and where rows are asked about, they are there. */
    @Example
    void aWorksheetAsksWhateverASceneAsks() {
        Lesson demo = Scenes.demo("SELECT h.hive, k.keeper FROM hives h LEFT JOIN keepers k ON h.keeper_id = "
                + "k.keeper_id");
        for (Question.Sort sort : Question.Sort.values()) {
            Question question = sort == Question.Sort.MATCH_RESULTS
                    ? Distractors.of(Scenes.subject(demo).showing()) : sort.usual();
            Lesson asking = new SceneEdit.Ask(Optional.of(new Asked(question, "Well, what?"))).applyTo(demo).expect();
            String sheet = text(new Worksheet(Paper.A4, A, Set.of()).of(List.of(Scenes.subject(asking))));
            assertThat(sheet).as(sort.name()).contains("Well, what?");
            boolean ofRows = List.of(Question.Sort.WHICH_KIND, Question.Sort.WRITE_QUERY, Question.Sort.FILL_GAP,
                    Question.Sort.MATCH_RESULTS).contains(sort);
            assertThat(sheet.lines().filter("Sainfoin"::equals).count()).as(sort.name()).isGreaterThan(ofRows ? 1 : 0);
            if (sort == Question.Sort.FILL_GAP) assertThat(sheet).doesNotContain("=");
            if (sort == Question.Sort.MATCH_RESULTS) assertThat(sheet).contains("FULL", "RIGHT", "INNER");
        }
    }

    @Property(tries = 40, edgeCases = EdgeCasesMode.NONE)
    void everySheetIsOnItsPaper(@ForAll @IntRange(max = 60) int scene, @ForAll Paper paper) {
        Subject subject = scene < 20 ? Scenes.subject(Scenes.demo().at(scene)) : Scenes.random(scene);
        List<Drawing> pages = new ArrayList<>(new Worksheet(paper, A, Set.of(Gap.KIND)).of(List.of(subject)));
        pages.addAll(new AnswerSheet(paper, A).of(List.of(subject)));
        pages.addAll(new SummarySheet(paper).of(subject.showing().lesson(), Scenes.ENGLISH));
        for (Drawing page : pages) {
            assertThat(page.marks()).allSatisfy(mark -> {
                double right = mark instanceof Mark.Text text
                        ? text.x() + Letters.width(text.text(), text.lettering())
                        : ((Mark.Outline) mark).shape().getBounds2D().getMaxX();
                double down = mark instanceof Mark.Text text ? text.base()
                        : ((Mark.Outline) mark).shape().getBounds2D().getMaxY();
                assertThat(right).isBetween(0.0, page.width());
                assertThat(down).isBetween(0.0, page.height());
            });
        }
    }

    @Example
    void theSummaryHasEveryKindOnOnePage() {
        List<Drawing> pages = new SummarySheet(Paper.LETTER).of(Scenes.demo().at(1), Scenes.ENGLISH);
        assertThat(pages).hasSize(1);
        for (JoinKind kind : JoinKind.values())
            assertThat(text(pages)).contains(Scenes.ENGLISH.names().kind(kind));
        assertThat(text(pages)).contains("3 rows: 3 pairs", "7 rows: 3 pairs + 2 + 2 kept", "20 rows: 5 × 4");
        assertThat(Options.in(Palette.PRINT).variants()).isOne();
    }
}
