package lunko.handout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.awt.geom.PathIterator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.engine.JoinResult;
import lunko.engine.ResultCell;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Fill;
import lunko.handout.drawing.Mark;
import lunko.handout.figure.Glyph;
import lunko.handout.figure.Motif;
import lunko.handout.figure.QueryFigure;
import lunko.handout.figure.Subject;
import lunko.insight.picture.KindChart;
import lunko.insight.picture.PairGrid;
import lunko.insight.picture.TableHues;
import lunko.lesson.Lesson;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.steps.MatchFrame;
import lunko.steps.Step;
import lunko.table.Truth;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.GenerationMode;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.assertj.core.data.Offset;

/** Drawings say what the frame says, and no more. */
class FigureProperties {

    private static Drawing drawn(Motif motif, Subject subject) {
        Optional<Drawing> drawing = motif.of(subject);
        assumeThat(drawing).isPresent();
        return drawing.get();
    }

    /** All that is written, without its blanks, for lines may be broken anywhere between words. */
    private static String written(Drawing drawing) {
        return bare(drawing.text());
    }

    private static String bare(String text) {
        return text.replaceAll("[\\s\\p{Cf}]", "");
    }

    private static Stream<Mark.Outline> outlines(Drawing drawing) {
        return drawing.marks().stream().filter(Mark.Outline.class::isInstance).map(Mark.Outline.class::cast);
    }

    /** Whether a mark is a curve that leads from one place to another. */
    private static boolean isLane(Mark.Outline outline) {
        boolean curved = false;
        for (PathIterator path = outline.shape().getPathIterator(null); !path.isDone(); path.next()) {
            int segment = path.currentSegment(new double[6]);
            if (segment == PathIterator.SEG_CLOSE) return false;
            curved |= segment == PathIterator.SEG_CUBICTO;
        }
        return curved && outline.fill().isEmpty();
    }

    @Property(tries = 150, edgeCases = EdgeCasesMode.NONE)
    void aJoinIsDrawnAsTheFrameHasIt(@ForAll long seed) {
        Subject subject = Scenes.random(seed);
        assumeThat(subject.showing().frame()).isPresent();
        Drawing drawing = drawn(Motif.SCENE, subject);
        assertThat(written(drawing)).endsWith(bare(subject.showing().frame().get().shown().why()
                .in(Scenes.ENGLISH).text()));
        MatchFrame frame = subject.showing().match().orElseThrow();
        JoinResult outcome = subject.showing().outcome().orElseThrow();
        long lanes = frame.lanes().stream().mapToLong(List::size).sum();
        boolean compared = frame.step() instanceof Step.Compare(_, _, Truth verdict) && verdict != Truth.TRUE;
        assertThat(outlines(drawing).filter(FigureProperties::isLane)).hasSize((int) lanes + (compared ? 1 : 0));
        List<ResultCell> cells = frame.landed().stream()
                .flatMap(row -> outcome.columns().stream().map(column -> outcome.cell(row, column))).toList();
        assertThat(outlines(drawing).filter(mark -> mark.fill().filter(Fill.Hatch.class::isInstance).isPresent()))
                .hasSize((int) cells.stream().filter(ResultCell.Padded.class::isInstance).count());
        List<String> texts = List.of(drawing.text().split("\n"));
        for (ResultCell cell : cells) {
            String shown = cell.value().shown();
            assertThat(texts).anyMatch(text -> text.equals(shown)
                    || text.endsWith("…") && shown.startsWith(text.substring(0, text.length() - 1)));
        }
    }

    @Property(tries = 80, edgeCases = EdgeCasesMode.NONE)
    void thePicturesOfAJoinCountWhatTheJoinGives(@ForAll long seed) {
        Subject subject = Scenes.random(seed);
        assumeThat(subject.showing().outcome()).isPresent();
        JoinResult outcome = subject.showing().outcome().get();
        PairGrid grid = PairGrid.of(outcome);
        long pairs = 0;
        long unknown = 0;
        for (int left = 0; left < grid.lefts(); left++) {
            pairs += grid.pairs(Side.LEFT, left);
            unknown += grid.unknown(Side.LEFT, left);
        }
        Drawing cells = drawn(Motif.PAIRS, subject);
        assertThat(outlines(cells).filter(mark -> mark.fill().filter(Fill.Met.class::isInstance).isPresent()))
                .hasSize((int) pairs);
        assertThat(Stream.of(cells.text().split("\n")).filter("?"::equals)).hasSize((int) unknown);
        Motif.KINDS.of(subject).ifPresent(chart -> assertThat(Stream.of(chart.text().split("\n"))).containsAll(
                KindChart.kinds().stream().map(kind -> Long.toString(KindChart.of(outcome).orElseThrow().rows(kind)))
                        .toList()));
        Motif.VENN.of(subject).ifPresent(circles -> assertThat(circles.text().split("\n"))
                .contains(Long.toString(subject.showing().regions().orElseThrow().left().alone().size())));
    }

    @Property(tries = 60, edgeCases = EdgeCasesMode.NONE)
    void aQueryIsWrittenWholeInAnyWidth(@ForAll @IntRange(max = 19) int scene,
            @ForAll @DoubleRange(min = 120, max = 700) double width) {
        Lesson lesson = Scenes.demo().at(scene);
        String sql = lesson.staged().sql();
        Drawing drawing = QueryFigure.of(sql, TableHues.NONE, width);
        assertThat(written(drawing)).isEqualTo(bare(sql));
        // What is broken is broken at blanks: no condition is torn apart.
        int end = 0;
        double base = 0;
        for (Mark mark : drawing.marks()) {
            Mark.Text text = (Mark.Text) mark;
            int start = sql.indexOf(text.text(), end);
            if (start == end && end > 0) assertThat(text.base()).as(text.text()).isEqualTo(base);
            end = start + text.text().length();
            base = text.base();
        }
    }

    @Property(tries = 40)
    void aDrawingMadeSmallerFitsAndKeepsItsWords(@ForAll long seed,
            @ForAll @DoubleRange(min = 50, max = 900) double most) {
        Drawing drawing = drawn(Motif.SCENE, Scenes.random(seed));
        Drawing within = drawing.within(most);
        assertThat(within.width()).isLessThanOrEqualTo(Math.max(most, 0) + 1e-9 < drawing.width() ? most + 1e-6
                : drawing.width());
        assertThat(within.text()).isEqualTo(drawing.text());
        assertThat(within.height() / within.width()).isCloseTo(drawing.height() / drawing.width(),
                Offset.offset(1e-6));
    }

    @Property(generation = GenerationMode.EXHAUSTIVE)
    void noTwoKindsHaveTheSameSign(@ForAll JoinKind one, @ForAll JoinKind other) {
        assertThat(filled(one).equals(filled(other))).isEqualTo(one == other);
    }

    private static List<Boolean> filled(JoinKind kind) {
        return outlines(Glyph.of(kind)).map(bar -> bar.fill().isPresent()).toList();
    }
}
