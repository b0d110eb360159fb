package lunko.handout.figure;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lunko.engine.Stage;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Fill;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.handout.drawing.Mark;
import lunko.phrase.Phrase;
import lunko.show.Showing;
import lunko.steps.Frame;

/** What is shown after a step: the title, the query, the rows, and why. */
public final class SceneFigure {
    private static final double LEAST = 520;
    private static final double BETWEEN = 20;
    /** The room around all of it. */
    public static final double AROUND = 28;

    private SceneFigure() {}

    /** All of it. */
    public static Drawing of(Subject subject) {
        Drawing stage = stage(subject);
        double width = width(stage);
        return Drawing.column(BETWEEN, List.of(head(subject, width), stage, why(subject, width))).padded(AROUND);
    }

    private static double width(Drawing stage) {
        return Math.max(LEAST, stage.width());
    }

    private static Drawing head(Subject subject, double width) {
        return Drawing.column(BETWEEN, List.of(title(subject, width), query(subject, width)));
    }

    /** How far below the top of all of it the rows begin. */
    public static double stageTop(Subject subject) {
        return AROUND + head(subject, width(stage(subject))).height() + BETWEEN;
    }

    private static Drawing title(Subject subject, double width) {
        String title = subject.showing().lesson().scene().telling().title();
        return TextFigure.of(title.isBlank() ? subject.showing().lesson().title() : title, Lettering.STRONG.of(18),
                Common.INK, width);
    }

    /** The query at hand. */
    public static Drawing query(Subject subject, double width) {
        return QueryFigure.of(subject.showing().lesson().staged().query().alone().sql().strip(),
                subject.showing().hues(), width);
    }

    /** The rows as they are after the step at hand. */
    public static Drawing stage(Subject subject) {
        Showing showing = subject.showing();
        Optional<Stage> whole = showing.wholeAtHand();
        if (showing.isMatching()) return JoinFigure.of(subject).map(JoinFigure::drawing).orElse(Drawing.EMPTY);
        if (showing.rowsAtHand().isPresent()) return StageFigure.rows(subject, showing.rowsAtHand().get());
        return Drawing.column(BETWEEN, List.of(
                JoinFigure.of(subject).map(JoinFigure::sources).orElse(Drawing.EMPTY),
                whole.map(stage -> StageFigure.result(subject, stage)).orElse(Drawing.EMPTY)));
    }

    /** What is said of the step at hand, or why there is none. */
    public static Drawing why(Subject subject, double width) {
        Showing showing = subject.showing();
        Optional<Frame> frame = showing.frame();
        Drawing said = frame.map(now -> now.shown().why().in(subject.in()))
                .map(phrase -> subject.phrases().of(phrase, 13, width - 18))
                .orElseGet(() -> showing.obstacle()
                        .map(problem -> TextFigure.of(subject.in().problems().of(problem.fault()).text(),
                                Lettering.TEXT.of(13), Common.INK,
                                width - 18))
                        .orElse(Drawing.EMPTY));
        return beside(said);
    }

    /** A sentence, with a bar before it, in letters of a size. */
    public static Drawing said(Subject subject, Phrase phrase, double size, double width) {
        return beside(subject.phrases().of(phrase, size, width - 18));
    }

    /** Something said, with a bar before it. */
    static Drawing beside(Drawing said) {
        if (said.isEmpty()) return said;
        List<Mark> bar = new ArrayList<>();
        bar.add(Mark.Outline.of(new Rectangle2D.Double(0, 0, 4, said.height()), new Fill.Flat(Common.NOW)));
        return new Drawing(4, said.height(), bar).under(said.moved(16, 0));
    }
}
