package lunko.handout.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.engine.Stage;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.handout.figure.JoinFigure;
import lunko.handout.figure.ResultFigure;
import lunko.handout.figure.SceneFigure;
import lunko.handout.figure.Subject;
import lunko.handout.figure.TextFigure;
import lunko.insight.explanation.EveryWhy;
import lunko.insight.question.Question;
import lunko.show.Asking;
import lunko.show.Showing;

/** What a worksheet should have come to: for each scene the result, the lanes, and why each row is there or is not. */
public record AnswerSheet(Paper paper, Variant variant) {
    /** Of more rows, no more is said. */
    private static final int MOST_WHYS = 40;
    private static final double BETWEEN_WHYS = 6;
    private static final double GAP = 16;
    private static final Lettering TITLE = Lettering.STRONG.of(16);
    private static final Lettering ABOUT = Lettering.TEXT.of(10.5);
    private static final Lettering HEAD = Lettering.STRONG.of(12);

    /** Its pages for the scenes of a lesson, each scene beginning a page. */
    public List<Drawing> of(List<Subject> scenes) {
        Pages pages = new Pages(paper);
        String lesson = "";
        for (Subject subject : scenes) {
            lesson = subject.showing().lesson().title();
            pages.together(blocks(subject));
        }
        return scenes.isEmpty() ? List.of()
                : pages.all(scenes.getFirst().in().handouts().foot(lesson), scenes.getFirst().in());
    }

    private List<Pages.Block> blocks(Subject subject) {
        Showing showing = subject.showing();
        List<Drawing> parts = new ArrayList<>();
        parts.add(Drawing.column(8, List.of(TextFigure.of(subject.in().handouts().answersTo(Worksheet.title(subject)),
                TITLE, Common.INK, paper.within()),
                TextFigure.line(subject.in().handouts().worksheet(variant.letter()), ABOUT, Common.MUTE))));
        JoinFigure.of(subject).ifPresent(join -> parts.add(join.sources()));
        parts.add(SceneFigure.query(subject, paper.within()));
        asked(subject).ifPresent(parts::add);
        showing.timeline().ifPresentOrElse(
                timeline -> parts.add(Drawing.column(8,
                        List.of(TextFigure.line(sum(subject, timeline.result()), HEAD, Common.INK),
                                ResultFigure.of(subject, timeline.result())))),
                () -> parts.add(SceneFigure.why(subject, paper.within())));
        return Stream.concat(parts.stream().map(part -> new Pages.Block(GAP, part)), whys(subject).stream()).toList();
    }

    /** Why each row is there or is not, each sentence once. */
    private List<Pages.Block> whys(Subject subject) {
        Showing showing = subject.showing();
        if (showing.timeline().isEmpty()) return List.of();
        List<Drawing> said = new EveryWhy(showing.timeline().get(),
                showing.joins() == 1 ? showing.outcome() : Optional.empty())
                .said(MOST_WHYS).stream().map(sentence -> sentence.in(subject.in())).distinct()
                .map(phrase -> SceneFigure.said(subject, phrase, 10, paper.within())).toList();
        if (said.isEmpty()) return List.of();
        Drawing first = Drawing.column(8,
                List.of(TextFigure.line(subject.in().handouts().why(), HEAD, Common.INK), said.getFirst()));
        return Stream.concat(Stream.of(new Pages.Block(GAP, first)),
                said.stream().skip(1).map(why -> new Pages.Block(BETWEEN_WHYS, why))).toList();
    }

    /** The question of the scene with its answer. */
    private Optional<Drawing> asked(Subject subject) {
        return Asking.of(subject.showing().lesson())
                .filter(asking -> asking.question().sort() != Question.Sort.WRITE_QUERY)
                .flatMap(asking -> asking.answered(subject.showing(), subject.in()).map(answer -> Drawing.column(4,
                        List.of(TextFigure.of(asking.said(subject.showing(), subject.in()), HEAD, Common.INK,
                                paper.within()),
                                TextFigure.of(written(asking, answer, subject), Lettering.TEXT, Common.INK,
                                        paper.within())))));
    }

    /** What somebody has written as an answer holds for the rows that they saw. */
    private String written(Asking asking, String answer, Subject subject) {
        return asking.question() instanceof Question.InWords && variant.number() > 0
                ? subject.in().handouts().writtenFor(new Variant(0).letter(), answer) : answer;
    }

    /** How many rows there are, and where that is a matter of one join, how that comes about. */
    private static String sum(Subject subject, Stage result) {
        Showing showing = subject.showing();
        boolean ofJoin = showing.joins() == 1 && showing.outcome().orElseThrow().size() == result.rows().size();
        return ofJoin ? subject.in().results().sum(result.rows().size(), showing.outcome().orElseThrow().sum())
                : subject.in().counts().rows(result.rows().size());
    }
}
