package lunko.handout.sheet;

import java.util.List;
import java.util.Optional;
import lunko.engine.Stage;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.handout.figure.JoinFigure;
import lunko.handout.figure.ResultGrid;
import lunko.handout.figure.SceneFigure;
import lunko.handout.figure.Subject;
import lunko.handout.figure.TextFigure;
import lunko.insight.explanation.EveryWhy;
import lunko.insight.question.Question;
import lunko.phrase.Phrase;
import lunko.show.Asking;
import lunko.show.Showing;

/** What a worksheet should have come to: for each scene the result, the lanes, and why each row is there or is not. */
public record AnswerSheet(Paper paper, Variant variant) {
    /** Of more rows, no more is said. */
    private static final int MOST_WHYS = 40;
    private static final double GAP = 18;
    private static final Lettering TITLE = Lettering.STRONG.of(16);
    private static final Lettering ABOUT = Lettering.TEXT.of(10.5);
    private static final Lettering HEAD = Lettering.STRONG.of(12);

    /** Its pages for the scenes of a lesson, each scene beginning a page. */
    public List<Drawing> of(List<Subject> scenes) {
        Pages pages = new Pages(paper);
        String lesson = "";
        for (Subject subject : scenes) {
            pages.turn();
            lesson = subject.showing().lesson().title();
            add(subject, pages);
        }
        return scenes.isEmpty() ? List.of()
                : pages.all(scenes.getFirst().in().handouts().foot(lesson), scenes.getFirst().in());
    }

    private void add(Subject subject, Pages pages) {
        Showing showing = subject.showing();
        pages.add(0, TextFigure.of(subject.in().handouts().answersTo(Worksheet.title(subject)), TITLE, Common.INK,
                paper.within()),
                TextFigure.line(subject.in().handouts().worksheet(variant.letter()), ABOUT, Common.MUTE));
        JoinFigure.of(subject).ifPresent(join -> pages.add(GAP, join.sources()));
        pages.add(GAP, SceneFigure.query(subject, paper.within()));
        asked(subject).ifPresent(said -> pages.add(GAP, said));
        if (showing.timeline().isEmpty()) {
            pages.add(GAP, SceneFigure.why(subject, paper.within()));
            return;
        }
        Stage result = showing.timeline().get().result();
        pages.add(GAP, TextFigure.line(sum(subject, result), HEAD, Common.INK), ResultGrid.of(subject, result));
        List<Phrase> whys = whys(subject);
        for (int i = 0; i < whys.size(); i++) {
            Drawing said = SceneFigure.said(subject, whys.get(i), 10.5, paper.within());
            if (i == 0) pages.add(GAP, TextFigure.line(subject.in().handouts().why(), HEAD, Common.INK), said);
            else pages.add(7, said);
        }
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

    /** Why each row is there or is not, each sentence once. */
    private static List<Phrase> whys(Subject subject) {
        Showing showing = subject.showing();
        return new EveryWhy(showing.timeline().orElseThrow(),
                showing.joins() == 1 ? showing.outcome() : Optional.empty())
                .said(MOST_WHYS).stream().map(sentence -> sentence.in(subject.in())).distinct().toList();
    }
}
