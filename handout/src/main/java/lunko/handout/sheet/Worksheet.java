package lunko.handout.sheet;

import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.handout.drawing.Mark;
import lunko.handout.drawing.Pen;
import lunko.handout.figure.JoinFigure;
import lunko.handout.figure.QueryFigure;
import lunko.handout.figure.ResultFigure;
import lunko.handout.figure.StageFigure;
import lunko.handout.figure.Subject;
import lunko.handout.figure.TablesFigure;
import lunko.handout.figure.TextFigure;
import lunko.insight.question.Answer;
import lunko.insight.question.Gap;
import lunko.insight.question.Question;
import lunko.lesson.WrittenQuery;
import lunko.problem.Stretch;
import lunko.query.Side;
import lunko.show.Asking;
import lunko.show.Showing;

/**
 * What learners fill in: for each scene its tables, its query, what it asks, and an empty result.
 *
 * @param gaps what is missing in the queries
 */
public record Worksheet(Paper paper, Variant variant, Set<Gap> gaps) {
    /** Longer results are written down no farther. */
    private static final int MOST_LINES = 20;
    private static final int LEAST_LINES = 8;
    private static final double GAP = 20;
    private static final Lettering TITLE = Lettering.STRONG.of(16);
    private static final Lettering ABOUT = Lettering.TEXT.of(10.5);
    private static final Lettering TASK = Lettering.STRONG.of(11.5);

    /** Keeps its gaps as they are. */
    public Worksheet {
        gaps = Set.copyOf(gaps);
    }

    /** The tasks of a scene, numbered as they come. */
    private final class Tasks {
        private final Pages pages;
        private final Subject subject;
        private final Showing showing;
        private int number;

        Tasks(Pages pages, Subject subject) {
            this.pages = pages;
            this.subject = subject;
            this.showing = subject.showing();
        }

        private Drawing task(String said) {
            number++;
            return Drawing.row(8, List.of(TextFigure.line(Integer.toString(number), TASK, Common.INK),
                    TextFigure.of(said, TASK, Common.INK, paper.within() - 20)));
        }

        private double width() {
            return paper.within();
        }

        void write() {
            tables();
            Optional<Asking> asking = Asking.of(showing.lesson());
            asking.ifPresentOrElse(this::asked, () -> {
                query(gaps);
                showing.timeline().ifPresent(timeline -> result(timeline.result()));
            });
        }

        private void asked(Asking asking) {
            String said = asking.said(showing, subject.in());
            switch (asking.question()) {
                case Question.HowMany() -> {
                    query(gaps);
                    showing.timeline().ifPresent(timeline -> result(said, timeline.result()));
                }
                case Question.WhichRows _,Question.WhichPairs(),Question.InWords _ ->
                    withResult(said, lines(2, width()));
                case Question.WhatStands _ -> withResult(said, box());
                case Question.SayWithoutJoin() -> withResult(said, lines(4, width()));
                case Question.WhichKind() -> {
                    // A kind that is said by EXISTS would give itself away.
                    List<Stretch> kinds = missing(Set.of(Gap.KIND));
                    pages.add(GAP, task(said), kinds.isEmpty() ? lines(2, width()) : query(kinds));
                    rows();
                }
                case Question.WriteQuery _ -> {
                    pages.add(GAP, task(said), lines(4, width()));
                    rows();
                }
                case Question.FillGap(Gap gap) -> {
                    pages.add(GAP,
                            task(asking.asked().words().isBlank() ? subject.in().handouts().writeMissing() : said),
                            query(missing(Set.of(gap))));
                    rows();
                }
                case Question.ChangeData _ -> {
                    query(Set.of());
                    pages.add(GAP, task(said), lines(4, width()));
                }
                case Question.MatchResults _ -> asking.answer(showing)
                        .ifPresent(answer -> matching(said, (Answer.Matched) answer));
            }
        }

        /** The query, what is asked, and a result to be written down. */
        private void withResult(String said, Drawing room) {
            query(gaps);
            pages.add(GAP, task(said), room);
            showing.timeline().ifPresent(timeline -> result(timeline.result()));
        }

        /** The rows that a query gives, which is what is asked for. */
        private void rows() {
            showing.timeline().ifPresent(timeline -> pages.add(GAP, task(subject.in().handouts().theseRows()),
                    StageFigure.result(subject, timeline.result())));
        }

        /** Queries with a box for the sign of a result each, and the results under their signs. */
        private void matching(String said, Answer.Matched matched) {
            pages.add(GAP, task(said));
            for (int query = 0; query < matched.queries().size(); query++) {
                Drawing number = TextFigure.line(String.valueOf(query + 1), TASK, Common.INK);
                pages.add(GAP,
                        Drawing.row(10, List.of(number, box(), QueryFigure.of(matched.queries().get(query).strip(),
                                List.of(), showing.hues(), width() - 120))));
            }
            for (int result = 0; result < matched.results().size(); result++)
                pages.add(GAP, TextFigure.line(subject.in().questions().result(result), TASK, Common.INK),
                        ResultFigure.of(subject, matched.results().get(result)));
        }

        private void tables() {
            Optional<JoinFigure> join = JoinFigure.of(subject.at(0));
            boolean lone = showing.joins() == 1 && showing.outcome().filter(outcome -> outcome.kind().compares()
                    && outcome.join().on(Side.LEFT) instanceof Source
                    && outcome.join().on(Side.RIGHT) instanceof Source)
                    .isPresent();
            if (lone && join.isPresent()) {
                pages.add(GAP, task(subject.in().handouts().drawLines()), join.get().sources());
                return;
            }
            List<Drawing> drawn = TablesFigure.ofQuery(subject).stream().map(table -> table.scaled(0.85)).toList();
            pages.add(GAP, Drawing.row(40, drawn.subList(0, Math.min(2, drawn.size()))));
            for (Drawing more : drawn.subList(Math.min(2, drawn.size()), drawn.size())) pages.add(GAP, more);
        }

        private void query(Set<Gap> wanted) {
            List<Stretch> missing = missing(wanted);
            if (missing.isEmpty()) pages.add(GAP, query(missing));
            else pages.add(GAP, task(subject.in().handouts().writeMissing()), query(missing));
        }

        private List<Stretch> missing(Set<Gap> wanted) {
            return WrittenQuery.of(sql()).read().either(read -> Gap.in(read.script(), read.query(), wanted),
                    _ -> List.of());
        }

        private Drawing query(List<Stretch> missing) {
            return QueryFigure.of(sql(), missing, showing.hues(), width());
        }

        private String sql() {
            return showing.lesson().staged().query().alone().sql().strip();
        }

        private void result(Stage result) {
            result(subject.in().handouts().howManyRows(), result);
        }

        private void result(String howMany, Stage result) {
            pages.add(GAP, Drawing.row(10, List.of(task(howMany), box())));
            int rows = result.rows().size();
            // So the number of lines says little of the number of rows.
            int lines = Math.clamp(4L * (rows / 4 + 1), LEAST_LINES, MOST_LINES);
            String said = rows < lines ? subject.in().handouts().writeResult()
                    : subject.in().handouts().writeFirst(lines);
            pages.add(GAP, task(said), ResultFigure.blank(subject, result, lines, width()));
        }
    }

    /** Its pages for the scenes of a lesson, each scene beginning a page. */
    public List<Drawing> of(List<Subject> scenes) {
        Pages pages = new Pages(paper);
        String lesson = "";
        for (Subject subject : scenes) {
            pages.turn();
            lesson = subject.showing().lesson().title();
            pages.add(0, TextFigure.of(title(subject), TITLE, Common.INK, paper.within()), fields(subject));
            new Tasks(pages, subject).write();
        }
        return scenes.isEmpty() ? List.of()
                : pages.all(scenes.getFirst().in().handouts().foot(lesson), scenes.getFirst().in());
    }

    static String title(Subject subject) {
        String lesson = subject.showing().lesson().title();
        String scene = subject.showing().lesson().scene().telling().title();
        return scene.isBlank() ? lesson : subject.in().handouts().title(lesson, scene);
    }

    private Drawing fields(Subject subject) {
        Drawing letter = TextFigure.line(subject.in().handouts().worksheet(variant.letter()), ABOUT, Common.MUTE);
        Drawing name = TextFigure.line(subject.in().handouts().name(), ABOUT, Common.MUTE);
        Drawing date = TextFigure.line(subject.in().handouts().date(), ABOUT, Common.MUTE);
        return Drawing.row(8, List.of(letter.sized(letter.width() + 12, letter.height()), name, lines(1, 170), date,
                lines(1, 90)));
    }

    /** Lines to write on. */
    static Drawing lines(int count, double width) {
        List<Mark> marks = new ArrayList<>();
        for (int line = 0; line < count; line++) {
            double y = count == 1 ? 13 : 24.0 * (line + 1);
            marks.add(Mark.Outline.of(new Line2D.Double(0, y, width, y), Pen.of(Common.MUTE, 0.7)));
        }
        return new Drawing(width, count == 1 ? 15 : 24.0 * count + 2, marks);
    }

    /** A box for a number or a word. */
    static Drawing box() {
        return new Drawing(80, 26,
                List.of(Mark.Outline.of(new Rectangle2D.Double(0.5, 0.5, 79, 24), Pen.of(Common.INK, 1))));
    }
}
