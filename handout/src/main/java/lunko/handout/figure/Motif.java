package lunko.handout.figure;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import lunko.handout.drawing.Drawing;
import lunko.steps.Timeline;
import lunko.words.HandoutSentences;

/** What there are drawings of. */
public enum Motif {
    /** A scene: its title, its query, its rows, and why. */
    SCENE(HandoutSentences::scene, subject -> Optional.of(SceneFigure.of(subject))),
    /** Its rows alone, as they are after the step at hand. */
    STAGE(HandoutSentences::stage, subject -> Optional.of(SceneFigure.stage(subject)).filter(one -> !one.isEmpty())),
    /** What its query gives. */
    RESULT(HandoutSentences::result, subject -> subject.showing().timeline().map(Timeline::result)
            .map(result -> StageFigure.result(subject, result))),
    /** Circles with rows in them. */
    VENN(HandoutSentences::venn, VennFigure::of),
    /** Left rows by right rows. */
    PAIRS(HandoutSentences::pairGrid, PairGridFigure::of),
    /** What each kind of join makes of each row. */
    KINDS(HandoutSentences::kinds, KindChartFigure::of),
    /** What the query does, one stage after the other. */
    STAGES(HandoutSentences::stages, subject -> Optional.of(StagesFigure.of(subject)).filter(one -> !one.isEmpty())),
    /** The tables that the query takes rows from. */
    DATA(HandoutSentences::data, subject -> Optional.of(Drawing.column(24, TablesFigure.ofQuery(subject)))),
    /** The tables of the lesson, with keys and links. */
    TABLES(HandoutSentences::tables, subject -> Optional.of(TablesFigure.diagram(subject))),
    /** The sentence about the step at hand. */
    WHY(HandoutSentences::why, subject -> Optional.of(SceneFigure.why(subject, 560)));

    private static final double AROUND = 20;

    private final Function<HandoutSentences, String> said;
    private final Function<Subject, Optional<Drawing>> drawing;

    Motif(Function<HandoutSentences, String> said, Function<Subject, Optional<Drawing>> drawing) {
        this.said = said;
        this.drawing = drawing;
    }

    /** Its drawing; nothing, where there is nothing of the kind in what is shown. */
    public Optional<Drawing> of(Subject subject) {
        Optional<Drawing> drawn = drawing.apply(subject);
        return this == SCENE ? drawn : drawn.map(one -> one.padded(AROUND));
    }

    /** What it is called. */
    public String said(HandoutSentences in) {
        return said.apply(in);
    }

    /** Its name on the command line: {@code venn}. */
    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT);
    }
}
